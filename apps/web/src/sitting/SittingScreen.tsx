import {
  captureKinds,
  settledEvents,
  type Gesture,
  type Phase,
  type Schools,
  type TraceEvent,
  type Word,
} from '@dotting/core';
import { languages } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { afterPaint } from '../common/afterPaint.js';
import { useTabTitle } from '../common/useTabTitle.js';
import { narrow, slim } from '../common/theme.js';
import { DemoMark } from '../common/DemoMark.js';
import { Unsent } from '../outbox/Unsent.js';
import { useHere } from '../common/here.js';
import { useKeys } from './keys.js';
import type { Standing } from './say/script.js';
import { SayColumn } from './say/SayColumn.js';
import { answersIn, onTheTable, phaseOf, schoolsIn } from '../outbox/sitting.js';
import type { Action } from './after.js';
import type { SittingStore } from './sittingStore.js';
import { ThumbSide } from './thumb/ThumbSide.js';
import { useCommands } from './useCommands.js';
import { useSittingAfterPaint } from './useSitting.js';
import { TraySide } from './TraySide.js';
import { words } from '../wording/all.js';

interface SittingScreenProps {
  readonly store: SittingStore;
  /** Asked to end here: to the closing page, or away where nothing was tried. */
  readonly onEnd: () => void;
}

/**
 * One child, one tray. Nothing on it counts along or tells right from wrong. The tray answers a tap
 * at once; what stands round it follows a moment later.
 */
export function SittingScreen({ store, onEnd }: SittingScreenProps) {
  const sitting = useSittingAfterPaint(store);
  useTabTitle(sitting.child.firstName);
  useNextPlan(store, sitting.isPlanDue);
  const phase = phaseOf(sitting);
  const [isChanging, setChanging] = useState(false);
  const [isOtherWord, setOtherWord] = useState(false);
  const [showsKeys, setKeys] = useState(false);
  const [isPeeking, setPeeking] = useState(false);
  const [played, setPlayed] = useState(0);
  const { adult } = useHere();

  const gesture = useCallback((one: Gesture) => store.dispatch({ kind: 'gesture', gesture: one }), [store]);
  const command = useCommands(store, { setPeeking, setOtherWord, setKeys, setPlayed });
  const onAnswer = useCallback((value: Word | null) => gesture({ kind: 'answer', value }), [gesture]);
  const onGiven = useCallback((value: number) => gesture({ kind: 'given', value }), [gesture]);
  const onPlaced = useCallback((place: string) => gesture({ kind: 'placed', place }), [gesture]);
  const onBegan = useCallback((n: number) => store.dispatch({ kind: 'began-at', n }), [store]);
  const onOtherWord = useCallback(
    (word: Word | null) => {
      if (word !== null) gesture({ kind: 'other-word', word });
      setOtherWord(false);
    },
    [gesture],
  );
  useKeys(command, (released) => {
    if (released === 'peek') setPeeking(false);
  });

  const table = onTheTable(sitting);
  const putting = captureKinds[table.task.kind].isStillPutting(table);
  const isPlanning = sitting.stage === 'planning';
  // Until the next plan is there, what to say and lay stays that of the try that has just ended.
  const isNextKnown = phase !== 'read' || !sitting.isPlanDue;
  const schools = schoolsIn(sitting);
  const standing = useStanding(
    isNextKnown ? phase : 'counting',
    answersIn(sitting) > 0,
    !putting,
    asksMore(table.events),
    schools,
  );
  // Its own hand's, whichever way the page reads.
  const isThumbLast = (adult.thumb === 'right') === (languages[words.language].direction === 'ltr');
  return (
    <Box component="main" sx={screenFor(isThumbLast)}>
      <Box component="section" aria-label={words.sitting.sayAndSetOut()} sx={{ ...column, gridArea: 'say' }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', mb: 1.5 }}>
          <Box sx={{ display: 'flex', alignItems: 'baseline', minWidth: 0 }}>
            <Typography component="h1" sx={{ fontWeight: 700 }}>
              {sitting.child.firstName}
            </Typography>
            <DemoMark />
          </Box>
          <Unsent />
        </Box>
        <SayColumn
          child={sitting.child}
          plan={sitting.plan}
          standing={standing}
          access={sitting.access}
          hasTries={sitting.tries.length > 0}
          isChanging={isChanging}
          onChanging={setChanging}
          dispatch={store.dispatch}
          onCommand={command}
          onEnd={onEnd}
        />
      </Box>

      <TraySide
        store={store}
        isChanging={isChanging}
        played={played}
        isPeeking={isPeeking}
        onPeek={setPeeking}
        showsKeys={showsKeys}
        onKeys={setKeys}
        onCommand={command}
      />

      <Box component="section" aria-label={words.sitting.underThumb()} sx={{ ...column, gridArea: 'thumb' }}>
        {isPlanning ? (
          <Begin dispatch={store.dispatch} />
        ) : (
          <ThumbSide
            sitting={sitting}
            isOtherWord={isOtherWord}
            onOtherWord={onOtherWord}
            onAnswer={onAnswer}
            onGiven={onGiven}
            onPlaced={onPlaced}
            onBegan={onBegan}
            onCommand={command}
          />
        )}
      </Box>
    </Box>
  );
}

/** Works out what to put next once what was seen stands there. */
function useNextPlan(store: SittingStore, isDue: boolean): void {
  useEffect(
    () => (isDue ? afterPaint(() => store.dispatch({ kind: 'plan-next' })) : undefined),
    [store, isDue],
  );
}

/** The same object while nothing of it changes, so that the column beside the tray is drawn only then. */
function useStanding(
  phase: Phase,
  hasAnswered: boolean,
  hasPut: boolean,
  asksMore: boolean,
  schools: Schools,
): Standing {
  return useMemo(
    () => ({ phase, hasAnswered, hasPut, asksMore, schools }),
    [phase, hasAnswered, hasPut, asksMore, schools],
  );
}

/** How many more fill the frame was asked last. */
const asksMore = (events: readonly TraceEvent[]): boolean => {
  const asked = settledEvents(events).findLast((event) => event.kind === 'ask');
  return asked?.kind === 'ask' && asked.question === 'hidden';
};

function Begin({ dispatch }: { readonly dispatch: (action: Action) => void }) {
  return (
    <>
      <Box sx={{ flex: 1 }} />
      <Button
        variant="contained"
        color="primary"
        sx={{ minHeight: 96, fontSize: '1.15rem' }}
        onClick={() => dispatch({ kind: 'begin' })}
      >
        {words.sitting.start()}
      </Button>
    </>
  );
}

/** The thumb's side is the hand's own: its column lies last or first, upright beside the tray and below what to say. */
const screenFor = (isThumbLast: boolean) =>
  ({
    flex: 1,
    minHeight: 0,
    display: 'grid',
    bgcolor: 'gate',
    gridTemplateAreas: isThumbLast ? '"say tray thumb"' : '"thumb tray say"',
    gridTemplateColumns: isThumbLast
      ? `${forSaying} minmax(0, 1fr) ${forThumb}`
      : `${forThumb} minmax(0, 1fr) ${forSaying}`,
    gridTemplateRows: 'minmax(0, 1fr)',
    [narrow]: {
      gridTemplateAreas: isThumbLast ? '"say say" "tray thumb"' : '"say say" "thumb tray"',
      gridTemplateColumns: isThumbLast ? 'minmax(0, 1fr) 15.5rem' : '15.5rem minmax(0, 1fr)',
      gridTemplateRows: 'auto minmax(0, 1fr)',
    },
    [slim]: {
      gridTemplateAreas: '"say" "tray" "thumb"',
      gridTemplateColumns: 'minmax(0, 1fr)',
      gridTemplateRows: 'auto',
    },
  }) as const;

const forSaying = 'clamp(16.5rem, 25cqw, 20rem)';
const forThumb = 'clamp(13.75rem, 19.4cqw, 15.5rem)';

const column = {
  bgcolor: 'paper',
  p: 2,
  display: 'flex',
  flexDirection: 'column',
  minHeight: 0,
} as const;
