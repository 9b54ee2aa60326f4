import { modelOf } from '../asking/modelOf.js';
import type { Asking } from '../asking/asking.js';
import { daysBetween } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import { ageInMonths } from '../shelf/cautions.js';
import { counterKinds } from '../shelf/counters.js';
import { layoutFor } from '../shelf/layout.js';
import { describeSet, largestOf, setOf, smallestOf, type Task, type TaskId } from '../shelf/tasks.js';
import { numberSkills, type NumberSkill } from '../shelf/task.js';
import { leaningOn, skillMap, skillOf, type SkillEntry, type SkillId } from '../skills/map.js';
import { isClaimed, type Statement } from '../statements/statement.js';
import { saidFor } from '../statements/saidFor.js';

import type { SittingId, TraceId } from '../trace/ids.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { teachingMoves, type TeachingMove, type TellingSlip } from './moves.js';
import { looksAt, obstacleIn, tasksFor } from './skillLooks.js';
import { tellStep } from './tellStep.js';

/** One thing to do next with a child, and why. */
export interface NextStep {
  readonly skill: SkillId;
  readonly task: TaskId;
  readonly n: number;
  readonly things: string;
  /** "6 corks scattered". */
  readonly title: string;
  /** One plain sentence naming the evidence. */
  readonly why: string;
  readonly stepUp: string;
  readonly stepDown: string;
  /** Chance that it goes well, as far as is known. */
  readonly chance: number;
  /** The tries it rests on. */
  readonly tries: readonly TraceId[];
  /** Changes with the evidence: what was dismissed comes back only with another. */
  readonly evidence: string;
}

export interface NextSteps {
  /** Three, most worth doing first; fewer only where the shelf has no more. */
  readonly choices: readonly NextStep[];
  /** One that will go well. */
  readonly easier: NextStep;
  /** The step for each skill that has a task, those put away too: what is due may be any of them. */
  readonly bySkill: ReadonlyMap<SkillId, NextStep>;
}

export interface NextStepsOptions {
  readonly birthDate?: string | null;
  /** The room's own table of moves. */
  readonly moves?: Readonly<Record<TellingSlip, TeachingMove>>;
  /** Steps put away, by their skill and the evidence they had then. */
  readonly dismissed?: readonly { readonly skill: string; readonly evidence: string }[];
  /** A skill whose step stays first. */
  readonly pinned?: string | null;
  readonly language?: string;
  /** Kinds of things that may be laid for the child; all of them where nothing is said. */
  readonly kinds?: readonly string[];
}

const CHOICES = 3;
const LONGEST_WAIT = 2;
/** What the next level of fetching is worth, between the best in reach and a principle never looked at. */
const NEXT_LEVEL = 0.75;

/**
 * Three choices and one easier: each skill by how well it is in reach, how firm the ground is, how
 * many skills wait on it and how long nobody has looked. The same evidence gives the same steps, in
 * the same words.
 *
 * @param tries of one child, in any order
 * @param date YYYY-MM-DD
 */
export function nextSteps(tries: readonly Trace[], date: string, options: NextStepsOptions = {}): NextSteps {
  const child = new Standing(tries, date, options);
  const { dismissed = [], pinned = null } = options;
  const all = skillMap.filter((skill) => tasksFor(skill).length > 0).map((skill) => child.candidate(skill));
  const candidates = all
    .filter(
      ({ skill, evidence }) => !dismissed.some((one) => one.skill === skill.id && one.evidence === evidence),
    )
    .toSorted(
      (a, b) =>
        Number(b.skill.id === pinned) - Number(a.skill.id === pinned) ||
        b.score - a.score ||
        (a.skill.id < b.skill.id ? -1 : 1),
    );
  const bySkill = new Map(all.map((one) => [one.skill.id, child.step(one)]));
  const choices = candidates.slice(0, CHOICES).map((one) => bySkill.get(one.skill.id)!);
  return { choices, easier: child.easier(candidates), bySkill };
}

interface Candidate {
  readonly skill: SkillEntry & { readonly id: SkillId };
  readonly task: Task;
  readonly n: number;
  readonly chance: number;
  readonly score: number;
  readonly evidence: string;
}

/** All that is known of a child on a day, worked out once for all skills. */
class Standing {
  private readonly chances = new Map<string, (n: number) => number>();
  private readonly statements: readonly Statement[];
  private readonly tries: readonly Trace[];
  private readonly date: string;
  private readonly options: NextStepsOptions;

  constructor(tries: readonly Trace[], date: string, options: NextStepsOptions) {
    this.tries = tries
      .filter((trace) => dayOf(trace) <= date)
      .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
    this.date = date;
    this.options = options;
    this.statements = saidFor(tries, date, { birthDate: options.birthDate ?? null });
  }

  candidate(skill: SkillEntry & { readonly id: SkillId }): Candidate {
    const looks = this.looksOf(skill);
    const task = this.taskOf(skill, looks);
    const waiting = leaningOn(skill.id).filter((one) => one.read && !this.isClaimed(one)).length;
    const weeks = looks.length === 0 ? Infinity : daysBetween(dayOf(looks.at(-1)!), this.date) / 7;
    const obstacle = obstacleIn(skill, looks);
    const inTheWay = obstacle ? obstacle.traces.length / obstacle.of : 0;
    const worth = (1 + 0.2 * waiting) * Math.min(LONGEST_WAIT, 1 + weeks / 8) * (1 + inTheWay);
    const best = this.numbersOf(skill, task)
      .map((n) => ({ n, chance: this.chanceAt(skill, n) }))
      .map((one) => ({ ...one, score: this.reachOf(skill, one.n) * this.groundAt(skill, one.n) * worth }))
      .reduce((one, other) => (other.score > one.score ? other : one));
    const evidence = `${looks.length}:${looks.at(-1)?.id ?? ''}`;
    return { skill, task, n: best.n, chance: best.chance, score: best.score, evidence };
  }

  step({ skill, task, n, chance, evidence }: Candidate): NextStep {
    const looks = this.looksOf(skill);
    const obstacle = obstacleIn(skill, looks);
    const things = task.only ?? this.thingsFor(looks);
    const set = setOf(task, n, things, layoutFor(task, n, things, 1, task.ways?.[0]?.id, this.kinds));
    const title = describeSet(set, n);
    const moves = this.options.moves ?? teachingMoves;
    return {
      skill: skill.id,
      task: task.id,
      n,
      things,
      title,
      why: tellStep({
        skill,
        title,
        statement: this.statementOf(skill),
        ground: skill.leansOn.flatMap(({ on }) => this.statementOf(skillOf(on)) ?? []),
        obstacle,
        move: obstacle && moves[obstacle.slip],
        looked: looks.length,
      }),
      stepUp: `${task.stepUp.how}`,
      stepDown: `${task.stepDown.how}`,
      chance,
      tries: (obstacle?.traces ?? looks.slice(-CHOICES)).map((trace) => trace.id),
      evidence,
    };
  }

  /** Of the skills along the numbers the one most worth doing, at the largest number that will go well. */
  easier(candidates: readonly Candidate[]): NextStep {
    for (const candidate of candidates.filter((one) => one.skill.axis)) {
      const { skill, task } = candidate;
      const easy = this.numbersOf(skill, task).findLast((n) => this.chanceAt(skill, n) >= figure.goesWell);
      if (easy !== undefined) return this.step({ ...candidate, n: easy, chance: this.chanceAt(skill, easy) });
    }
    const row = this.candidate(skillOf('row'));
    return this.step({ ...row, n: 1, chance: this.chanceAt(row.skill, 1) });
  }

  /**
   * How much there is to gain: along the numbers most where it goes well three times in five. A level
   * of fetching comes after the one before it, however seldom it goes well yet; a principle has no
   * number to be in reach of, and what is not shown is open.
   */
  private reachOf(skill: SkillEntry, n: number): number {
    const chance = this.chanceAt(skill, n);
    if (!skill.axis) return 1 - chance;
    if (skill.id === 'fetch' && n === this.nextLevel()) return NEXT_LEVEL;
    return reach(chance);
  }

  private nextLevel(): number {
    const fetch = this.statements.find((one) => one.by === 'fetch');
    if (fetch?.by !== 'fetch') return 1;
    return fetch.level === 'CP' ? 0 : Number(fetch.level ?? 0) + 1;
  }

  private looksOf(skill: SkillEntry): readonly Trace[] {
    return this.tries.filter((trace) => looksAt(skill, trace));
  }

  /** Of the tasks that look at a skill the one put least often, of equals the first on the shelf. */
  private taskOf(skill: SkillEntry, looks: readonly Trace[]): Task {
    const put = ({ id }: Task): number => looks.filter((trace) => trace.task === id).length;
    return tasksFor(skill).reduce((one, other) => (put(other) < put(one) ? other : one));
  }

  /** Other things than last time, those met least: the same ones each time tell less. */
  private thingsFor(looks: readonly Trace[]): string {
    const met = (id: string): number => looks.filter((trace) => trace.set.things === id).length;
    const last = looks.at(-1)?.set.things;
    return this.kinds
      .filter((kind) => kind !== last || this.kinds.length === 1)
      .reduce((one, other) => (met(other) < met(one) ? other : one));
  }

  private get kinds(): readonly string[] {
    return this.options.kinds ?? counterKinds;
  }

  /** Numbers a step may be about: along the axis, or on the rungs that the child counts well. */
  private numbersOf(skill: SkillEntry, task: Task): readonly number[] {
    if (skill.axis) {
      const tried = Math.max(0, ...this.looksOf(skill).map((trace) => trace.target ?? trace.set.size));
      const most = Math.min(largestOf(task), Math.max(tried + figure.reach, FIRST_NUMBERS));
      // A level of fetching that is stated is not asked below.
      const least = skill.id === 'fetch' ? Math.max(1, this.nextLevel() - 1) : smallestOf(task);
      return Array.from({ length: Math.max(1, most - least + 1) }, (_, i) => least + i);
    }
    const guide = skillOf(task.arrangement === 'none' ? 'order' : 'row');
    const sure = task.ladder.filter(
      (n) => n <= Math.max(COMFORTABLE, smallestOf(task)) && this.chanceAt(guide, n) >= figure.goesWell,
    );
    return [sure.at(-1) ?? task.ladder[0]!];
  }

  private chanceAt(skill: SkillEntry, n: number): number {
    const known = this.chances.get(skill.id) ?? this.chanceOf(skill);
    this.chances.set(skill.id, known);
    return known(n);
  }

  private chanceOf({ read }: SkillEntry): (n: number) => number {
    if (!read) return () => 0.5;
    if (isNumberSkill(read.by)) {
      const arrangement = ('arrangement' in read && read.arrangement) || 'row';
      return modelOf(read.by, this.asking(), arrangement).chanceAt;
    }
    const principle = read.by;
    const looks = this.tries.flatMap((trace) => {
      const look = observationsOf(trace).principles[principle];
      return look ? [{ ...look, day: dayOf(trace) }] : [];
    });
    const { mean } = proportion(looks, this.date);
    return () => mean;
  }

  /** The least chance of what a skill leans on, at the number that it needs. */
  private groundAt(skill: SkillEntry, n: number): number {
    return skill.leansOn.reduce((least, { on, offset }) => {
      const other = skillOf(on);
      const at = skill.axis ? n + offset : offset;
      return other.read && at > 0 ? Math.min(least, this.chanceAt(other, at)) : least;
    }, 1);
  }

  private statementOf({ id }: SkillEntry): Statement | undefined {
    return this.statements.find(
      (one) => one.skill === id && (!('language' in one) || one.language === this.language),
    );
  }

  private isClaimed(skill: SkillEntry): boolean {
    const statement = this.statementOf(skill);
    return statement !== undefined && isClaimed(statement);
  }

  private get language(): string {
    return this.options.language ?? this.tries.at(-1)?.language ?? 'en';
  }

  private asking(): Asking {
    const { birthDate } = this.options;
    return {
      tries: this.tries,
      sittingId: '' as SittingId,
      day: this.date,
      language: this.language,
      months: birthDate ? ageInMonths(birthDate, this.date) : null,
      arrangements: ['row'],
      things: ['cork'],
      largest: USUAL_PILE,
      secondsLeft: 60 * figure.minutesOfSitting,
    };
  }
}

const USUAL_PILE = 15;
/** A child nobody has looked at is asked no more than this. */
const FIRST_NUMBERS = 5;
/** Where it is the principle that is looked at, larger numbers only take longer. */
const COMFORTABLE = 7;

const isNumberSkill = (by: string): by is NumberSkill => numberSkills.some((one) => one === by);

/** Most worth doing where it goes well three times in five; nothing where it cannot go well, or cannot but. */
const reach = (chance: number): number => Math.max(0, 1 - Math.abs(chance - 0.6) / 0.4);
