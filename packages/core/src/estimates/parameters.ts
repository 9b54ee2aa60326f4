/** A figure that the estimates rest on. */
export interface Parameter {
  readonly value: number | readonly number[];
  readonly unit: string;
  readonly why: string;
}

const table = {
  priorSd: {
    value: 5,
    unit: 'numbers',
    why: 'Children of one age differ widely: about two in three lie within five numbers of the prior mean.',
  },
  lapse: {
    value: 0.04,
    unit: 'chance',
    why: 'Even what is known goes wrong one time in twenty-five: a noise, a friend, a yawn.',
  },
  guess: { value: 0.02, unit: 'chance', why: 'An open answer is seldom right by luck.' },
  slopes: {
    value: [0.5, 0.8, 1.2, 1.8, 2.7],
    unit: 'numbers',
    why: 'How sharply a skill gives way at its threshold is not known: five shapes, equally likely.',
  },
  steadyChance: {
    value: 0.75,
    unit: 'chance',
    why: 'Steady means right three times in four, at this number and at every smaller one.',
  },
  claim: {
    value: 0.9,
    unit: 'probability',
    why: 'What an estimate calls steady is at least so probable, where nothing else is asked of it.',
  },
  statedClaim: {
    value: 0.95,
    unit: 'probability',
    why: 'What is said of a child is at least so probable: over-claiming is worse than waiting, and at 0.9 too many were over-claimed (docs/performance.md).',
  },
  passesForOneNumber: {
    value: 4,
    unit: 'tries',
    why: 'So many right and none wrong, over two days, stand for a number even where the model doubts.',
  },
  spread: {
    value: 0.6,
    unit: 'numbers per root of a week',
    why: 'What was seen a while ago is known less well: children move on, and now and then back.',
  },
  dayToDay: {
    value: 0.7,
    unit: 'numbers',
    why: 'One good day, one bad day: what a day shows lies so far from the child’s usual self. Read only where tries carry their day.',
  },
  drift: {
    value: 0.15,
    unit: 'numbers a week',
    why: 'Children learn. Serves the choice of the next question only, never a statement.',
  },
  borrowSd: {
    value: 1,
    unit: 'numbers',
    why: 'How far from the usual difference a child’s two arrangements of one skill lie.',
  },
  slipPrior: {
    value: 15,
    unit: 'clean things',
    why: 'Before the first look: as if fifteen things had been counted with a slip still to come, Beta(1, 15).',
  },
  giveBoost: {
    value: 20,
    unit: 'times',
    why: 'How much likelier a number the child knows is given when asked, and less when not (Lee & Sarnecka 2010).',
  },
  giveAll: {
    value: 0.5,
    unit: 'weight',
    why: 'Some children push the whole pile over.',
  },
  levelDown: { value: 0.005, unit: 'chance a week', why: 'A level is seldom lost, but may have been luck.' },
  levelUp: {
    value: 0.03,
    unit: 'chance a week',
    why: 'Levels are months apart. Serves the choice of the next request only.',
  },
  halfLife: {
    value: 6,
    unit: 'weeks',
    why: 'Of a principle, and of the order of the words, what was seen six weeks before counts half.',
  },
  shownMean: {
    value: 0.8,
    unit: 'proportion',
    why: 'A principle counts as shown when it holds four times in five …',
  },
  shownTries: { value: 3, unit: 'tries', why: '… on at least three tries …' },
  shownDays: { value: 2, unit: 'days', why: '… over at least two days: one good day is one good day.' },
  steadyKinds: {
    value: 2,
    unit: 'kinds of things',
    why: 'Steady without a question mark wants two kinds of things, as it wants two days.',
  },
  reach: {
    value: 2,
    unit: 'numbers',
    why: 'What a child reaches for is named at most so far above the largest number tried.',
  },
  askingWeeks: {
    value: 12,
    unit: 'weeks',
    why: 'How far back the choice of a question looks, where there is anything so recent.',
  },
  countOutBehind: {
    value: 3,
    unit: 'numbers',
    why: 'Counting out wants the words, one to each thing, and stopping in time: it comes about so far after the words alone.',
  },
  orderFrom: { value: 24, unit: 'months', why: 'The age before which no number word is expected.' },
  orderPerWord: {
    value: 3,
    unit: 'months a word',
    why: 'How much older a child is for each number word more that is expected; where to begin asking, no norm.',
  },
  orderLeast: { value: 1, unit: 'numbers', why: 'The prior mean of the order is never below …' },
  orderMost: { value: 14, unit: 'numbers', why: '… and never above.' },
  harderFrame: { value: -1, unit: 'numbers', why: 'A frame against things moved aside or in a row: easier.' },
  harderPictures: { value: 1, unit: 'numbers', why: 'Pictures, which cannot be moved: harder.' },
  harderHeard: { value: 1, unit: 'numbers', why: 'Things heard, which cannot be touched: harder.' },
  harderScattered: { value: 2, unit: 'numbers', why: 'A spread has no line to follow.' },
  harderRing: { value: 2, unit: 'numbers', why: 'A ring has no end.' },
  harderHidden: { value: 2, unit: 'numbers', why: 'Things hidden have to be kept in mind.' },
  levelKnown: {
    value: 0.9,
    unit: 'probability',
    why: 'A level so probable, and stated, needs no further request.',
  },
  fewestTries: {
    value: 2,
    unit: 'tries',
    why: 'A sitting that has begun goes on so far, unless time is up.',
  },
  mostMisses: {
    value: 4,
    unit: 'tries',
    why: 'So many misses running, two or more of them of easy ones: the child has had enough.',
  },
  startBelow: {
    value: 1.5,
    unit: 'numbers',
    why: 'Where to begin asking: so far below the prior mean, but from 1 to 5.',
  },
  goesWell: {
    value: 0.85,
    unit: 'chance',
    why: 'A sitting begins, and after two misses goes on, with a try that will go well.',
  },
  narrowEnough: {
    value: 3,
    unit: 'numbers',
    why: 'A 90 % interval so narrow is enough for planning: more questions would be for us, not for the child.',
  },
  sameNumber: { value: 2, unit: 'tries', why: 'The same number is asked at most so often in one sitting.' },
  secondsToLay: { value: 20, unit: 's', why: 'Laying out other things.' },
  secondsToKeep: { value: 5, unit: 's', why: 'Putting more or fewer of the things that already lie there.' },
  secondsPerThing: { value: 1.2, unit: 's', why: 'A child’s word and touch.' },
  secondsToAnswer: { value: 10, unit: 's', why: 'Asking, and waiting for the answer.' },
  minutesOfSitting: { value: 4, unit: 'min', why: 'Four minutes: attention goes after three to six.' },
  minutesOfShort: {
    value: 2,
    unit: 'min',
    why: 'For a child whose attention goes sooner: two minutes, and later again.',
  },
  thingsOfShort: { value: 3, unit: 'things', why: 'For a child whose attention goes sooner: three things.' },
  lookAgainWeeks: { value: 8, unit: 'weeks', why: 'No strand of a child goes unlooked-at for longer.' },
  lookAgainLead: { value: 14, unit: 'days', why: 'So long before, it comes up: for absences and full days.' },
  looksInADay: {
    value: 8,
    unit: 'children',
    why: 'So many fit a morning of a room; the rest comes on the next day.',
  },
  openQuestionDays: {
    value: 7,
    unit: 'days',
    why: 'An open question rests for a week, then is asked again.',
  },
  secondsForOther: {
    value: 75,
    unit: 's',
    why: 'Kept for the other question of a sitting: two or three short tries.',
  },
  principleTries: {
    value: 3,
    unit: 'tries',
    why: 'So many of a principle in one sitting; it wants another day as well.',
  },
  traySpare: {
    value: 4,
    unit: 'things',
    why: 'So many more on the tray than the first number, for it to go up.',
  },
} as const satisfies Record<string, Parameter>;

/** Every figure of the estimates with its unit and reason, for docs/model.md. */
export const parameters: Readonly<Record<keyof typeof table, Parameter>> = table;

type Widened<Value> = Value extends readonly number[] ? readonly number[] : number;

type Figures = { readonly [Name in keyof typeof table]: Widened<(typeof table)[Name]['value']> };

/** The figures alone, by name. */
export const figure = Object.fromEntries(
  Object.entries(table).map(([name, { value }]) => [name, value]),
) as unknown as Figures;
