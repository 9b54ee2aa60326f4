import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';

const loads: (() => Promise<unknown>)[] = [];

/** A component whose code is not part of the first load: fetched when it is first drawn, or ahead by `fetchAhead`. */
export function later<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): (props: Props) => ReactNode {
  const Component = lazy(async () => ({ default: await load() }));
  loads.push(load);
  return function Later(props: Props) {
    return (
      <Suspense>
        <Component {...props} />
      </Suspense>
    );
  };
}

/** Fetches what may be drawn next once there is nothing else to do, because the network may go at any time. */
export function fetchAhead(): void {
  const fetch = (): void => {
    // What cannot be fetched now is asked for again when it is drawn.
    for (const load of loads) load().catch(() => undefined);
  };
  // Not every browser has it.
  if ('requestIdleCallback' in window) window.requestIdleCallback(fetch);
  else setTimeout(fetch, 1000);
}
