import type { Phase, Task, TraySet, Word } from '@dotting/core';
import type { Plan } from '../../outbox/sitting.js';
import type { KeyCommand } from '../keys.js';

export interface ThumbColumnProps {
  readonly phase: Phase;
  readonly task: Task;
  /** What is laid, and how it is to be counted. */
  readonly plan: Plan;
  readonly set: TraySet;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  /** Something was handed over for this request. */
  readonly wasGiven: boolean;
  readonly wasAsked: boolean;
  /** Things are still being put to their places. */
  readonly isPutting: boolean;
  /** The bowl of a recipe that is being filled, from 0. */
  readonly bowl: number;
  readonly isOtherWord: boolean;
  readonly onOtherWord: (word: Word | null) => void;
  readonly onAnswer: (value: Word | null) => void;
  readonly onGiven: (value: number) => void;
  /** One of a few was put, or told, next. */
  readonly onPlaced: (place: string) => void;
  /** What was put or told so far, where that goes one after the other. */
  readonly put: readonly string[];
  /** Where the child began, of a count that may begin anywhere. */
  readonly onBegan: (n: number) => void;
  readonly onCommand: (command: KeyCommand) => void;
}
