const kept = 'dotting-single-keys';

/** Whether single keys do things, on this device: whoever dictates or touches keys unawares may do without. */
export const usesSingleKeys = (): boolean => localStorage.getItem(kept) !== 'off';

export function keepSingleKeys(uses: boolean): void {
  if (uses) localStorage.removeItem(kept);
  else localStorage.setItem(kept, 'off');
}
