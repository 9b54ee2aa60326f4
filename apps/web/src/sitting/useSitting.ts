import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Sitting } from '../outbox/sitting.js';
import type { SittingStore } from './sittingStore.js';

/** The sitting as it stands, at once: for what has to answer a tap. */
export function useSittingNow(store: SittingStore): Sitting {
  return useSyncExternalStore(store.subscribe, store.read);
}

/** The sitting as it stands, once the browser has painted the answer to the tap: for all round it. */
export function useSittingAfterPaint(store: SittingStore): Sitting {
  const [shown, setShown] = useState(store.read);
  useEffect(() => {
    let frame = 0;
    let task: ReturnType<typeof setTimeout>;
    const showSoon = (): void => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => {
        task = setTimeout(() => setShown(store.read()));
      });
    };
    showSoon();
    const unsubscribe = store.subscribe(showSoon);
    return () => {
      unsubscribe();
      cancelAnimationFrame(frame);
      clearTimeout(task);
    };
  }, [store]);
  return shown;
}
