import type { Asking } from '../asking/asking.js';
import { speaksOf } from '../estimates/numerals.js';
import { numeralsInReach } from '../asking/numeralModel.js';
import { modelOf } from '../asking/modelOf.js';
import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { proportion } from '../estimates/proportion.js';
import { observationsOf } from '../evidence/observations.js';
import { looksAt } from '../evidence/went.js';
import { ageInMonths } from '../shelf/cautions.js';
import { tasksFor } from '../shelf/tasksOf.js';
import { skillOf, type NumeralSkill, type SkillEntry } from '../skills/map.js';
import { mixedUpWith } from '../evidence/mixedUp.js';
import { saidFor } from '../statements/saidFor.js';
import { isClaimed, type Statement } from '../statements/statement.js';
import type { SittingId } from '../trace/ids.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { obstaclesIn, type Obstacle } from '../evidence/obstacles.js';

/** So few are counted by whoever counts at all. */
const FEW = 3;

interface Known {
  readonly birthDate?: string | null;
  readonly language?: string;
}

/** All that is known of a child on a day, worked out once for all skills. */
export class Standing {
  readonly date: string;
  readonly statements: readonly Statement[];
  private readonly tries: readonly Trace[];
  private readonly known: Known;
  private readonly chances = new Map<string, (n: number) => number>();
  private readonly looks = new Map<string, readonly Trace[]>();
  private readonly inReach = new Map<string, readonly number[]>();
  private readonly obstacles = new Map<string, readonly Obstacle[]>();

  constructor(tries: readonly Trace[], date: string, known: Known) {
    this.date = date;
    this.known = known;
    this.tries = tries
      .filter((trace) => dayOf(trace) <= date)
      .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
    this.statements = saidFor(tries, date, { birthDate: known.birthDate ?? null });
  }

  /** The tries that say anything of a skill, oldest first. */
  looksOf(skill: SkillEntry): readonly Trace[] {
    return kept(this.looks, skill.id, () => this.tries.filter((trace) => looksAt(skill, trace)));
  }

  /** What stands in the way. */
  obstaclesOf(skill: SkillEntry): readonly Obstacle[] {
    return kept(this.obstacles, skill.id, () => obstaclesIn(skill, this.looksOf(skill), this.date));
  }

  weeksSince(skill: SkillEntry): number {
    const last = this.looksOf(skill).at(-1);
    return last ? daysBetween(dayOf(last), this.date) / 7 : Infinity;
  }

  /** Chance that the skill goes well at n, as far as is known. */
  chanceAt(skill: SkillEntry, n: number): number {
    return kept(this.chances, skill.id, () => this.chanceOf(skill))(n);
  }

  private chanceOf({ read }: SkillEntry): (n: number) => number {
    if (!read) return () => 0.5;
    if (read.as !== 'principle')
      return modelOf(read.by, this.asking(), read.as === 'tracking' ? read.arrangement : 'row').chanceAt;
    const principle = read.by;
    const looks = this.tries.flatMap((trace) => {
      const look = observationsOf(trace).principles[principle];
      return look ? [{ ...look, day: dayOf(trace) }] : [];
    });
    const { mean } = proportion(looks, this.date);
    // Whoever counts one to one gives each its own; nobody has to look.
    if (principle === 'matching' && looks.length === 0) {
      const counts = this.chanceAt(skillOf('row'), FEW);
      return () => Math.max(mean, counts);
    }
    return () => mean;
  }

  /** The least chance of what a skill leans on, at the number that it needs. */
  groundAt(skill: SkillEntry, n: number): number {
    return skill.leansOn.reduce((least, { on, offset }) => {
      const other = skillOf(on);
      const at = skill.axis ? n + offset : offset;
      return other.read && at > 0 ? Math.min(least, this.chanceAt(other, at)) : least;
    }, 1);
  }

  /** It leans on a skill that nobody has looked at yet, and could: that comes first. */
  isGroundUnseen(skill: SkillEntry): boolean {
    return skill.leansOn.some(({ on }) => {
      const other = skillOf(on);
      return tasksFor(other).length > 0 && this.looksOf(other).length === 0;
    });
  }

  /** Something stands in the way of what the skill leans on: that comes first. */
  isBlockedBelow(skill: SkillEntry): boolean {
    return skill.leansOn.some(({ on }) => {
      const other = skillOf(on);
      return this.obstaclesOf(other).length > 0 || this.isBlockedBelow(other);
    });
  }

  statementOf({ id }: SkillEntry): Statement | undefined {
    return this.statements.find(
      (one) => one.skill === id && (!('language' in one) || one.language === this.language),
    );
  }

  /** Numerals to ask for, as far as the child has come. */
  numeralsInReach(skill: NumeralSkill): readonly number[] {
    return kept(this.inReach, skill, () =>
      numeralsInReach(
        this.tries.flatMap((trace) => observationsOf(trace).numerals).filter(speaksOf(skill)),
        this.date,
      ),
    );
  }

  /** Numerals that the child mixes up with one. */
  mixedUpWith(n: number): readonly number[] {
    return mixedUpWith(n, this.tries);
  }

  isClaimed(skill: SkillEntry): boolean {
    const statement = this.statementOf(skill);
    return statement !== undefined && isClaimed(statement);
  }

  /** The level of fetching that comes next; 0 where the child counts to fetch. */
  get nextLevel(): number {
    const fetch = this.statements.find((one) => one.by === 'fetch');
    if (fetch?.by !== 'fetch') return 1;
    return fetch.level === 'CP' ? 0 : Number(fetch.level ?? 0) + 1;
  }

  private get language(): string {
    return this.known.language ?? this.tries.at(-1)?.language ?? 'en';
  }

  private asking(): Asking {
    const { birthDate } = this.known;
    return {
      tries: this.tries,
      sittingId: '' as SittingId,
      day: this.date,
      language: this.language,
      months: birthDate ? ageInMonths(birthDate, this.date) : null,
      arrangements: ['row'],
      things: ['cork'],
      largest: figure.usualPile,
      secondsLeft: 60 * figure.minutesOfSitting,
    };
  }
}

function kept<Value>(in_: Map<string, Value>, key: string, make: () => Value): Value {
  const known = in_.get(key);
  if (known !== undefined) return known;
  const made = make();
  in_.set(key, made);
  return made;
}
