import { useEffect, useState, useSyncExternalStore } from 'react';
import { afterPaint } from '../common/afterPaint.js';
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
    let cancel = (): void => undefined;
    const showSoon = (): void => {
      cancel();
      cancel = afterPaint(() => setShown(store.read()));
    };
    showSoon();
    const unsubscribe = store.subscribe(showSoon);
    return () => {
      unsubscribe();
      cancel();
    };
  }, [store]);
  return shown;
}
