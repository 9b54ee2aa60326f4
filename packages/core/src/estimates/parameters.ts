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
  orderSlopes: {
    value: [0.5, 0.8, 1.2, 1.8, 2.7, 4, 6],
    unit: 'numbers',
    why: 'Words may also fray slowly over many numbers, where at each of them one may be lost.',
  },
  orderSlopeWeights: {
    value: [2, 2, 2, 1.5, 1, 0.5, 0.4],
    unit: 'weight',
    why: 'Most often the words end within a number or two.',
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
    value: 1.2,
    unit: 'numbers',
    why: 'One good day, one bad day: what a day shows lies so far from the child’s usual self. Read only where tries carry their day.',
  },
  drift: {
    value: 0.15,
    unit: 'numbers a week',
    why: 'Children learn. Serves the choice of the next question only, never a statement.',
  },
  slipsMovable: {
    value: 0.6,
    unit: 'times',
    why: 'Things moved aside or put in cells, against a row: track is lost so many times as easily.',
  },
  slipsPictures: { value: 1.2, unit: 'times', why: 'Pictures, which cannot be moved, and things heard.' },
  slipsScattered: { value: 2, unit: 'times', why: 'A spread has no line to follow, a ring no end.' },
  borrowTimes: {
    value: 1.5,
    unit: 'times',
    why: 'So far off that usual difference lies what one arrangement of a child says of another.',
  },
  borrowPlain: {
    value: 0.2,
    unit: 'share',
    why: 'One arrangement may say nothing of another: so much of the plain prior stays.',
  },
  trackingShapes: {
    value: [0.35, 0.25, 0.2, 0.2],
    unit: 'weight',
    why: 'How a child loses track is not known: at any thing alike, from some number on, ever more along the set, or at its close.',
  },
  trackingShapesOpen: {
    value: [0.3, 0.2, 0.2, 0.3],
    unit: 'weight',
    why: 'In a ring and a spread more often at the close: nothing shows where the count began.',
  },
  trackingLapse: {
    value: 0.015,
    unit: 'chance a set',
    why: 'A slip that says nothing of how a child keeps track: a noise, a bump of the table.',
  },
  trackingTold: {
    value: 0.7,
    unit: 'share',
    why: 'Tries of one child are more alike than the model takes them to be: each tells so much of what it says.',
  },
  badDays: { value: 0.15, unit: 'share of days', why: 'Now and then a child is tired or upset …' },
  badDayTimes: { value: 4, unit: 'times', why: '… and loses track so many times as easily.' },
  manyBadDays: {
    value: 0.12,
    unit: 'share of children',
    why: 'So many have days on which their number words end far sooner …',
  },
  badDaysOfMany: { value: 0.25, unit: 'share of days', why: '… one day in four …' },
  reachOnBadDays: { value: 0.55, unit: 'share', why: '… and then go so far of their usual reach.' },
  fade: {
    value: 0.015,
    unit: 'share a week',
    why: 'What was seen a while ago is known less well: so much of it gives way to what was expected before.',
  },
  trackingShapeTold: {
    value: 0.75,
    unit: 'probability',
    why: 'Where track is lost is told once one shape is so probable.',
  },
  likelyClaim: {
    value: 0.7,
    unit: 'probability',
    why: 'What is called likely is at least so probable: right two times in three, and said so.',
  },
  intervalTail: {
    value: 0.02,
    unit: 'probability',
    why: 'What is left out at each end of the interval in which nine children in ten are: with 0.05 it held 78 to 84 of 100 who were not drawn from the estimates, with this 88 to 93 (docs/performance.md).',
  },
  orderWideSd: {
    value: 12,
    unit: 'numbers',
    why: 'Some children are far from what their age makes one expect: two clean runs to 20 are no chance.',
  },
  orderWideShare: { value: 0.3, unit: 'share', why: 'So many of them are held possible.' },
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
  principlePrior: {
    value: [0.35, 0.45, 0.2],
    unit: 'weight',
    why: 'Most children have a principle, Beta(9, 1), or have it not, Beta(1, 9); a few are between, Beta(1, 1).',
  },
  principleSure: {
    value: 0.9,
    unit: 'probability',
    why: 'A principle is sure when it is so probable that it holds three times in four …',
  },
  principleTries: { value: 5, unit: 'tries', why: '… on at least five tries …' },
  principleLikely: { value: 0.6, unit: 'probability', why: 'Likely when it is so probable …' },
  principleLikelyTries: { value: 2, unit: 'tries', why: '… on at least two.' },
  likelyHalfLife: {
    value: 16,
    unit: 'weeks',
    why: 'What is only called likely fades more slowly: half in so long.',
  },
  smallSets: {
    value: 3,
    unit: 'things',
    why: 'Sets so small may be seen without counting: alone they make no principle sure.',
  },
  askedBefore: {
    value: 0.25,
    unit: 'weight',
    why: 'A count asked for by “how many?” ends with its answer: whether the last word was meant as one cannot be told apart.',
  },
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
  beginsWell: {
    value: 0.9,
    unit: 'chance',
    why: 'The first try of a sitting is as likely to go well, so that what is measured in the app’s own flow stays above 0.85.',
  },
  endsWithin: { value: 5, unit: 'things', why: 'An easy count, to end well, has at most so many.' },
  worthAsking: {
    value: 0.05,
    unit: 'bits',
    why: 'A try that tells less is not worth the child’s time: with so little left the sitting ends.',
  },
  inReach: {
    value: 0.5,
    unit: 'chance',
    why: 'A question is asked where the counting it wants goes well more often than not.',
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
  justAsked: {
    value: 0.5,
    unit: 'times',
    why: 'Skills take turns: one asked this week is worth so much of itself, an eighth more each week …',
  },
  longestWait: { value: 2, unit: 'times', why: '… up to this …' },
  neverAsked: { value: 3, unit: 'times', why: '… and one that nobody has looked at most.' },
  obstacleLookBack: {
    value: 6,
    unit: 'tries',
    why: 'So many of the latest tries that were long enough to show a slip are asked for it …',
  },
  obstacleTries: { value: 2, unit: 'tries', why: '… it is named once it came so often …' },
  obstacleTriesTogether: {
    value: 3,
    unit: 'tries',
    why: 'Two kinds of slips taken together are named once they came so often.',
  },
  obstacleShare: { value: 0.41, unit: 'share', why: '… and in such a share of them.' },
  fewLooks: {
    value: 4,
    unit: 'tries',
    why: 'A slip seen in no more tries than this is asked about again.',
  },
  obstacleLate: {
    value: 2,
    unit: 'things',
    why: 'Slips that come only after more things than that are told with their place.',
  },
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
  principleTriesInSitting: {
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
