import { lastTap, settledEvents, taskOf, type Gesture, type Word } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useState, useSyncExternalStore } from 'react';
import { useNavigate } from 'react-router';
import { childQuery, queryClient } from '../api/queries.js';
import { palette } from '../app/theme.js';
import { Unsent } from '../app/Unsent.js';
import { useHere } from '../entrance/here.js';
import { KeyList } from './KeyList.js';
import { useKeys } from './keys.js';
import { Peek } from './Peek.js';
import { SayColumn } from './SayColumn.js';
import { answersIn, openTry, phaseOf, type Action } from './sitting.js';
import type { SittingStore } from './sittingStore.js';
import { ThumbColumn } from './ThumbColumn.js';
import { Tray } from './Tray.js';
import { TrayFoot } from './TrayFoot.js';
import { useCommands } from './useCommands.js';
import { useSittingAfterPaint } from './useSitting.js';

/**
 * One child, one tray. Nothing on it counts along or tells right from wrong. The tray answers a tap
 * at once; what stands round it follows a moment later.
 */
export function SittingScreen({ store }: { readonly store: SittingStore }) {
  const sitting = useSittingAfterPaint(store);
  const failure = useSyncExternalStore(store.subscribe, store.readFailure);
  const phase = phaseOf(sitting);
  const open = openTry(sitting);
  const [byThing, setByThing] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const [isOtherWord, setOtherWord] = useState(false);
  const [showsKeys, setKeys] = useState(false);
  const [isPeeking, setPeeking] = useState(false);
  const { adult } = useHere();
  const navigate = useNavigate();

  const dispatch = useCallback((action: Action) => store.dispatch(action), [store]);
  const gesture = useCallback((one: Gesture) => dispatch({ kind: 'gesture', gesture: one }), [dispatch]);
  const command = useCommands(store, { setPeeking, setOtherWord, setKeys });
  const onAnswer = useCallback((value: Word | null) => gesture({ kind: 'answer', value }), [gesture]);
  const onGiven = useCallback((value: number) => giveTo(store, value), [store]);
  const onOtherWord = useCallback(
    (word: Word | null) => {
      if (word !== null) gesture({ kind: 'other-word', word });
      setOtherWord(false);
    },
    [gesture],
  );
  const onClose = useCallback(async () => {
    if (!(await store.close())) return;
    const { child } = store.read();
    void queryClient.invalidateQueries({ queryKey: childQuery(child.id).queryKey });
    void queryClient.invalidateQueries({ queryKey: ['today'] });
    await navigate(`/children/${child.id}`);
  }, [store, navigate]);
  useKeys(command, (released) => {
    if (released === 'peek') setPeeking(false);
  });

  const task = taskOf(open?.head.task ?? sitting.plan.task);
  const events = open?.events ?? [];
  // Of giving, the last thing that can be made otherwise is what was handed over.
  const canMark =
    lastTap(events) !== undefined || settledEvents(events).some((event) => event.kind === 'given');
  const isRight = adult.thumb === 'right';
  return (
    <Box
      component="main"
      sx={{
        height: '100dvh',
        display: 'grid',
        gridTemplateColumns: isRight
          ? { xs: '264px minmax(0, 1fr) 220px', lg: '320px minmax(0, 1fr) 248px' }
          : { xs: '220px minmax(0, 1fr) 264px', lg: '248px minmax(0, 1fr) 320px' },
        bgcolor: palette.gate,
      }}
    >
      <Box component="section" aria-label="Say and lay" sx={{ ...column, order: isRight ? 0 : 2 }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', mb: 1.5 }}>
          <Typography sx={{ fontWeight: 700 }}>{sitting.child.firstName}</Typography>
          <Unsent />
        </Box>
        <SayColumn
          child={sitting.child}
          plan={sitting.plan}
          hasAnswered={answersIn(sitting) > 0}
          phase={phase}
          hasTries={sitting.tries.length > 0}
          isChanging={isChanging}
          onChanging={setChanging}
          dispatch={dispatch}
          onCommand={command}
          onClose={onClose}
        />
      </Box>

      <Box component="section" aria-label="The tray" sx={tray}>
        {failure && (
          <Typography role="alert" sx={{ bgcolor: palette.brassPale, p: 1.5, borderRadius: '12px' }}>
            This device could not keep the last step ({failure.message}). Is the sitting open in another
            window too? Load this page again: all before it is kept.
          </Typography>
        )}
        {showsKeys ? <KeyList onClose={() => setKeys(false)} /> : <Tray store={store} byThing={byThing} />}
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 48 }}>
          <Peek events={open?.events ?? []} isPeeking={isPeeking} onPeek={setPeeking} />
          {phase !== 'read' && task.kind === 'count' && (
            <Button variant="text" onClick={() => setByThing(!byThing)} aria-pressed={byThing} sx={quiet}>
              Thing by thing
            </Button>
          )}
          <Button onClick={() => setKeys(!showsKeys)} aria-label="Keys" sx={{ ...quiet, minWidth: 48 }}>
            ?
          </Button>
        </Box>
        <TrayFoot
          help={open?.head.help ?? 'none'}
          answeredBy={open?.head.answeredBy ?? 'alone'}
          why={sitting.plan.why}
          phase={phase === 'counting' || phase === 'asked' ? 'going-on' : phase}
          dispatch={dispatch}
        />
      </Box>

      <Box component="section" aria-label="Under the thumb" sx={{ ...column, order: isRight ? 2 : 0 }}>
        <ThumbColumn
          phase={phase}
          task={task}
          size={sitting.plan.size}
          canMark={canMark}
          wasAsked={settledEvents(open?.events ?? []).some((event) => event.kind === 'ask')}
          isOtherWord={isOtherWord}
          onOtherWord={onOtherWord}
          onAnswer={onAnswer}
          onGiven={onGiven}
          onCommand={command}
        />
      </Box>
    </Box>
  );
}

/** The request goes before what is handed over first. */
function giveTo(store: SittingStore, value: number): void {
  if (!openTry(store.read())) store.dispatch({ kind: 'gesture', gesture: { kind: 'ask-give' } });
  store.dispatch({ kind: 'gesture', gesture: { kind: 'given', value } });
}

const column = {
  bgcolor: palette.paper,
  p: 2,
  display: 'flex',
  flexDirection: 'column',
  minHeight: 0,
} as const;

const tray = {
  order: 1,
  borderInline: `1px solid ${palette.line}`,
  display: 'flex',
  flexDirection: 'column',
  gap: 1.25,
  p: 2,
  minHeight: 0,
} as const;

const quiet = {
  color: palette.inkSoft,
  fontWeight: 500,
  '&[aria-pressed=true]': { bgcolor: palette.sand, color: palette.ink },
} as const;
