import type { GlanceView, StatementRulingView } from '@dotting/contract';
import {
  canBeBorn,
  type Counter,
  claimedTo,
  dayOf,
  dotsFor,
  doubledTries,
  fittingCounters,
  flawOf,
  isRecent,
  nextSteps,
  roomSkills,
  skillOf,
  surelyTo,
  statementFor,
  saidFor,
  summarise,
  type LookSummary,
  type NextStep,
  type OwnMoves,
  type Schools,
  type SkillId,
  type StaffId,
  type Statement,
  type TaskId,
  type Trace,
  type TraceId,
} from '@dotting/core';
import type { Child } from '../nursery/child.entity.js';
import type { StepDecisionRow } from '../decisions/decisions.entity.js';
import { skillLines, type SkillLine } from './skillLines.js';

/** Raised whenever a summary of the same evidence would come out otherwise: all are made again then. */
export const makeup = 9;

/** What the room's table shows of each child: of counting itself, and of what goes beyond it. */
const shownSkills: readonly SkillId[] = [...roomSkills.counting, ...roomSkills.beyond];
const shownDots = 20;
const shownMonths = 4;

/** What the room and the day need of a child. */
export interface Glance {
  /** YYYY-MM-DD; null where nobody has looked. */
  readonly lastLook: string | null;
  readonly triesBy: Readonly<Record<StaffId, number>>;
  readonly skills: readonly GlanceView[];
  /** How far the row could be said to go at each month's end; null: nobody had looked. */
  readonly months: readonly { readonly day: string; readonly row: number | null }[];
  readonly looks: readonly LookSummary[];
  /** What is worth doing, as far as sitting together asks. */
  readonly open: readonly { readonly task: TaskId; readonly n: number }[];
  /** Tries on record from which nothing can be read. */
  readonly unread: number;
  /** Recent tries that two devices may both have recorded. */
  readonly doubles: readonly (readonly [TraceId, TraceId])[];
}

export interface Steps {
  readonly choices: readonly SkillId[];
  readonly easier: NextStep;
  readonly bySkill: Readonly<Partial<Record<SkillId, NextStep>>>;
}

export type Lines = readonly SkillLine[];

export interface ChildSummary {
  readonly glance: Glance;
  readonly steps: Steps;
  readonly lines: Lines;
}

/** What is said otherwise of a child, from the day on which its tries were first read in a new way. */
export interface Revised {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly skills: readonly {
    readonly skill: SkillId;
    readonly before: Statement | null;
    readonly after: Statement | null;
  }[];
}

/** All that is known of a child, to work a summary out from. */
export interface ChildEvidence {
  readonly child: Child;
  readonly traces: readonly Trace[];
  readonly moves: OwnMoves;
  readonly decided: readonly StepDecisionRow[];
  readonly rulings: ReadonlyMap<SkillId, StatementRulingView>;
  /** The room’s ways, or the child’s own. */
  readonly schools: Schools;
  /** Kinds of things that the room counts with, beside those of the shelf. */
  readonly own: readonly Counter[];
}

/** The summary of a child for a day. The same evidence gives the same summary. */
export function workOut(evidence: ChildEvidence, day: string): ChildSummary {
  const readable = readableOn(evidence, day);
  const { child, traces, rulings } = readable;
  const steps = stepsOf(readable, day);
  return {
    glance: { ...glanceOf(child, traces, steps, day), unread: evidence.traces.length - traces.length },
    steps,
    lines: skillLines(traces, day, child.birthDate, rulings),
  };
}

/** Without what was stored before it was held against reason: tries that cannot be, a birth date ages ago. */
function readableOn(evidence: ChildEvidence, day: string): ChildEvidence {
  const { birthDate } = evidence.child;
  const isBorn = birthDate !== null && canBeBorn(birthDate, day);
  return {
    ...evidence,
    child: { ...evidence.child, birthDate: isBorn ? birthDate : null },
    traces: evidence.traces.filter((trace) => flawOf(trace, day) === null),
  };
}

/** The steps, under what adults have pinned and put away. */
function stepsOf({ child, traces, moves, decided, schools, own }: ChildEvidence, day: string): Steps {
  const { choices, easier, bySkill } = nextSteps(traces, day, {
    birthDate: child.birthDate,
    moves,
    pinned: decided.find((one) => one.decision === 'pinned')?.skill ?? null,
    dismissed: decided
      .filter((one) => one.decision === 'dismissed')
      .map(({ skill, evidence }) => ({ skill, evidence })),
    language: child.languages[0]!,
    kinds: fittingCounters(child, day, own),
    own,
    notYet: child.notYet,
    schools,
    readsByTouch: child.touch !== null,
  });
  return {
    choices: choices.map((step) => step.skill),
    easier,
    bySkill: Object.fromEntries(bySkill),
  };
}

function glanceOf(
  { birthDate }: Child,
  traces: readonly Trace[],
  steps: Steps,
  day: string,
): Omit<Glance, 'unread'> {
  const saidOn = (date: string) => saidFor(traces, date, { birthDate });
  const now = saidOn(day);
  const triesBy: Record<StaffId, number> = {};
  for (const { recordedBy } of traces) triesBy[recordedBy] = (triesBy[recordedBy] ?? 0) + 1;
  return {
    lastLook: traces
      .map(dayOf)
      .reduce<string | null>((one, other) => (one && one > other ? one : other), null),
    triesBy,
    skills: shownSkills.map((skillId) => {
      const skill = skillOf(skillId);
      const statement = statementFor(skill, now);
      const dots = dotsFor(skill, traces, now).filter(({ n }) => n <= shownDots);
      return {
        skill: skillId,
        sure: statement ? surelyTo(statement) : 0,
        likely: statement ? claimedTo(statement) : 0,
        dots: dots.map((dot) => dot.form),
      };
    }),
    months: monthEnds(day).map((end) => {
      const row = statementFor(skillOf('row'), saidOn(end));
      return { day: end, row: row ? surelyTo(row) : null };
    }),
    looks: summarise(traces, day, { birthDate }),
    open: steps.choices.map((skill) => {
      const { task, n } = steps.bySkill[skill]!;
      return { task, n };
    }),
    doubles: doubledTries(traces.filter((trace) => isRecent(trace, day))).map(
      ([one, other]) => [one.id, other.id] as const,
    ),
  };
}

/** The ends of the last months, and the day itself. */
export function monthEnds(day: string): readonly string[] {
  const [year, month] = day.split('-').map(Number) as [number, number];
  const ends = Array.from({ length: shownMonths - 1 }, (_, i) =>
    new Date(Date.UTC(year, month - 1 - (shownMonths - 2 - i), 0)).toISOString().slice(0, 10),
  );
  return [...ends, day];
}
