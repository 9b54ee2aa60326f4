import type { OwnTaskView } from '@dotting/contract';
import type { TaskId } from '@dotting/core';
import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { childQuery, inkQuery, queryClient } from '../api/queries.js';
import { Notice } from '../common/Notice.js';
import { useHere } from '../common/here.js';
import { endOtherScreen } from '../childSide/otherScreen.js';
import { fetchAhead, later } from '../common/later.js';
import { slim } from '../common/theme.js';
import { Paused } from './Paused.js';
import { SittingScreen } from './SittingScreen.js';
import type { Chosen } from './freshSitting.js';
import { SchoolsContext } from '../common/schools.js';
import { schoolsIn } from '../outbox/sitting.js';
import { SittingStore } from './sittingStore.js';
import { Faces } from './table/Faces.js';
import { words } from '../wording/all.js';
import { childIdOf } from '../common/ids.js';

const ClosingPage = later(async () => (await import('./closing/ClosingPage.js')).ClosingPage);

/** Opens the adult's sittings with the children at the table, each where it was left or from the child's next step. */
export function SittingPage() {
  const { childIds } = useParams();
  /** The step or task that was taken, where the page before knew one. */
  const taken = useLocation().state as {
    readonly step?: Chosen;
    readonly task?: TaskId;
    readonly own?: OwnTaskView;
    readonly round?: number;
  } | null;
  const chosen =
    taken?.step ??
    (taken?.round ? { round: taken.round } : taken?.task ? { task: taken.task, own: taken.own } : null);
  const { adult } = useHere();
  const {
    data: stores,
    error,
    refetch,
  } = useQuery({
    queryKey: ['sitting', adult.presence, childIds],
    queryFn: () =>
      Promise.all(
        childIds!
          .split('+')
          .map((id) =>
            SittingStore.open(adult, id, () => queryClient.fetchQuery(childQuery(childIdOf(id))), chosen),
          ),
      ),
    // What is saved elsewhere meanwhile opens no sitting anew.
    staleTime: 'static',
    gcTime: 0,
    structuralSharing: false,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (error) {
    return (
      <Box sx={{ p: 4 }}>
        <Notice onRetry={() => void refetch()}>{words.sitting.offlineNew({ problem: error.message })}</Notice>
      </Box>
    );
  }
  const objected = stores?.map((store) => store.read().child).find(({ recording }) => recording === false);
  if (objected) {
    return (
      <Box sx={{ p: 4 }}>
        <Notice>{words.child.recordingObjected({ name: objected.firstName })}</Notice>
        <Link to={`/children/${objected.id}`}>{objected.firstName}</Link>
      </Box>
    );
  }
  return stores ? <AtTable key={childIds} stores={stores} /> : null;
}

/** One child, or several with their faces along the edge; each has a sitting of its own. */
function AtTable({ stores }: { readonly stores: readonly SittingStore[] }) {
  const [active, setActive] = useState(stores[0]!.read().child.id);
  const store = stores.find((one) => one.read().child.id === active)!;
  const navigate = useNavigate();
  useEffect(fetchAhead, []);
  // The other screen is paired for this sit-down and no longer.
  useEffect(() => endOtherScreen, []);
  const onClosed = async (): Promise<void> => {
    void queryClient.invalidateQueries({ queryKey: childQuery(active).queryKey });
    void queryClient.invalidateQueries({ queryKey: inkQuery(active).queryKey });
    void queryClient.invalidateQueries({ queryKey: ['today'] });
    const left = stores.map((one) => one.read().child.id).filter((id) => id !== active);
    await navigate(left.length > 0 ? `/sit/${left.join('+')}` : `/children/${active}`, { replace: true });
  };
  return (
    <Box sx={atTable}>
      {stores.length > 1 && <Faces stores={stores} active={active} onChoose={setActive} />}
      <OneSitting key={store.read().id} store={store} onClosed={() => void onClosed()} />
    </Box>
  );
}

interface OneSittingProps {
  readonly store: SittingStore;
  readonly onClosed: () => void;
}

function OneSitting({ store, onClosed }: OneSittingProps) {
  const stage = useSyncExternalStore(store.subscribe, () => store.read().stage);
  const isPaused = useSyncExternalStore(store.subscribe, () => store.read().pausedAt !== null);
  const onEnd = async (): Promise<void> => {
    if (store.read().tries.length > 0) store.dispatch({ kind: 'open-closing' });
    else if (await store.close()) onClosed();
  };
  const screen = isPaused ? (
    <Paused store={store} />
  ) : stage === 'closing' ? (
    <ClosingPage store={store} onClosed={onClosed} />
  ) : (
    <SittingScreen store={store} onEnd={() => void onEnd()} />
  );
  return <SchoolsContext value={schoolsIn(store.read())}>{screen}</SchoolsContext>;
}

/** Nothing scrolls but where the page is so small, or its letters so large, that all of it has to. */
const atTable = {
  height: '100dvh',
  display: 'flex',
  flexDirection: 'column',
  [slim]: { height: 'auto', minHeight: '100dvh' },
} as const;
