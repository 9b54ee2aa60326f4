import { useEffect } from 'react';
import { useBlocker } from 'react-router';
import { later } from '../common/later.js';
import { hasUnsaved } from '../common/unsaved.js';

const NotSaved = later(async () => (await import('./NotSaved.js')).NotSaved);

/** Asks before a half-typed form is left for another page, or with the whole app. */
export function AskBeforeLeaving() {
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => currentLocation.pathname !== nextLocation.pathname && hasUnsaved(),
  );
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent): void => {
      if (hasUnsaved()) event.preventDefault();
    };
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, []);
  if (blocker.state !== 'blocked') return null;
  return <NotSaved onStay={() => blocker.reset()} onLeave={() => blocker.proceed()} />;
}
