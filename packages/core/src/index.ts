export * from './trace/ids.js';
export * from './trace/trace.js';
export type { Gesture } from './trace/gesture.js';
export { canBeBorn, canBeTried, dayAfter, longestTryMs } from './trace/bounds.js';
export { flawOf, happeningFlaw, headFlawOf, type Flaw } from './reading/flaws.js';
export { doubledTries, mayBeSame } from './trace/doubledTries.js';
export { settledEvents } from './trace/settled.js';
export { splitPasses, wordsOf } from './trace/passes.js';
export { readWords } from './reading/readWords.js';
export { readStart } from './reading/readStart.js';
export { readBoth } from './reading/readBoth.js';
export { readCheck } from './reading/readCheck.js';
export { readOrder } from './reading/readOrder.js';
export { readPairing } from './reading/readPairing.js';
export { readTotal } from './reading/readTotal.js';
export { tryWeight } from './evidence/tryWeight.js';
export { readTry } from './reading/readTry.js';
export { liesAmongOthers } from './shelf/cardsLayout.js';
export { numbersFrom } from './common/numbersFrom.js';
export { record, undoWhole } from './recording/record.js';
export { hasGiven, lastStanding, lastTap } from './recording/underWay.js';
export { implicitQuestion, isAllowed, isEmpty, type Phase } from './recording/allowed.js';
export { captureKinds } from './shelf/kinds/kinds.js';
export type { CaptureKind } from './shelf/captureKind.js';
export { shippedLanguages, tenAndSome, wordFor, wordsIn, type NumberWords } from './languages/numberWords.js';
export { seenInPassing, seenSkills, type SeenSkill } from './recording/inPassing.js';
export { layoutFor } from './shelf/layout.js';
export { addedUp, thingsFor } from './shelf/thingsFor.js';
export { isPutting, outside, readSharing } from './reading/readSharing.js';
export { comparingRule, type ComparedPair } from './comparing/comparingRule.js';
export { tellingSeed } from './comparing/tellingSeed.js';
export { comparedPairs } from './comparing/comparedPairs.js';
export { readBeside } from './reading/readBeside.js';
export { readDifference } from './reading/readDifference.js';
export { asksForFewer, standsOut } from './reading/standsOut.js';
export {
  isTested,
  readComparing,
  readTested,
  type Chosen,
  type ComparingReading,
} from './reading/readComparing.js';
export { readChoice, rightChoice } from './reading/readChoice.js';
export { readChange } from './reading/readChange.js';
export { readGoingOn } from './reading/readGoingOn.js';
export { cellsInOrder, dieFace, dotsOf, fingersOf, type PlacedDot } from './shelf/dots.js';
export { insteadOf, nextSlot, openOptions, placeableOf, slotOfPlace } from './reading/placeable.js';
export {
  bundleOf,
  filled,
  letterOf,
  placeIn,
  placeParts,
  putInto,
  slotsOf,
  type FilledSlot,
  type Slot,
} from './reading/slots.js';
export { readAll, readNamed, readPlaced } from './reading/readCards.js';
export { readRecord, readSorted } from './reading/readRecord.js';
export { digitByDigit, isTurnedRound, numerals } from './numerals/lookAlikes.js';
export {
  digitsOf,
  formsOfDigits,
  strokesOf,
  styleAfter,
  type DrawnForms,
  usualStyle,
  type NumeralStyle,
} from './numerals/style.js';
export { brailleOf, cellOf, dotsIn, isCell } from './numerals/braille.js';
export { readBraille } from './reading/readBraille.js';
export { digitWidth, pathOf } from './numerals/templates.js';
export {
  digitForm,
  digitFormNames,
  formsNamed,
  schoolChoices,
  schoolNames,
  schoolsOf,
  usualSchools,
  waysBySchool,
  type OwnSchools,
  type School,
  type Schools,
} from './schools/schools.js';
export { readNumeral, type NumeralInk } from './ink/readNumeral.js';
export type { Digit } from './numerals/templates.js';
export { polylineOf } from './numerals/polyline.js';
export { inkMlOf, pointsOfTrace, usualPause, type InkDocument } from './ink/inkMl.js';
export { drawnForm } from './ink/drawnForm.js';
export { boxOf, lengthOf, resampled, type Box } from './ink/stroke.js';
export { inkOptions, rememberInk } from './reading/readInk.js';
export { readWritten, strokesOfTry, wantedOf, type WrittenReading } from './reading/readWritten.js';
export {
  guides,
  writingWays,
  type DrawnStroke,
  type Guide,
  type Hand,
  type InkPoint,
  type InkStroke,
  type Writing,
  type WritingWay,
} from './trace/trace.js';
export { mixedUpWith } from './evidence/mixedUp.js';
export { carried, readCarry } from './reading/readCarry.js';
export { otherParts, readParts, wayOf, waysOf } from './reading/readParts.js';
export { readSeeing } from './reading/readSeeing.js';
export { leanOf, settlesIn, swingAt } from './shelf/balance.js';
export { sureMove } from './shelf/sureMove.js';
export { readMore } from './reading/readMore.js';
export { isFetching } from './trace/isFetching.js';
export { readGiving, type Request } from './reading/readGiving.js';
export { ruledOf } from './reading/rulings.js';
export { counters, counterOf, isCounter, otherCounter, type Counter, type Things } from './shelf/counters.js';
export {
  arrangementsLike,
  entryOf,
  leastInPile,
  likable,
  likableFor,
  mostInPile,
  rangeLike,
  type OwnTaskFacts,
} from './shelf/ownTask.js';
export { ageInMonths, cautionsFor, fittingCounters, type Caution } from './shelf/cautions.js';
export {
  choicesIn,
  tasks,
  taskOf,
  setOf,
  largestOf,
  laysThings,
  runOf,
  sizeBySteps,
  sizeFor,
  smallestOf,
  type Task,
  type TaskId,
} from './shelf/tasks.js';
export { strands, type Adapted, type ChosenStart, type Strand } from './shelf/task.js';
export { dotsFor, type Dot, type DotForm } from './lines/skillLine.js';
export { courseOf, trendOf, type Trend } from './lines/course.js';
export { isRecent } from './asking/modelOf.js';
export { nextSteps, stepEvidence, type NextStep, type NextSteps } from './next/nextSteps.js';
export { obstaclesIn, toldObstacle, type SlipPlace, type ToldObstacle } from './evidence/obstacles.js';
export { type TellingSlip } from './evidence/tellingSlips.js';
export { skillOfTask, tasksFor } from './shelf/tasksOf.js';
export { votedFor, type Vote } from './recording/showOfHands.js';
export {
  allStrands,
  roomSkills,
  skillMap,
  skillOf,
  type AnyStrand,
  type SkillEntry,
  type SkillId,
} from './skills/map.js';
export { tellingSlips, type MoveChoice, type OwnMoves } from './next/moves.js';
export { dueFor, skillToSitFor, type DueBecause } from './next/due.js';
export { couldSitTogether } from './next/together.js';
export { claimedTo, surelyTo } from './statements/claimedTo.js';
export { statementFor, summarise, type LookSummary } from './next/looks.js';
export { seededRandom, seedFrom, chance, shuffled } from './common/random.js';
export { groupBy } from './common/groupBy.js';
export { figure } from './common/parameters.js';
export { saidFor } from './statements/saidFor.js';
export type { Certainty, NumberStatement, PrincipleStatement, Statement } from './statements/statement.js';
export type { NextReason } from './asking/asking.js';
export { readKept } from './reading/readKept.js';
export { standingRulings } from './reading/rulings.js';
export type { ReadableTrace, TryReading } from './reading/readTry.js';
export type { WordSlip } from './reading/readWords.js';
export type { CountStep } from './trace/trace.js';
export type { PairingSlip, PairingSlipKind } from './reading/readPairing.js';
export type { TotalReading } from './reading/readTotal.js';
export {
  certainties,
  isClaimed,
  isOfNumbers,
  isOfNumerals,
  type NumeralsStatement,
} from './statements/statement.js';
export { sittingChanges, type SittingChange } from './statements/sittingChanges.js';
export { nextTry } from './asking/nextTry.js';
export { roundOf } from './asking/allRound.js';
export { nextInSitting } from './asking/nextInSitting.js';
export { looksAt } from './evidence/went.js';
export {
  deckOf,
  discarded,
  dropTimes,
  firstTurns,
  shownDots,
  frames,
  paths,
  readNumbers,
  steppedOn,
  tellings,
  thrown,
  type StandInSetup,
} from './shelf/standIns.js';
export { standInKinds, type StandInKind } from './shelf/task.js';
export { howCompared, type HowCompared } from './statements/howCompared.js';
export { choicesOf } from './reading/choicesOfSets.js';
export {
  besides,
  patternForms,
  relations,
  type Beside,
  type Cards,
  type CardKind,
  type ComparedSet,
  type Comparison,
  type Carry,
  type DotPattern,
  type PatternForm,
  type Relation,
  type Turns,
  type Weighed,
} from './trace/trace.js';
export { howWorkedOut, type HowWorkedOut } from './statements/howWorkedOut.js';
export { isHeldBack, lessons, openWays, waitingFor, type Lesson } from './shelf/lessons.js';
export { tooMuchLastTime } from './asking/tooMuch.js';
export { beginSitting, type BegunSitting, type SittingPlan } from './asking/beginSitting.js';
export { otherQuestions, trayFor } from './asking/planSitting.js';
export { replaySteps, type ReplayStep, type StepSlip } from './lines/replaySteps.js';
