import { registerSW } from 'virtual:pwa-register';
import { whenQuiet } from '../common/afterPaint.js';

let isWaiting = false;
const listeners = new Set<() => void>();

/** Keeps the app on the device for use without a network, and hears of a newer one. */
whenQuiet(() =>
  registerSW({
    onNeedRefresh: () => {
      isWaiting = true;
      for (const tell of listeners) tell();
    },
  }),
);

/** A newer version of the app, fetched and not in use yet. */
export const waitingVersion = {
  isWaiting: (): boolean => isWaiting,
  subscribe: (tell: () => void): (() => void) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  },
  /** Loads the page anew with it. */
  take: (): void => void takeOver(),
};

/** Also where no version was in use before: then the page hears of no change, and has to look itself. */
async function takeOver(): Promise<void> {
  const waiting = (await navigator.serviceWorker.getRegistration())?.waiting;
  if (!waiting) return window.location.reload();
  waiting.addEventListener('statechange', () => {
    if (waiting.state === 'activated') window.location.reload();
  });
  waiting.postMessage({ type: 'SKIP_WAITING' });
}
