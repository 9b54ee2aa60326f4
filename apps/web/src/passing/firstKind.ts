import type { GroupKind } from '@dotting/contract';
import type { Schools } from '@dotting/core';

/** What a time as a group begins with: all together, or a routine that each then does alone. */
export const firstKind = ({ chorus }: Pick<Schools, 'chorus'>): GroupKind =>
  chorus === 'chorus-first' ? 'chorus' : 'shown';
