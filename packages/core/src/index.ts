export * from './trace/ids.js';
export * from './trace/trace.js';
export {
  canBeBorn,
  canBeTried,
  dayAfter,
  earliestDay,
  longestTryMs,
  oldestChildYears,
} from './trace/bounds.js';
export { flawOf, happeningFlaw, headFlawOf, tellFlaw, type Flaw } from './reading/flaws.js';
export { doubledTries, mayBeSame } from './trace/doubledTries.js';
export { settledEvents, undoneSeqs } from './trace/settled.js';
export {
  readPass,
  readPasses,
  splitPasses,
  wordsOf,
  type Pass,
  type PassEvent,
  type ReadPasses,
} from './trace/passes.js';
export {
  readWords,
  wordSlipKinds,
  type WordSlip,
  type WordSlipKind,
  type WordsReading,
} from './words/readWords.js';
export { readOrder, type OrderReading } from './words/readOrder.js';
export {
  readPairing,
  pairingSlipKinds,
  type PairingReading,
  type PairingSlip,
  type PairingSlipKind,
} from './pairing/readPairing.js';
export { readTotal, type TotalReading } from './total/readTotal.js';
export { tryWeight, type TryWeight, type WeighedTrace } from './weight/tryWeight.js';
export { readTry, type ReadableTrace, type TryReading } from './reading/readTry.js';
export { tellRuling, tellTry, tellWordSlip } from './reading/tellTry.js';
export {
  record,
  undoWhole,
  lastStanding,
  lastTap,
  nextWord,
  type Gesture,
  type Moment,
  type RecordedSoFar,
} from './recording/record.js';
export { shippedLanguages, tenAndSome, wordFor, wordsIn, type NumberWords } from './languages/numberWords.js';
export { seenInPassing, seenSkills, type SeenFacts, type SeenSkill } from './recording/inPassing.js';
export { layoutFor } from './shelf/layout.js';
export { puppetCount } from './puppet/puppetCount.js';
export { isPutting, outside, placeName, readSharing, type SharingReading } from './sharing/readSharing.js';
export { readChoice, rightChoice, type ChoiceReading } from './choosing/readChoice.js';
export { gaveAll, readGiving, type Request } from './giving/readGiving.js';
export { ruledOf, standingRulings } from './rulings/rulings.js';
export {
  counters,
  counterKinds,
  counterOf,
  amountOf,
  isCounter,
  otherCounter,
  type Counter,
} from './shelf/counters.js';
export {
  ageInMonths,
  cautionsFor,
  fittingCounters,
  isTakenAsMouthing,
  type CautionedChild,
} from './shelf/cautions.js';
export {
  tasks,
  taskOf,
  setOf,
  largestOf,
  laysThings,
  sizeFor,
  smallestOf,
  describeSet,
  howManyQuestion,
  smallestSize,
  largestSize,
  type Task,
  type TaskId,
} from './shelf/tasks.js';
export {
  captureKinds,
  numberSkills,
  principles,
  strands,
  type CaptureKind,
  type Choosing,
  type NumberSkill,
  type Principle,
  type Way,
  type Strand,
  type TaskEntry,
  type Watched,
} from './shelf/task.js';
export { dotsFor, type Dot, type DotForm } from './lines/skillLine.js';
export { courseOf, trendOf, type CoursePoint, type Trend } from './lines/course.js';
export { isRecent } from './asking/modelOf.js';
export { nextSteps, type NextStep, type NextSteps, type NextStepsOptions } from './next/nextSteps.js';
export { obstaclesIn, type Obstacle, type TellingSlip } from './evidence/obstacles.js';
export { tasksFor } from './skills/tasksOf.js';
export {
  allStrands,
  leaningOn,
  skillMap,
  skillOf,
  type AnyStrand,
  type SkillEntry,
  type SkillId,
} from './skills/map.js';
export { tellObstacle } from './next/tellStep.js';
export { teachingMoves, tellingSlips, type Moves, type TeachingMove } from './next/moves.js';
export { dueFor, skillToSitFor, type ChildLooks, type Due, type DueBecause } from './next/due.js';
export { couldSitTogether, type OpenStep, type Together } from './next/together.js';
export { claimedTo, surelyTo } from './statements/claimedTo.js';
export { coreStrands, statementFor, summarise, type CoreStrand, type LookSummary } from './next/looks.js';
export { seededRandom, seededUuid, seedFrom, pick, chance, type Random } from './simulate/random.js';
export { grown, onThisDay, usualChild, type Growth, type HiddenAbility } from './simulate/child.js';
export { putOf } from './simulate/putOf.js';
export { simulateTry, type PutToChild, type SimulatedTry } from './simulate/simulateTry.js';
export { simulateMonths, type SimulatedMonths } from './simulate/history.js';
export { groupBy } from './groupBy.js';
export { parameters, figure, type Parameter } from './estimates/parameters.js';
export { saidFor } from './statements/saidFor.js';
export type {
  Certainty,
  CountOutStatement,
  FetchStatement,
  NumberStatement,
  OrderStatement,
  PrincipleStatement,
  Statement,
  StatementOptions,
  TrackingStatement,
} from './statements/statement.js';
export { shortName, tellOpen, tellStatement, weaknessWords } from './statements/tellStatement.js';
export { certainties, isClaimed, isOfNumbers } from './statements/statement.js';
export { sittingChanges, type SittingChanges } from './statements/sittingChanges.js';
export { weaknesses, type Weakness } from './statements/weaknesses.js';
export { observationsOf, type Observations } from './evidence/observations.js';
export type { Asking, NextTry, Purpose } from './asking/asking.js';
export { nextTry } from './asking/nextTry.js';
export { nextInSitting, type NextInSitting, type SittingSoFar } from './asking/nextInSitting.js';
export { looksAt, wentWell } from './evidence/went.js';
export { beginSitting, type BegunSitting, type SittingPlan } from './asking/beginSitting.js';
export { otherQuestions, trayFor, type TrayPlan, type TrayOf } from './asking/planSitting.js';
export { replaySteps, type ReplayStep } from './replay/replaySteps.js';
