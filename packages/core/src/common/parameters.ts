/**
 * Every figure that the readings, the estimates and the choice of questions rest on, each with its reason and, in brackets at the end,
 * its unit; docs/model.md has them as a table.
 */
const table = {
  /** A number word left out: what the other departures from the count are held against. (cost) */
  skippedCost: 100,
  /** Each further one left out with it: together they are one slip. (cost) */
  skippedFurtherCost: 5,
  /** A number word said twice running. (cost) */
  repeatedCost: 100,
  /** Two number words in each other’s place: a little dearer than one left out, so that it wants both. (cost) */
  swappedCost: 120,
  /** Another number in place of the one due … (cost) */
  replacedCost: 120,
  /** … or a word that is no number. (cost) */
  replacedByNoNumberCost: 100,
  /** A number put in between … (cost) */
  insertedCost: 115,
  /** … or a word that is no number. (cost) */
  insertedNoNumberCost: 105,
  /** Gone back to an earlier number, and on from there. (cost) */
  loopedBackCost: 130,
  /** Children of one age differ widely: about two in three lie within five numbers of the prior mean. (numbers) */
  priorSd: 5,
  /** Even what is known goes wrong one time in twenty-five: a noise, a friend, a yawn. (chance) */
  lapse: 0.04,
  /** An open answer is seldom right by luck. (chance) */
  guess: 0.02,
  /** How sharply a skill gives way at its threshold is not known: five shapes, equally likely. (numbers) */
  slopes: [0.5, 0.8, 1.2, 1.8, 2.7],
  /** Words may also fray slowly over many numbers, where at each of them one may be lost. (numbers) */
  orderSlopes: [0.5, 0.8, 1.2, 1.8, 2.7, 4, 6],
  /** Most often the words end within a number or two. (weight) */
  orderSlopeWeights: [2, 2, 2, 1.5, 1, 0.5, 0.4],
  /** Steady means right three times in four, at this number and at every smaller one. (chance) */
  steadyChance: 0.75,
  /** What an estimate calls steady is at least so probable, where nothing else is asked of it. (probability) */
  claim: 0.9,
  /**
   * What is said of a child is at least so probable: over-claiming is worse than waiting, and at 0.9 too many
   * were over-claimed (docs/performance.md). (probability)
   */
  statedClaim: 0.95,
  /** So many right and none wrong, over two days, stand for a number even where the model doubts. (tries) */
  passesForOneNumber: 4,
  /**
   * What was seen a while ago is known less well: children move on, and now and then back. (numbers per root of
   * a week)
   */
  spread: 0.6,
  /**
   * One good day, one bad day: what a day shows lies so far from the child’s usual self. Read only where tries
   * carry their day. (numbers)
   */
  dayToDay: 1.2,
  /** Children learn. Serves the choice of the next question only, never a statement. (numbers a week) */
  drift: 0.15,
  /** Things moved aside or put in cells, against a row: track is lost so many times as easily. (times) */
  slipsMovable: 0.6,
  /** Pictures, which cannot be moved, and things heard. (times) */
  slipsPictures: 1.2,
  /** A spread has no line to follow, a ring no end. (times) */
  slipsScattered: 2,
  /** So far off that usual difference lies what one arrangement of a child says of another. (times) */
  borrowTimes: 1.5,
  /** One arrangement may say nothing of another: so much of the plain prior stays. (share) */
  borrowPlain: 0.2,
  /**
   * How a child loses track is not known: at any thing alike, from some number on, ever more along the set, or
   * at its close. (weight)
   */
  trackingShapes: [0.35, 0.25, 0.2, 0.2],
  /** In a ring and a spread more often at the close: nothing shows where the count began. (weight) */
  trackingShapesOpen: [0.3, 0.2, 0.2, 0.3],
  /** A slip that says nothing of how a child keeps track: a noise, a bump of the table. (chance a set) */
  trackingLapse: 0.015,
  /**
   * Tries of one child are more alike than the model takes them to be: each tells so much of what it says.
   * (share)
   */
  trackingTold: 0.7,
  /** Now and then a child is tired or upset … (share of days) */
  badDays: 0.15,
  /** … and loses track so many times as easily. (times) */
  badDayTimes: 4,
  /** So many have days on which their number words end far sooner … (share of children) */
  manyBadDays: 0.12,
  /** … one day in four … (share of days) */
  badDaysOfMany: 0.25,
  /** … and then go so far of their usual reach. (share) */
  reachOnBadDays: 0.55,
  /**
   * What was seen a while ago is known less well: so much of it gives way to what was expected before. (share a
   * week)
   */
  fade: 0.015,
  /** Where track is lost is told once one shape is so probable. (probability) */
  trackingShapeTold: 0.75,
  /** What is called likely is at least so probable: right two times in three, and said so. (probability) */
  likelyClaim: 0.7,
  /**
   * What is left out at each end of the interval in which nine children in ten are: with 0.05 it held 78 to 84
   * of 100 who were not drawn from the estimates, with this 88 to 93 (docs/performance.md). (probability)
   */
  intervalTail: 0.02,
  /** Some children are far from what their age makes one expect: two clean runs to 20 are no chance. (numbers) */
  orderWideSd: 12,
  /** So many of them are held possible. (share) */
  orderWideShare: 0.3,
  /**
   * How much likelier a number the child knows is given when asked, and less when not (Lee & Sarnecka 2010).
   * (times)
   */
  giveBoost: 20,
  /** Some children push the whole pile over. (weight) */
  giveAll: 0.5,
  /** A level is seldom lost, but may have been luck. (chance a week) */
  levelDown: 0.005,
  /** Levels are months apart. Serves the choice of the next request only. (chance a week) */
  levelUp: 0.03,
  /** Of a principle, and of the order of the words, what was seen six weeks before counts half. (weeks) */
  halfLife: 6,
  /**
   * Most children have a principle, Beta(9, 1), or have it not, Beta(1, 9); a few are between, Beta(1, 1).
   * (weight)
   */
  principlePrior: [0.35, 0.45, 0.2],
  /** A principle is sure when it is so probable that it holds three times in four … (probability) */
  principleSure: 0.9,
  /** … on at least five tries … (tries) */
  principleTries: 5,
  /** Likely when it is so probable … (probability) */
  principleLikely: 0.6,
  /** … on at least two. (tries) */
  principleLikelyTries: 2,
  /** What is only called likely fades more slowly: half in so long. (weeks) */
  likelyHalfLife: 16,
  /** Sets so small may be seen without counting: alone they make no principle sure. (things) */
  smallSets: 3,
  /**
   * A count asked for by “how many?” ends with its answer: whether the last word was meant as one cannot be told
   * apart. (weight)
   */
  askedBefore: 0.25,
  /** … over at least two days: one good day is one good day. (days) */
  shownDays: 2,
  /** Steady without a question mark wants two kinds of things, as it wants two days. (kinds of things) */
  steadyKinds: 2,
  /** What a child reaches for is named at most so far above the largest number tried. (numbers) */
  reach: 2,
  /** How far back the choice of a question looks, where there is anything so recent. (weeks) */
  askingWeeks: 12,
  /**
   * Counting out wants the words, one to each thing, and stopping in time: it comes about so far after the words
   * alone. (numbers)
   */
  countOutBehind: 3,
  /** Saying what comes next comes so far after the words; first guesses, as those that follow. (numbers) */
  oneMoreBehind: 2,
  /** … so many things done, shown or stepped. (numbers) */
  doingBehind: 3,
  /** A flash is on the screen for so long: too short to count; Mandler & Shebo 1982 took 200 ms, practitioners about a second. (ms) */
  shownFor: 700,
  /** Loose dots that may be expected to be seen without counting, at any of our ages: three (Mandler & Shebo 1982). (dots) */
  seesLoose: 3,
  /** … as a pattern of a die or of fingers: one more. (dots) */
  seesPatterns: 4,
  /** … in a frame, where five is a line: first guess. (dots) */
  seesInFrame: 4,
  /** Children differ in it by less than in counting. (dots) */
  seesSd: 1.5,
  /** It gives way within a dot or two. (dots) */
  seesSlopes: [0.25, 0.5],
  /** A numeral nobody has asked for yet: so probably it is learned. (probability) */
  numeralStart: 0.3,
  /** … it is learned in a week of nursery; for the choice of the next question alone. (chance a week) */
  numeralLearning: 0.05,
  /** … and lost again. (chance a week) */
  numeralForgetting: 0.02,
  /** What is learned is named otherwise all the same. (chance) */
  numeralSlip: 0.08,
  /** What is not is named by luck, where nothing is shown to choose from. (chance) */
  numeralGuess: 0.05,
  /** A numeral said for another is so much less probably learned itself. (times the odds) */
  numeralInstead: 0.5,
  /** Known is what is so probably learned … (probability) */
  numeralKnown: 0.9,
  /** … and likely what is so probably learned. (probability) */
  numeralLikely: 0.8,
  /** Cards of which one is to be found. (cards) */
  cardsToFind: 4,
  /** A numeral read by the way, as when so many are put for it: the number could have come by luck as from so many cards. (cards) */
  readByTheWay: 5,
  /** All of a numeral found, and nothing else: hardly luck. (cards) */
  allFound: 8,
  /** A numeral that was copied could have come by luck as from so many models. (models) */
  copied: 3,
  /** A numeral is begun and led rightly by luck as if by one way in so many: who does one rightly does most. (ways) */
  formedByChance: 2,
  /** … and faces the right way. (ways) */
  facedByChance: 1.7,
  /** So many numerals in one sitting. (tries) */
  numeralsInSitting: 8,
  /** Of one number all round, so many misses running are enough. (tries) */
  missesOfRound: 2,
  /** Larger numerals wait until so many of the smaller ones are probably learned. (share) */
  numeralsBefore: 0.6,
  /** Cards put in order come so far after the words. (numbers) */
  inOrderBehind: 4,
  /** … counting things and writing down how many. (numbers) */
  writingBehind: 8,
  /** … going on from a number, and what comes before one. (numbers) */
  goingOnBehind: 4,
  /** … saying what comes before. (numbers) */
  oneFewerBehind: 4,
  /** … two sets put together, all in view. (numbers) */
  togetherBehind: 4,
  /** … going back from a number, and making one set into another. (numbers) */
  goingBackBehind: 6,
  /** … adding and taking away what cannot be seen. (numbers) */
  hiddenBehind: 6,
  /** The age before which no number word is expected. (months) */
  orderFrom: 24,
  /**
   * How much older a child is for each number word more that is expected; where to begin asking, no norm.
   * (months a word)
   */
  orderPerWord: 3,
  /** The prior mean of the order is never below … (numbers) */
  orderLeast: 1,
  /** … and never above. (numbers) */
  orderMost: 14,
  /** A frame against things moved aside or in a row: easier. (numbers) */
  harderFrame: -1,
  /** Pictures, which cannot be moved: harder. (numbers) */
  harderPictures: 1,
  /** Things heard, which cannot be touched: harder. (numbers) */
  harderHeard: 1,
  /** A spread has no line to follow. (numbers) */
  harderScattered: 2,
  /** A ring has no end. (numbers) */
  harderRing: 2,
  /** Things hidden have to be kept in mind. (numbers) */
  harderHidden: 2,
  /** A level so probable, and stated, needs no further request. (probability) */
  levelKnown: 0.9,
  /** A sitting that has begun goes on so far, unless time is up. (tries) */
  fewestTries: 2,
  /** So many misses running, two or more of them of easy ones: the child has had enough. (tries) */
  mostMisses: 4,
  /** Where to begin asking: so far below the prior mean, but from 1 to 5. (numbers) */
  startBelow: 1.5,
  /** A sitting begins, and after two misses goes on, with a try that will go well. (chance) */
  goesWell: 0.85,
  /**
   * The first try of a sitting is as likely to go well, so that what is measured in the app’s own flow stays
   * above 0.85. (chance)
   */
  beginsWell: 0.9,
  /** An easy count, to end well, has at most so many. (things) */
  endsWithin: 5,
  /** A try that tells less is not worth the child’s time: with so little left the sitting ends. (bits) */
  worthAsking: 0.05,
  /** A question is asked where the counting it wants goes well more often than not. (chance) */
  inReach: 0.5,
  /**
   * A 90 % interval so narrow is enough for planning: more questions would be for us, not for the child.
   * (numbers)
   */
  narrowEnough: 3,
  /** The same number is asked at most so often in one sitting. (tries) */
  sameNumber: 2,
  /** Laying out other things. (s) */
  secondsToLay: 20,
  /** Putting more or fewer of the things that already lie there. (s) */
  secondsToKeep: 5,
  /** A child’s word and touch. (s) */
  secondsPerThing: 1.2,
  /** Asking, and waiting for the answer. (s) */
  secondsToAnswer: 10,
  /** Four minutes: attention goes after three to six. (min) */
  minutesOfSitting: 4,
  /** For a child whose attention goes sooner: two minutes, and later again. (min) */
  minutesOfShort: 2,
  /** For a child whose attention goes sooner: three things. (things) */
  thingsOfShort: 3,
  /** Skills take turns: one asked this week is worth so much of itself, an eighth more each week … (times) */
  justAsked: 0.5,
  /** … up to this … (times) */
  longestWait: 2,
  /** … and one that nobody has looked at most. (times) */
  neverAsked: 3,
  /** What is leaned on to build the others counts so much of them as a next step: the heart of the work comes first. (share) */
  sideStrand: 0.3,
  /** What leans on a skill that nobody has looked at waits for that one. (times) */
  groundUnseen: 0.5,
  /** So many of the latest tries that were long enough to show a slip are asked for it … (tries) */
  obstacleLookBack: 6,
  /** … it is named once it came so often … (tries) */
  obstacleTries: 2,
  /** Two kinds of slips taken together are named once they came so often. (tries) */
  obstacleTriesTogether: 3,
  /** … and in such a share of them. (share) */
  obstacleShare: 0.41,
  /** A slip seen in no more tries than this is asked about again. (tries) */
  fewLooks: 4,
  /** Slips that come only after more things than that are told with their place. (things) */
  obstacleLate: 2,
  /** No strand of a child goes unlooked-at for longer. (weeks) */
  lookAgainWeeks: 8,
  /** So long before, it comes up: for absences and full days. (days) */
  lookAgainLead: 14,
  /** So many fit a morning of a room; the rest comes on the next day. (children) */
  looksInADay: 8,
  /** An open question rests for a week, then is asked again. (days) */
  openQuestionDays: 7,
  /** Kept for the other question of a sitting: two or three short tries. (s) */
  secondsForOther: 75,
  /** So many of a principle in one sitting; it wants another day as well. (tries) */
  principleTriesInSitting: 3,
  /** So many more on the tray than the first number, for it to go up. (things) */
  traySpare: 4,
  /** A success with a prompt counts half … (weight) */
  successPrompted: 0.5,
  /** … shown how, hardly … (weight) */
  successShown: 0.2,
  /** … together with friends, a quarter … (weight) */
  successWithOthers: 0.25,
  /** … with something that gives it away, half. Help makes no miss worth less. (weight) */
  successWithCue: 0.5,
  /** A set shown for longer may have been counted … (ms) */
  shownBriefly: 1000,
  /** … and then counts half. (weight) */
  successShownLong: 0.5,
  /** What was seen in play, and not taken down step by step. (weight) */
  seenInPassing: 0.5,
  /** A routine the child had not met measures the routine too. (weight) */
  missFirstTime: 0.7,
  /** Who stops early of their own accord may have had enough. (weight) */
  missStoppedItself: 0.5,
  /** How the chance of a slip rises along a set, where it does. (power of the place, Weibull) */
  slipsRise: 2.5,
  /** Where track is kept, a slip comes all the same. (chance a thing) */
  slipsHardly: 0.004,
  /** From the number on at which track is lost, a slip comes at one thing in three. (chance a thing) */
  slipsBeyond: 1 / 3,
  /** What the next level of fetching is worth, between the best in reach and a principle never looked at. (score) */
  nextLevel: 0.75,
  /** A child nobody has seen is asked no more than this. (numbers) */
  firstNumbers: 5,
  /** Where a principle is looked at, larger numbers only take longer. (numbers) */
  comfortable: 7,
  /** How many there are to take from, where nothing else is said. (things) */
  usualPile: 15,
  /** From here on a child fetches by counting. (numbers) */
  firstCounted: 5,
  /** So many tries without help or doubt stand by themselves. (tries) */
  cleanTries: 2,
  /** So many obstacles of one skill are named at most. (obstacles) */
  obstaclesNamed: 2,
  /** A way of working out seen in such a share of the latest tries is the usual one. (share) */
  usualShare: 2 / 3,
  /** Of sets side by side one choice in ten is made for no reason at all. (chance) */
  comparingLapse: 0.1,
  /** How often a child who goes by number now and then goes by something else. (shares) */
  comparingRates: [0.4, 0.6],
  /** Numbers near each other, such as 7 and 8, are told apart so often by eye. (chance) */
  comparingNear: 0.85,
  /** By which rule a child compares is not said before so many pairs, … (pairs) */
  comparingPairs: 6,
  /** … and then where one is so likely, … (probability) */
  comparingNamed: 0.8,
  /** … guessing, and now one thing and now another, where it is more so: they look like much else. (probability) */
  comparingGuesses: 0.9,
  /** What is named held after so many pairs running. (pairs) */
  comparingHeld: 2,
  /** … and guessing hardly possible any more. (probability) */
  comparingLuck: 0.015,
  /** So many pairs of one question are laid in a sit-down. (pairs) */
  comparingInSitting: 6,
  /** Of so many pairs drawn by lot the one that tells most is laid. (pairs) */
  comparingCandidates: 48,
  /** Children learn to compare in a few weeks: a pair counts half after so many others. (pairs) */
  comparingHalfLife: 60,
  /** A trend is against what was said so long before. (weeks) */
  trendWeeks: 6,
  /** A course has about so many points at most. (points) */
  coursePoints: 12,
} as const;

type Widened<Value> = Value extends readonly number[] ? readonly number[] : number;

/** The figures by name. */
export const figure: { readonly [Name in keyof typeof table]: Widened<(typeof table)[Name]> } = table;
