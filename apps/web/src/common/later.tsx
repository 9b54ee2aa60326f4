import { lazy, Suspense, useState, type ComponentType, type ReactNode } from 'react';
import { whenQuiet } from './afterPaint.js';

const loads: (() => Promise<unknown>)[] = [];

/** A component whose code is not part of the first load: fetched when it is first drawn, or ahead by `fetchAhead`. */
export function later<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): (props: Props) => ReactNode {
  let fetched: ComponentType<Props> | undefined;
  const fetch = async (): Promise<ComponentType<Props>> => (fetched = await load());
  const Awaited = lazy(async () => ({ default: await fetch() }));
  loads.push(fetch);
  return function Later(props: Props) {
    // What is there is drawn at once: what has to be awaited, if only for a moment, React holds back for 300 ms.
    const [Component] = useState<ComponentType<Props>>(() => fetched ?? Awaited);
    return (
      <Suspense>
        <Component {...props} />
      </Suspense>
    );
  };
}

/** Fetches what may be drawn next once there is nothing else to do, because the network may go at any time. */
export function fetchAhead(): void {
  whenQuiet(() => {
    // What cannot be fetched now is asked for again when it is drawn.
    for (const load of loads) load().catch(() => undefined);
  });
}
