export * from './trace/ids.js';
export * from './trace/trace.js';
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
export { tellTry, tellWordSlip } from './reading/tellTry.js';
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
export { counters, counterOf, amountOf, type Counter } from './shelf/counters.js';
export { ageInMonths, cautionsFor, isTakenAsMouthing, type CautionedChild } from './shelf/cautions.js';
export {
  tasks,
  taskOf,
  describeSet,
  howManyQuestion,
  smallestSize,
  largestSize,
  type Task,
  type TaskId,
} from './shelf/tasks.js';
export { outcomeFor, outcomesFor, skills, type Outcome, type Skill } from './evidence/outcomes.js';
export { dotLineFor, type Dot, type DotForm, type DotLine } from './evidence/dotLine.js';
export { nextStep, type NextStep } from './next/nextStep.js';
export { teachingMoves, type TeachingMove, type TellingSlip } from './next/moves.js';
export { dueFor, type Due, type LookedAt } from './next/due.js';
export { seededRandom, seededUuid, pick, chance, type Random } from './simulate/random.js';
export { simulateCount, grown, type Growth, type HiddenAbility } from './simulate/child.js';
export { simulateMonths, type SimulatedMonths } from './simulate/history.js';
export { groupBy } from './groupBy.js';
export { nextInSitting, type SittingTry } from './next/nextInSitting.js';
