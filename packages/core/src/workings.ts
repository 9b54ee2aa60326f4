/** A second door, for those who measure, test and simulate: what the app says of a child never comes in by it. */
export { seededUuid, type Random } from './common/random.js';
export { knowerLevels } from './estimates/knowerLevels.js';
export { figure } from './common/parameters.js';
export { borrowedTracking } from './estimates/priors.js';
export { proportion } from './estimates/proportion.js';
export { threshold } from './estimates/threshold.js';
export { mostTracked, tracking, trackingPrior, trackingWays } from './estimates/tracking.js';
export { observationsOf } from './evidence/observations.js';
export { wentWell } from './evidence/went.js';
export { onThisDay, usualChild, type Growth, type HiddenAbility } from './simulate/child.js';
export { pairsAsked, simulateSittings, type Asked, type SimulatedSittings } from './simulate/sittings.js';
export {
  canShow,
  inkFaults,
  simulateDigit,
  simulatePair,
  type InkTruth,
  type SimulatedInk,
} from './simulate/ink.js';
export { oneTry } from './simulate/oneTry.js';
export { simulateMonths } from './simulate/history.js';
export { drawChild, trueGoingOn, trueOrder, trueTracking } from './simulate/population.js';
export { putOf, simulateTry } from './simulate/simulateTry.js';
export { orderPrior } from './statements/order.js';
export { shapesOf } from './statements/tracking.js';
