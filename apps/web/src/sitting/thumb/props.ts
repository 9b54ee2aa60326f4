import type { Phase, Task, TraySet, Word } from '@dotting/core';
import type { KeyCommand } from '../keys.js';

export interface ThumbColumnProps {
  readonly phase: Phase;
  readonly task: Task;
  /** The number that is asked or laid. */
  readonly size: number;
  readonly set: TraySet;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  readonly wasAsked: boolean;
  /** Things are still being put to their places. */
  readonly isPutting: boolean;
  /** The bowl of a recipe that is being filled, from 0. */
  readonly bowl: number;
  readonly isOtherWord: boolean;
  readonly onOtherWord: (word: Word | null) => void;
  readonly onAnswer: (value: Word | null) => void;
  readonly onGiven: (value: number) => void;
  readonly onCommand: (command: KeyCommand) => void;
}
