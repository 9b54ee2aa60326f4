export { appLanguages, languages, offeredLanguages, type AppLanguage } from './languages.js';
export {
  firstEnglish,
  wordsIn,
  wordsWithOwn,
  type FirstWords,
  type NamedThings,
  type OwnNames,
  type Words,
} from './words.js';
export { tellCautions } from './telling/cautions.js';
export { capitalised, listOf } from './telling/list.js';
export { tellNext } from './telling/next.js';
export { layingOf, tellCompared } from './telling/compared.js';
export { tellHow } from './telling/how.js';
export { tellChanges, tellStatement, wantsOf } from './telling/statements.js';
export { tellMove, tellMoves, tellObstacle, tellStep, tellTitle } from './telling/steps.js';
export { adaptationOf, numbersIn, taskWords, type ChoosingWords, type TaskWords } from './telling/tasks.js';
export { placeWords } from './telling/parts.js';
export { optionWords, slotWords } from './telling/slots.js';
export { amountOf, thingsWords } from './telling/amounts.js';
export {
  asksSecond,
  noTexts,
  ownTaskWords,
  ownTextNames,
  slotNames,
  textsOf,
  unknownSlot,
  type OwnTask,
  type OwnTextName,
  type OwnTexts,
} from './telling/own.js';
export { formationWords, formSaidOf, usualStrokeWords } from './telling/formation.js';
export { describeSet, titleOf } from './telling/things.js';
export { tellFlaw, tellStepSlip, tellTry } from './telling/tries.js';
