import 'reflect-metadata';

export * from './begin.js';
export * from './trail.js';
export * from './signIn.js';
export * from './here.js';
export * from './events.js';
export * from './layout.js';
export {
  headFieldNames,
  headFields,
  type HeadField,
  type HeadFieldName,
  type HeadFields,
} from './headFields.js';
export * from './tries.js';
export * from './sittings.js';
export * from './setAside.js';
export * from './languages.js';
export {
  childColumnNames,
  childColumns,
  hands,
  isChildColumn,
  type ChildColumn,
  type ChildColumnName,
  type ChildColumns,
} from './childColumns.js';
export { blankChild } from './childRules.js';
export * from './children.js';
export * from './room.js';
export * from './groupTimes.js';
export * from './ink.js';
export * from './photo.js';
export * from './childSide.js';
export * from './office.js';
export { Reason } from './reason.js';
export * from './refusal.js';
export { likeFormula } from './formulas.js';
export { canBeLastDay, isFarLastDay, orNull, ruleSchemas } from './validators.js';
export * from './schools.js';
export * from './ownTask.js';
export * from './ownThings.js';
export * from './counters.js';
export * from './taskFile.js';
