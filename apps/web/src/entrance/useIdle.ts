import { useEffect } from 'react';
import { idleAfterMs, idleIn, noteLife } from './stay.js';

const signsOfLife = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

/** Signs of life are noted no oftener than this, in ms. */
const noteEveryMs = 5_000;
/** It is said so long before, in ms, that the screen is going to lock. */
const warnMs = 20_000;

/**
 * Calls back once nobody has touched the device for so long, in this window or another; and before that, whether it
 * comes near.
 */
export function useIdle(onIdle: () => void, onNear: (isNear: boolean) => void): void {
  useEffect(() => {
    let notedAt = 0;
    const look = (): void => {
      const left = idleIn(Date.now());
      if (left === 0) return onIdle();
      onNear(left <= warnMs);
      // Meanwhile another window may be in use.
      timer = setTimeout(look, left > warnMs ? left - warnMs : Math.min(left, noteEveryMs));
    };
    let timer = setTimeout(look, idleAfterMs - warnMs);
    const wake = (): void => {
      if (Date.now() - notedAt >= noteEveryMs) {
        notedAt = Date.now();
        noteLife(notedAt);
      }
      onNear(false);
      clearTimeout(timer);
      timer = setTimeout(look, idleAfterMs - warnMs);
    };
    for (const sign of signsOfLife) window.addEventListener(sign, wake, { capture: true, passive: true });
    return () => {
      clearTimeout(timer);
      for (const sign of signsOfLife) window.removeEventListener(sign, wake, { capture: true });
    };
  }, [onIdle, onNear]);
}
