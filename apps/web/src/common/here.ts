import type { Here, PresentAdult } from '@dotting/contract';
import { createContext, useContext } from 'react';

export interface HereAndNow {
  readonly here: Here;
  readonly adult: PresentAdult;
  /** Locks the screen: the adult has to come in again. */
  readonly leave: () => void;
}

export const HereContext = createContext<HereAndNow | null>(null);

/** Where this device stands and who is at it; only within the entrance. */
export function useHere(): HereAndNow {
  const here = useContext(HereContext);
  if (!here) throw new Error('useHere is used outside the entrance');
  return here;
}
