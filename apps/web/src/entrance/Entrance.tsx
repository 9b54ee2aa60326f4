import type { Here, PresentAdult } from '@dotting/contract';
import { languages } from '@dotting/words';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Outlet } from 'react-router';
import { queryClient } from '../api/queries.js';
import { Notice } from '../common/Notice.js';
import { outbox } from '../outbox/outbox.js';
import { ComeIn } from './ComeIn.js';
import { HereContext } from '../common/here.js';
import { Shell } from '../common/Shell.js';
import { hereQuery, setAdult } from './hereQuery.js';
import { LocksSoon } from './LocksSoon.js';
import { lockDevice } from './stay.js';
import { useIdle } from './useIdle.js';
import { words } from '../wording/words.js';

const RightToLeft = lazy(() => import('../common/RightToLeft.js'));
const SignInDevice = lazy(() => import('./SignInDevice.js'));

/** Lets nobody past who is not signed in: first the device, then an adult. */
export function Entrance() {
  const { data: here, error, isPending, refetch } = useQuery(hereQuery);
  if (isPending) return <Shell />;
  if (error) {
    return (
      <Notice onRetry={() => void refetch()}>{words.entrance.noServer({ problem: error.message })}</Notice>
    );
  }
  if (here === null) {
    return (
      <Suspense>
        <SignInDevice />
      </Suspense>
    );
  }
  return here.adult ? (
    <Inside here={here} adult={here.adult} />
  ) : (
    <ComeIn here={here} onEnter={(adult) => enter(here, adult)} />
  );
}

function Inside({ here, adult }: { readonly here: Here; readonly adult: PresentAdult }) {
  const leave = useCallback(() => void lock(here), [here]);
  const [locksSoon, setLocksSoon] = useState(false);
  useIdle(leave, setLocksSoon);
  useEffect(askAgainOnceSent, []);
  const value = useMemo(() => ({ here, adult, leave }), [here, adult, leave]);
  return (
    // Another language: everything is drawn anew.
    <HereContext key={adult.language} value={value}>
      {locksSoon && <LocksSoon />}
      {languages[adult.language].direction === 'rtl' ? (
        <Suspense>
          <RightToLeft>
            <Outlet />
          </RightToLeft>
        </Suspense>
      ) : (
        <Outlet />
      )}
    </HereContext>
  );
}

/** What was asked of the server while a try was on its way to it may not know of that try yet. */
function askAgainOnceSent(): () => void {
  const isWaiting = (): boolean => outbox.read().tries + outbox.read().closings > 0;
  let wasWaiting = isWaiting();
  return outbox.subscribe(() => {
    const isSent = wasWaiting && !isWaiting();
    wasWaiting = isWaiting();
    if (!isSent) return;
    for (const part of ['child', 'today', 'room']) void queryClient.invalidateQueries({ queryKey: [part] });
  });
}

async function enter(here: Here, adult: PresentAdult): Promise<void> {
  await setAdult(here, adult);
  // Which rooms there are depends on who looks.
  void queryClient.invalidateQueries({ queryKey: hereQuery.queryKey });
  outbox.send();
}

/** Locked here at once, and at the server as soon as it answers; the children seen are forgotten. */
async function lock(here: Here): Promise<void> {
  await lockDevice();
  await setAdult(here, null);
  queryClient.removeQueries({ predicate: (query) => query.queryKey[0] !== 'here' });
}
