import type { ChildColumns, GroupKind, Role, Thumb } from '@dotting/contract';
import type { OwnTaskId, TaskId } from '@dotting/core';
import { usualChild, type Growth, type HiddenAbility } from '@dotting/core/workings';
import { ownTasks } from './own.js';

/** Signs in every adult of the demo nursery; printed at the first start, and of no use elsewhere. */
export const demoPassword = 'brass-windlass-and-boats';

export const siteName = 'Pennywater Lock House';
export const rooms = ['Lower Pound', 'Upper Pound'] as const;

interface DemoAdult {
  readonly firstName: string;
  readonly lastName: string;
  readonly role: Role;
  readonly code: string;
  readonly thumb: Thumb;
  /** The rooms whose children she sees; all where it is not said. */
  readonly rooms?: readonly (typeof rooms)[number][];
}

export const adults: readonly DemoAdult[] = [
  { firstName: 'Orla', lastName: 'Venn', role: 'lead', code: '2407', thumb: 'right' },
  { firstName: 'Tomasz', lastName: 'Brzeg', role: 'practitioner', code: '3815', thumb: 'right' },
  { firstName: 'Ngozi', lastName: 'Adair', role: 'practitioner', code: '6142', thumb: 'left' },
  { firstName: 'Hester', lastName: 'Quill', role: 'practitioner', code: '5093', thumb: 'right' },
  {
    firstName: 'Idris',
    lastName: 'Fairlock',
    role: 'assistant',
    code: '7268',
    thumb: 'right',
    rooms: ['Lower Pound'],
  },
  {
    firstName: 'Mina',
    lastName: 'Sorrel',
    role: 'assistant',
    code: '8430',
    thumb: 'right',
    rooms: ['Upper Pound'],
  },
];

interface DemoGroupTime {
  readonly room: (typeof rooms)[number];
  readonly kind: GroupKind;
  readonly task: TaskId;
  readonly by: string;
  readonly daysAgo: number;
  /** First names of those who were not there. */
  readonly away: readonly string[];
  readonly togetherTo: number | null;
  readonly note: string;
  /** One of the room’s own. */
  readonly own?: OwnTaskId;
}

export const groupTimes: readonly DemoGroupTime[] = [
  {
    room: 'Lower Pound',
    kind: 'chorus',
    task: 'say-far',
    by: 'Tomasz',
    daysAgo: 3,
    away: ['Wren'],
    togetherTo: 14,
    note: 'While the lock filled.',
  },
  {
    room: 'Lower Pound',
    kind: 'shown',
    task: 'drop-in',
    by: 'Hester',
    daysAgo: 5,
    away: ['Jory', 'Nadia'],
    togetherTo: null,
    note: '',
  },
  {
    room: 'Upper Pound',
    kind: 'shown',
    task: ownTasks[0].body.like,
    own: ownTasks[0].id,
    by: 'Ngozi',
    daysAgo: 4,
    away: [],
    togetherTo: null,
    note: 'Each boat called out its number.',
  },
];

export const emailOf = (adult: DemoAdult): string => `${adult.firstName.toLowerCase()}@pennywater.example`;

/** How a child counts, in broad strokes; the figures are drawn about these. */
export const makeUps = {
  beginning: {
    ...usualChild,
    orderTo: 4,
    orderSlope: 1.8,
    slipPerThing: 0.16,
    fetches: 1,
    lastWord: 0.15,
    recounts: 0.7,
    pace: 1400,
  },
  racing: { ...usualChild, orderTo: 14, slipPerThing: 0.14, racing: 4, lastWord: 0.6, pace: 450 },
  'own order': { ...usualChild, orderTo: 17, skips: 13 },
  recounting: { ...usualChild, slipPerThing: 0.05, fetches: 3, lastWord: 0.1, recounts: 0.95 },
  'strong in words': { ...usualChild, orderTo: 24, slipPerThing: 0.18, fetches: 2, lastWord: 0.4 },
  steady: { ...usualChild, slipPerThing: 0.03, fetches: 5, lastWord: 0.85 },
  'far on': {
    ...usualChild,
    orderTo: 22,
    slipPerThing: 0.015,
    fetches: 5,
    lastWord: 0.95,
    keeps: 0.9,
    pace: 750,
  },
} as const satisfies Record<string, HiddenAbility>;

export const growth: Growth = {
  orderTo: 0.25,
  slipPerThing: 0.965,
  fetches: 0.03,
  lastWord: 0.015,
  keeps: 0.015,
};

interface DemoChild extends Partial<Omit<ChildColumns, 'birthDate' | 'languages'>> {
  readonly firstName: string;
  readonly lastName: string;
  readonly room: (typeof rooms)[number];
  /** Age in months at the time of loading; null where nobody has entered a birth date. */
  readonly months: number | null;
  readonly makeUp: keyof typeof makeUps;
  /** What it goes by when it compares sets, where that was looked at. */
  readonly comparesBy?: 'length' | 'number';
  /** How many dots it sees at once, where that was looked at, and then parts and wholes too. */
  readonly seesTo?: number;
  /** Which numerals it reads, and which it takes for another, where that was looked at. */
  readonly reads?: NonNullable<HiddenAbility['reads']>;
  /** How it writes numerals by now, where that was looked at; less well half a year ago. */
  readonly writes?: NonNullable<HiddenAbility['writes']>;
  /** Beside English. */
  readonly language?: string;
  /** Weeks from one look to the next; null: nobody has looked. */
  readonly weeksBetween: number | null;
}

export const children: readonly DemoChild[] = [
  {
    firstName: 'Abeni',
    lastName: 'Coker',
    room: 'Lower Pound',
    group: 'Coots',
    months: 34,
    makeUp: 'beginning',
    mouths: true,
    notYet: ['die'],
    weeksBetween: 1.6,
  },
  {
    firstName: 'Caspar',
    lastName: 'Reed',
    room: 'Lower Pound',
    group: 'Herons',
    months: 41,
    makeUp: 'racing',
    mouths: false,
    weeksBetween: 1.3,
  },
  {
    firstName: 'Dilys',
    lastName: 'Morfa',
    room: 'Lower Pound',
    group: 'Voles',
    months: 39,
    makeUp: 'steady',
    language: 'cy',
    mouths: false,
    weeksBetween: 1.5,
  },
  {
    firstName: 'Farid',
    comparesBy: 'number',
    lastName: 'Nasser',
    room: 'Lower Pound',
    group: 'Coots',
    months: 37,
    makeUp: 'recounting',
    language: 'ur',
    mouths: false,
    weeksBetween: 1.4,
  },
  {
    firstName: 'Ines',
    lastName: 'Duarte',
    comparesBy: 'length',
    room: 'Lower Pound',
    group: 'Herons',
    months: 46,
    makeUp: 'own order',
    hand: 'left',
    mouths: false,
    weeksBetween: 1.2,
  },
  {
    firstName: 'Jory',
    lastName: 'Pell',
    room: 'Lower Pound',
    group: 'Voles',
    months: null,
    makeUp: 'beginning',
    weeksBetween: 3.5,
  },
  {
    firstName: 'Kamala',
    lastName: 'Iyer',
    room: 'Lower Pound',
    group: 'Coots',
    months: 44,
    makeUp: 'strong in words',
    mouths: false,
    weeksBetween: 1.4,
  },
  {
    firstName: 'Lowri',
    lastName: 'Tarn',
    room: 'Lower Pound',
    group: 'Herons',
    months: 36,
    makeUp: 'beginning',
    mouths: true,
    allergies: 'tree nuts',
    weeksBetween: 1.8,
  },
  {
    firstName: 'Mateusz',
    lastName: 'Wolny',
    room: 'Lower Pound',
    group: 'Voles',
    months: 43,
    makeUp: 'racing',
    language: 'pl',
    mouths: false,
    weeksBetween: 1.5,
  },
  {
    firstName: 'Nadia',
    lastName: 'Osman',
    room: 'Lower Pound',
    group: 'Coots',
    months: 38,
    makeUp: 'steady',
    needs: ['vision'],
    mouths: false,
    weeksBetween: 2.4,
    reads: { known: [0, 1, 2, 3, 4, 5, 7, 8, 10], takes: { 6: 9, 9: 6 } },
  },
  {
    firstName: 'Oluchi',
    lastName: 'Eze',
    room: 'Lower Pound',
    group: 'Herons',
    months: 33,
    makeUp: 'beginning',
    weeksBetween: 1.9,
  },
  {
    firstName: 'Wren',
    lastName: 'Tolley',
    room: 'Lower Pound',
    group: 'Voles',
    months: 35,
    makeUp: 'beginning',
    weeksBetween: null,
  },
  {
    firstName: 'Piers',
    lastName: 'Holloway',
    room: 'Upper Pound',
    group: 'Coots',
    months: 55,
    makeUp: 'far on',
    hand: 'left',
    mouths: false,
    weeksBetween: 1.7,
  },
  {
    firstName: 'Rhodri',
    seesTo: 3,
    lastName: 'Bevan',
    room: 'Upper Pound',
    group: 'Herons',
    months: 58,
    makeUp: 'far on',
    language: 'cy',
    mouths: false,
    weeksBetween: 1.6,
  },
  {
    firstName: 'Sunniva',
    lastName: 'Dahl',
    room: 'Upper Pound',
    group: 'Voles',
    months: 50,
    makeUp: 'steady',
    mouths: false,
    weeksBetween: 1.4,
  },
  {
    firstName: 'Teodor',
    lastName: 'Marin',
    room: 'Upper Pound',
    group: 'Coots',
    months: 53,
    makeUp: 'recounting',
    mouths: false,
    weeksBetween: 1.3,
  },
  {
    firstName: 'Yusra',
    lastName: 'Haddad',
    room: 'Upper Pound',
    group: 'Herons',
    months: 49,
    makeUp: 'own order',
    allergies: 'sesame',
    mouths: false,
    weeksBetween: 1.5,
  },
  {
    firstName: 'Bronwen',
    writes: { forms: 0.95, turns: 0.03 },
    lastName: 'Scole',
    room: 'Upper Pound',
    group: 'Voles',
    months: 61,
    makeUp: 'far on',
    mouths: false,
    weeksBetween: 2.2,
  },
  {
    firstName: 'Cosimo',
    lastName: 'Bassi',
    room: 'Upper Pound',
    group: 'Coots',
    months: 48,
    makeUp: 'strong in words',
    mouths: false,
    weeksBetween: 1.4,
  },
  {
    firstName: 'Elif',
    lastName: 'Demirci',
    room: 'Upper Pound',
    group: 'Herons',
    months: 51,
    makeUp: 'racing',
    mouths: false,
    weeksBetween: 1.6,
  },
  {
    firstName: 'Gethin',
    lastName: 'Lock',
    room: 'Upper Pound',
    group: 'Voles',
    months: 57,
    makeUp: 'steady',
    language: 'cy',
    mouths: false,
    weeksBetween: 1.5,
  },
  {
    firstName: 'Hana',
    writes: { forms: 0.9, turns: 0.08 },
    seesTo: 4,
    lastName: 'Kovac',
    room: 'Upper Pound',
    group: 'Coots',
    months: 54,
    makeUp: 'steady',
    hand: 'left',
    mouths: false,
    weeksBetween: 1.4,
    reads: { known: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], takes: { 14: 40, 12: 21 } },
  },
  {
    firstName: 'Imre',
    lastName: 'Sorin',
    room: 'Upper Pound',
    group: 'Herons',
    months: null,
    makeUp: 'steady',
    mouths: false,
    weeksBetween: 1.9,
  },
  {
    firstName: 'Noor',
    lastName: 'Anwar',
    room: 'Upper Pound',
    group: 'Voles',
    months: 47,
    makeUp: 'recounting',
    mouths: true,
    weeksBetween: 1.5,
  },
];
