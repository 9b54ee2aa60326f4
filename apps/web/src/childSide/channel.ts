import type { ShowBody, ShownBody } from '@dotting/contract';

/** What an adult’s window tells the one beside it. */
export type ToWindow =
  | { readonly kind: 'show'; readonly show: ShowBody }
  | { readonly kind: 'are-you-there' }
  | { readonly kind: 'end' };
/** … and hears of it. */
export type FromWindow =
  | { readonly kind: 'here' }
  | { readonly kind: 'gone' }
  | { readonly kind: 'shown'; readonly shown: ShownBody };

/** Two windows of one browser, by a key that stands in the second one’s address. */
export const channelOf = (key: string): BroadcastChannel => new BroadcastChannel(`dotting-child-side-${key}`);

export const windowAddress = (key: string): string => `/childs-side#${key}`;
export const keyInAddress = (): string | null => location.hash.slice(1) || null;
