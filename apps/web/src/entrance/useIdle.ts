import { useEffect } from 'react';
import { idleAfterMs, isIdle, noteLife } from './stay.js';

const signsOfLife = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

/** Signs of life are noted no oftener than this, in ms. */
const noteEveryMs = 5_000;

/** Calls back once nobody has touched the device for so long, in this window or another. */
export function useIdle(onIdle: () => void): void {
  useEffect(() => {
    let notedAt = 0;
    const look = (): void => {
      if (isIdle(Date.now())) onIdle();
      else timer = setTimeout(look, noteEveryMs);
    };
    let timer = setTimeout(look, idleAfterMs);
    const wake = (): void => {
      if (Date.now() - notedAt >= noteEveryMs) {
        notedAt = Date.now();
        noteLife(notedAt);
      }
      clearTimeout(timer);
      timer = setTimeout(look, idleAfterMs);
    };
    for (const sign of signsOfLife) window.addEventListener(sign, wake, { capture: true, passive: true });
    return () => {
      clearTimeout(timer);
      for (const sign of signsOfLife) window.removeEventListener(sign, wake, { capture: true });
    };
  }, [onIdle]);
}
