import { roles, type Role } from '@dotting/contract';
import { words } from '../wording/all.js';

export const roleChoices = (): readonly (readonly [Role, string])[] =>
  roles.map((role) => [role, words.office.roles[role]()] as const);
