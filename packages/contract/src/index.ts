import 'reflect-metadata';

export * from './signIn.js';
export * from './here.js';
export * from './events.js';
export * from './layout.js';
export * from './tries.js';
export * from './sittings.js';
export * from './languages.js';
export * from './children.js';
export * from './room.js';
export * from './office.js';
export * from './refusal.js';
export { likeFormula } from './formulas.js';
export { canBeLastDay, isFarLastDay, orNull } from './validators.js';
export { sayWith } from './said.js';
