import { figure } from '../common/parameters.js';
import { counterKinds, type Counter } from '../shelf/counters.js';
import { isHeldBack, openWays, type Lesson } from '../shelf/lessons.js';
import { layoutFor } from '../shelf/layout.js';
import {
  largestOf,
  setOf,
  sizeFor,
  smallestOf,
  smallestToPropose,
  type Task,
  type TaskId,
} from '../shelf/tasks.js';
import { isSideStrand, leaningOn, skillMap, skillOf, type SkillEntry, type SkillId } from '../skills/map.js';
import { liesAmongOthers } from '../shelf/cardsLayout.js';
import { usualSchools, waysBySchool, type Schools } from '../schools/schools.js';
import { tasksFor } from '../shelf/tasksOf.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace, TraySet } from '../trace/trace.js';
import { isClaimed, type Statement } from '../statements/statement.js';
import { moveFor, mostFor, type MoveChoice, type OwnMoves } from './moves.js';
import { looksAt } from '../evidence/went.js';
import {
  slippedIn,
  toldObstacle,
  type Obstacle,
  type SlipPlace,
  type ToldObstacle,
} from '../evidence/obstacles.js';
import { Standing } from './standing.js';

/** One thing to do next with a child, and why. */
export interface NextStep {
  readonly skill: SkillId;
  readonly task: TaskId;
  readonly n: number;
  readonly things: string;
  /** What is laid for it. */
  readonly set: TraySet;
  readonly because: StepReason;
  /** Chance that it goes well, as far as is known. */
  readonly chance: number;
  /** The tries it rests on. */
  readonly tries: readonly TraceId[];
  /** Changes with the evidence: what was dismissed comes back only with another. */
  readonly evidence: string;
}

/** The evidence for a step: what may be said of the skill or of what it leans on, what was seen, what to do about it. */
export interface StepReason {
  /** Null where nothing of it is claimed. */
  readonly known: Statement | null;
  readonly seen:
    | { readonly kind: 'obstacles'; readonly obstacles: readonly ToldObstacle[] }
    | { readonly kind: 'not-asked' | 'unclear' }
    /** What is known is of the skill itself. */
    | null;
  readonly move: MoveChoice | null;
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
  readonly moves?: OwnMoves;
  /** Steps put away, by their skill and the evidence they had then. */
  readonly dismissed?: readonly { readonly skill: string; readonly evidence: string }[];
  /** A skill whose step stays first. */
  readonly pinned?: string | null;
  readonly language?: string;
  /** Lessons that come first, and that the child has not had: what needs them waits. */
  readonly notYet?: readonly Lesson[];
  /** Kinds of things that may be laid for the child; all of them where nothing is said. */
  readonly kinds?: readonly string[];
  /** Kinds that the room has added. */
  readonly own?: readonly Counter[];
  /** The room’s ways, or the child’s own. */
  readonly schools?: Schools;
  /** Numerals are felt, not seen. */
  readonly readsByTouch?: boolean;
}

const CHOICES = 3;

/** What a step is made from. */
interface Candidate {
  readonly skill: SkillEntry;
  readonly task: Task;
  readonly n: number;
  readonly chance: number;
  readonly score: number;
  readonly evidence: string;
  readonly obstacles: readonly Obstacle[];
  /** What is seen to stand in the way comes before what nobody has looked at. */
  readonly rank: 'obstacle' | 'obstacle-above-another' | 'slip' | 'open';
}

const ranks: readonly Candidate['rank'][] = ['obstacle', 'obstacle-above-another', 'slip', 'open'];

/** Changes whenever there is a new try of a skill: what was put away comes back only then. */
export function stepEvidence(skill: SkillEntry, tries: readonly Trace[]): string {
  return evidenceOf(tries.filter((trace) => looksAt(skill, trace)));
}

const evidenceOf = (looks: readonly Trace[]): string => `${looks.length}:${looks.at(-1)?.id ?? ''}`;

/**
 * Three choices and one easier. What stands in the way comes first, and of two such things the one that the
 * other leans on; then where a slip was seen; then each skill by how well it is in reach, how firm the ground
 * is, how many skills wait on it and how long nobody has looked. The same evidence gives the same steps, in
 * the same words.
 *
 * @param tries of one child, in any order
 * @param date YYYY-MM-DD
 */
export function nextSteps(tries: readonly Trace[], date: string, options: NextStepsOptions = {}): NextSteps {
  const child = new Standing(tries, date, options);
  const maker = new StepMaker(child, options);
  const { dismissed = [], pinned = null } = options;
  const all = skillMap
    .filter((skill) => maker.tasksFor(skill).length > 0)
    .map((skill) => maker.candidate(skill));
  const candidates = all
    .filter(
      ({ skill, evidence }) => !dismissed.some((one) => one.skill === skill.id && one.evidence === evidence),
    )
    .toSorted(
      (a, b) =>
        Number(b.skill.id === pinned) - Number(a.skill.id === pinned) ||
        ranks.indexOf(a.rank) - ranks.indexOf(b.rank) ||
        b.score - a.score ||
        (a.skill.id < b.skill.id ? -1 : 1),
    );
  const bySkill = new Map(all.map((one) => [one.skill.id, maker.step(one)]));
  const chosen = chooseAmong(candidates);
  const choices = chosen.map((one) => bySkill.get(one.skill.id)!);
  return { choices, easier: maker.easier(chosen, candidates), bySkill };
}

/** The first three; what says of another arrangement what an earlier one says already waits. */
function chooseAmong(candidates: readonly Candidate[]): readonly Candidate[] {
  const chosen: Candidate[] = [];
  const isSaid = ({ skill, obstacles, rank }: Candidate): boolean => {
    const alike = chosen.filter((one) => one.skill.strand === skill.strand && one.skill.axis === skill.axis);
    const named = alike.flatMap((one) => one.obstacles.map(({ slip }) => slip));
    if (obstacles.length > 0) return obstacles.every(({ slip }) => named.includes(slip));
    return rank === 'slip' && alike.length > 0;
  };
  for (const one of candidates) if (!isSaid(one)) chosen.push(one);
  return [...chosen, ...candidates.filter((one) => !chosen.includes(one))].slice(0, CHOICES);
}

class StepMaker {
  private readonly child: Standing;
  private readonly options: NextStepsOptions;
  private readonly moves: OwnMoves;
  private readonly kinds: readonly string[];
  private readonly schools: Schools;

  constructor(child: Standing, options: NextStepsOptions) {
    this.child = child;
    this.options = options;
    this.moves = options.moves ?? {};
    this.kinds = options.kinds ?? counterKinds;
    this.schools = options.schools ?? usualSchools;
  }

  tasksFor(skill: SkillEntry): readonly Task[] {
    const { notYet = [] } = this.options;
    const other = this.options.readsByTouch ? 'sight' : 'touch';
    return tasksFor(skill).filter((task) => !isHeldBack(task, notYet) && task.readBy !== other);
  }

  candidate(skill: SkillEntry): Candidate {
    const { child } = this;
    const looks = child.looksOf(skill);
    const task = this.taskOf(skill, looks);
    const obstacles = child.obstaclesOf(skill);
    const isAside = isSideStrand(skill.strand);
    // What builds the others waits for them, and not they for it.
    const waiting = leaningOn(skill.id).filter(
      (one) => one.read && !child.isClaimed(one) && isSideStrand(one.strand) === isAside,
    ).length;
    const weeks = child.weeksSince(skill);
    const inTheWay = obstacles[0] ? obstacles[0].traces.length / obstacles[0].of : 0;
    const unseen = child.isGroundUnseen(skill) ? figure.groundUnseen : 1;
    const worth =
      (1 + 0.2 * waiting) * waited(weeks) * (1 + inTheWay) * unseen * (isAside ? figure.sideStrand : 1);
    const best = this.numbersOf(skill, task, obstacles)
      .map((n) => ({ n, chance: child.chanceAt(skill, n) }))
      .map((one) => ({ ...one, score: this.reachOf(skill, one.n) * child.groundAt(skill, one.n) * worth }))
      .reduce((one, other) => (other.score > one.score ? other : one));
    const evidence = evidenceOf(looks);
    return { skill, task, ...best, evidence, obstacles, rank: this.rankOf(skill, obstacles) };
  }

  private rankOf(skill: SkillEntry, obstacles: readonly Obstacle[]): Candidate['rank'] {
    if (obstacles.length > 0) return this.child.isBlockedBelow(skill) ? 'obstacle-above-another' : 'obstacle';
    return slippedIn(skill, this.child.looksOf(skill), this.child.date) > 0 ? 'slip' : 'open';
  }

  step({ skill, task, n, chance, evidence, obstacles }: Candidate): NextStep {
    const { child, moves } = this;
    const looks = child.looksOf(skill);
    const things = task.only ?? this.thingsFor(looks);
    const set = setOf(
      task,
      n,
      things,
      layoutFor(task, n, things, 1, this.firstWay(task), {
        kinds: this.kinds,
        own: this.options.own ?? [],
        schools: this.schools,
        mixedUp: liesAmongOthers(task) ? child.mixedUpWith(n) : [],
      }),
    );
    const [first] = obstacles;
    return {
      skill: skill.id,
      task: task.id,
      n,
      things,
      set,
      because: this.reasonFor(
        skill,
        obstacles,
        looks.length,
        first ? moveFor(first.slip, task, moves) : null,
      ),
      chance,
      tries: (first?.traces ?? looks.slice(-CHOICES)).map((trace) => trace.id),
      evidence,
    };
  }

  private firstWay(task: Task): string | undefined {
    return waysBySchool(openWays(task, this.options.notYet ?? []), this.schools)?.[0];
  }

  private reasonFor(
    skill: SkillEntry,
    obstacles: readonly Obstacle[],
    looked: number,
    move: MoveChoice | null,
  ): StepReason {
    const { child } = this;
    const own = child.statementOf(skill);
    const ground = skill.leansOn.flatMap(({ on }) => child.statementOf(skillOf(on)) ?? []);
    const claimed = [own, ...ground].find((one) => one !== undefined && isClaimed(one));
    // The same evidence gives the same reason, in whatever order it comes.
    const known = claimed ? { ...claimed, tries: claimed.tries.toSorted() } : null;
    if (obstacles.length > 0)
      return { known, seen: { kind: 'obstacles', obstacles: obstacles.map(toldObstacle) }, move };
    if (looked === 0) return { known, seen: { kind: 'not-asked' }, move };
    return { known, seen: claimed !== undefined && claimed === own ? null : { kind: 'unclear' }, move };
  }

  /**
   * One that will go well, and is less than what comes first: of the skills along the numbers, those of the
   * choices before the others, the largest number below it that goes well; else one thing moved aside.
   */
  easier(chosen: readonly Candidate[], candidates: readonly Candidate[]): NextStep {
    const { child } = this;
    const below = (chosen[0]?.n ?? 1) - 1;
    for (const { skill, task, evidence } of [...chosen, ...candidates]) {
      const isAside = isSideStrand(skill.strand) && !chosen.some((one) => one.skill === skill);
      // A smaller numeral is no easier for being smaller.
      if (!skill.axis || isAside || skill.read.as === 'numerals') continue;
      const n = this.numbersOf(skill, task, []).findLast(
        (one) => one <= below && child.chanceAt(skill, one) >= figure.goesWell,
      );
      // Without what stands in the way: it is put to go well, not to work on.
      if (n !== undefined) return this.step(this.plain(skill, task, n, evidence));
    }
    const aside = skillOf('aside');
    return this.step(this.plain(aside, this.taskOf(aside, []), 1, 'easier'));
  }

  private plain(skill: Candidate['skill'], task: Task, n: number, evidence: string): Candidate {
    const chance = this.child.chanceAt(skill, n);
    return { skill, task, n, chance, score: 0, evidence, obstacles: [], rank: 'open' };
  }

  /**
   * How much there is to gain: along the numbers most where it goes well three times in five. A level
   * of fetching comes after the one before it, however seldom it goes well yet; a principle has no
   * number to be in reach of, and what is not shown is open.
   */
  private reachOf(skill: SkillEntry, n: number): number {
    const chance = this.child.chanceAt(skill, n);
    if (!skill.axis) return 1 - chance;
    // Of a numeral most where nobody can say whether it is read.
    if (skill.read.as === 'numerals') return 1 - Math.abs(chance - 0.5) / 0.5;
    if (skill.id === 'fetch' && n === this.child.nextLevel) return figure.nextLevel;
    return reach(chance);
  }

  /** Of the tasks that look at a skill the one put least often, of equals the first on the shelf. */
  private taskOf(skill: SkillEntry, looks: readonly Trace[]): Task {
    const put = ({ id }: Task): number => looks.filter((trace) => trace.task === id).length;
    const all = this.tasksFor(skill);
    // Of numerals only where one is in reach: the teens wait for the first ten.
    const open = all.filter((task) => this.openTo(skill, task).length > 0);
    return (open.length > 0 ? open : all).reduce((one, other) => (put(other) < put(one) ? other : one));
  }

  /** Other things than last time, those met least: the same ones each time tell less. */
  private thingsFor(looks: readonly Trace[]): string {
    const met = (id: string): number => looks.filter((trace) => trace.set.things === id).length;
    const last = looks.at(-1)?.set.things;
    return this.kinds
      .filter((kind) => kind !== last || this.kinds.length === 1)
      .reduce((one, other) => (met(other) < met(one) ? other : one));
  }

  /** Numbers a step may be about: along the axis, or on the rungs that the child counts well. */
  private numbersOf(skill: SkillEntry, task: Task, obstacles: readonly Obstacle[]): readonly number[] {
    const numbers = this.openTo(skill, task);
    const least = Math.max(...obstacles.slice(0, 1).map(({ place }) => leastToShow(place)), 0);
    const most = Math.min(
      ...obstacles
        .slice(0, 1)
        .map(({ slip, place }) => mostToShow(place) ?? mostFor(slip, this.moves) ?? Infinity),
    );
    const fitting = numbers.filter((n) => n >= least && n <= most);
    if (fitting.length > 0) return fitting;
    return [sizeFor(task, least > 0 ? least : Math.min(most, numbers[0]!))];
  }

  private openTo(skill: SkillEntry, task: Task): readonly number[] {
    if (skill.read.as === 'numerals')
      return this.child
        .numeralsInReach(skill.read.by)
        .filter((n) => n >= smallestOf(task) && n <= largestOf(task));
    return skill.axis ? this.alongTheAxis(skill, task) : this.onTheRungs(task);
  }

  private alongTheAxis(skill: SkillEntry, task: Task): readonly number[] {
    const tried = Math.max(0, ...this.child.looksOf(skill).map((trace) => trace.target ?? trace.set.size));
    const most = Math.min(largestOf(task), Math.max(tried + figure.reach, figure.firstNumbers));
    // A level of fetching that is stated is not asked below.
    const least = skill.id === 'fetch' ? Math.max(1, this.child.nextLevel - 1) : smallestToPropose(task);
    return Array.from({ length: Math.max(1, most - least + 1) }, (_, i) => least + i);
  }

  private onTheRungs(task: Task): readonly number[] {
    const guide = skillOf(task.arrangement === 'none' ? 'order' : 'row');
    const sure = task.ladder.filter(
      (n) =>
        n <= Math.max(figure.comfortable, smallestOf(task)) &&
        this.child.chanceAt(guide, n) >= figure.goesWell,
    );
    return [sure.at(-1) ?? task.ladder[0]!];
  }
}

/** Skills take turns: what was asked this week waits, and what nobody has looked at comes soon. */
const waited = (weeks: number): number =>
  weeks === Infinity ? figure.neverAsked : Math.min(figure.longestWait, figure.justAsked + weeks / 8);

/** The smallest number at which a slip can show again. */
function leastToShow(place: SlipPlace | null): number {
  if (place === null || place.kind === 'close') return 0;
  return place.kind === 'asked' || place.kind === 'numeral' ? place.n : place.n + 1;
}

/** One numeral says nothing of another. */
const mostToShow = (place: SlipPlace | null): number | null => (place?.kind === 'numeral' ? place.n : null);

/** Most worth doing where it goes well three times in five; nothing where it cannot go well, or cannot but. */
const reach = (chance: number): number => Math.max(0, 1 - Math.abs(chance - 0.6) / 0.4);
