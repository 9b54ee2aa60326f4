import { roles, type Role } from '@dotting/contract';

export const roleWords: Record<Role, string> = {
  lead: 'leads',
  practitioner: 'practitioner',
  assistant: 'assistant',
};

export const roleChoices = roles.map((role) => [role, roleWords[role]] as const);
