import { useEffect } from 'react';

const signsOfLife = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

/** Calls back once nobody has touched the device for so long. */
export function useIdle(afterMs: number, onIdle: () => void): void {
  useEffect(() => {
    let timer = setTimeout(onIdle, afterMs);
    const wake = (): void => {
      clearTimeout(timer);
      timer = setTimeout(onIdle, afterMs);
    };
    for (const sign of signsOfLife) window.addEventListener(sign, wake, { capture: true, passive: true });
    return () => {
      clearTimeout(timer);
      for (const sign of signsOfLife) window.removeEventListener(sign, wake, { capture: true });
    };
  }, [afterMs, onIdle]);
}
