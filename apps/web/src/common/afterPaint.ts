import { useEffect, useState } from 'react';

/** Does something once the browser has painted what stands there now; gives back how not to. */
export function afterPaint(act: () => void): () => void {
  let task: ReturnType<typeof setTimeout>;
  const frame = requestAnimationFrame(() => {
    task = setTimeout(act);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(task);
  };
}

/** What is there is used first. In ms. */
const quietMs = 1000;

/** Does something once there is nothing else to do. */
export function whenQuiet(act: () => void): void {
  setTimeout(() => {
    // Not every browser tells when it is idle.
    if ('requestIdleCallback' in window) window.requestIdleCallback(act);
    else act();
  }, quietMs);
}

/** False for the first paint of what is drawn, for all that need not stand there with the first glance. */
export function useIsPainted(): boolean {
  const [isPainted, setPainted] = useState(false);
  useEffect(() => afterPaint(() => setPainted(true)), []);
  return isPainted;
}
