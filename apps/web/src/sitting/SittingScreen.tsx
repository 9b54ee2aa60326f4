import { lastTap, taskOf, type AnsweredBy, type Gesture, type Help } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useCallback, useState, useSyncExternalStore } from 'react';
import { useNavigate } from 'react-router';
import { childQuery, queryClient } from '../api/queries.js';
import { palette } from '../app/theme.js';
import { Unsent } from '../app/Unsent.js';
import { useHere } from '../entrance/here.js';
import { AfterTry } from './AfterTry.js';
import { ChangePlan } from './ChangePlan.js';
import { Choice } from './Choice.js';
import { KeyList } from './KeyList.js';
import { useKeys, type KeyCommand } from './keys.js';
import { Mirror } from './Mirror.js';
import { Peek } from './Peek.js';
import { SayAndLay } from './SayAndLay.js';
import { openTry, phaseOf, type Action } from './sitting.js';
import type { SittingStore } from './sittingStore.js';
import { ThumbColumn } from './ThumbColumn.js';

const helps: readonly (readonly [Help, string])[] = [
  ['none', 'none'],
  ['encouraged', 'cheered'],
  ['prompted', 'prompted'],
  ['shown', 'shown'],
  ['guided', 'by hand'],
];
const answerers: readonly (readonly [AnsweredBy, string])[] = [
  ['alone', 'alone'],
  ['with-others', 'with others'],
  ['others', 'others'],
];

/** One child, one tray. Nothing on it counts along or tells right from wrong. */
export function SittingScreen({ store }: { readonly store: SittingStore }) {
  const sitting = useSyncExternalStore(store.subscribe, store.read);
  const failure = useSyncExternalStore(store.subscribe, store.readFailure);
  const [byThing, setByThing] = useState(false);
  const [isChanging, setIsChanging] = useState(false);
  const [isOtherWord, setIsOtherWord] = useState(false);
  const [showsKeys, setShowsKeys] = useState(false);
  const [isPeeking, setIsPeeking] = useState(false);
  const { adult } = useHere();
  const navigate = useNavigate();

  const dispatch = useCallback((action: Action) => store.dispatch(action), [store]);
  const gesture = useCallback((one: Gesture) => dispatch({ kind: 'gesture', gesture: one }), [dispatch]);
  const next = useCallback(() => gesture({ kind: 'next' }), [gesture]);

  const phase = phaseOf(sitting);
  const open = openTry(sitting);
  const set = open?.head.set ?? { ...sitting.plan, arrangement: taskOf(sitting.plan.task).arrangement };
  const isGoingOn = phase === 'counting' || phase === 'asked';

  const close = async (): Promise<void> => {
    if (!(await store.close())) return;
    void queryClient.invalidateQueries({ queryKey: childQuery(sitting.child.id).queryKey });
    void queryClient.invalidateQueries({ queryKey: ['today'] });
    await navigate(`/children/${sitting.child.id}`);
  };

  const command = (one: KeyCommand): void => {
    switch (one) {
      case 'peek':
        return setIsPeeking(true);
      case 'keys':
        return setShowsKeys(!showsKeys);
      case 'next':
        return phase === 'read' ? dispatch({ kind: 'next-try' }) : next();
      case 'undo':
        return gesture({ kind: 'undo' });
      case 'whole':
        return phase === 'laying' ? wholeCount() : undefined;
      default:
        if (isGoingOn || one === 'how-many') marks[one]();
    }
  };
  const wholeCount = (): void => gesture({ kind: 'whole', size: sitting.plan.size });
  const marks: Record<Exclude<KeyCommand, 'peek' | 'keys' | 'next' | 'undo' | 'whole'>, () => void> = {
    'that-one-again': () => gesture({ kind: 'that-one-again' }),
    'left-one-out': () => gesture({ kind: 'left-one-out' }),
    'word-no-touch': () => gesture({ kind: 'word-no-touch' }),
    'touch-no-word': () => gesture({ kind: 'touch-no-word' }),
    'started-again': () => gesture({ kind: 'started-again' }),
    'took-it-back': () => gesture({ kind: 'took-it-back' }),
    'other-word': () => setIsOtherWord(lastTap(open?.events ?? []) !== undefined),
    'how-many': () => open && gesture({ kind: 'ask-how-many' }),
    'did-not-know': () => gesture({ kind: 'answer', value: 'did-not-know' }),
    finished: () => dispatch({ kind: 'end', ended: 'finished' }),
    'stop-kindly': () => dispatch({ kind: 'end', ended: 'stopped-by-adult' }),
  };
  useKeys(command, (released) => {
    if (released === 'peek') setIsPeeking(false);
  });

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
        {isChanging && !isGoingOn ? (
          <ChangePlan
            plan={sitting.plan}
            onLay={(plan) => dispatch({ kind: 'lay', plan })}
            onDone={() => setIsChanging(false)}
          />
        ) : (
          <SayAndLay sitting={sitting} phase={phase} />
        )}
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
          {isGoingOn ? (
            <>
              <Button sx={foot} onClick={() => command('stop-kindly')}>
                Stop kindly
              </Button>
              <Button sx={foot} onClick={() => command('did-not-know')}>
                Did not know
              </Button>
            </>
          ) : (
            <>
              <Button sx={foot} onClick={() => void close()}>
                {sitting.tries.length === 0 ? 'Leave' : 'End here'}
              </Button>
              <Button sx={foot} onClick={() => setIsChanging(!isChanging)} aria-expanded={isChanging}>
                Change …
              </Button>
            </>
          )}
        </Box>
      </Box>

      <Box
        component="section"
        aria-label="The tray"
        sx={{
          order: 1,
          borderInline: `1px solid ${palette.line}`,
          display: 'flex',
          flexDirection: 'column',
          gap: 1.25,
          p: 2,
          minHeight: 0,
        }}
      >
        {failure && (
          <Typography role="alert" sx={{ bgcolor: palette.brassPale, p: 1.5, borderRadius: '12px' }}>
            This device could not keep the last step ({failure.message}). Is the sitting open in another
            window too? Load this page again: all before it is kept.
          </Typography>
        )}
        {showsKeys ? (
          <KeyList onClose={() => setShowsKeys(false)} />
        ) : phase === 'read' && open ? (
          <AfterTry
            key={open.id}
            tried={open}
            onGesture={gesture}
            onEnded={(ended) => dispatch({ kind: 'end', ended })}
            onSetAside={(reason) => dispatch({ kind: 'set-aside', reason })}
          />
        ) : (
          <Mirror
            set={set}
            byThing={byThing}
            beat={open?.events.length ?? 0}
            onNext={next}
            onThing={(item) => gesture({ kind: 'thing', item })}
          />
        )}
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 48 }}>
          <Peek events={open?.events ?? []} isPeeking={isPeeking} onPeek={setIsPeeking} />
          {phase !== 'read' && (
            <Button variant="text" onClick={() => setByThing(!byThing)} aria-pressed={byThing} sx={quiet}>
              Thing by thing
            </Button>
          )}
          <Button onClick={() => setShowsKeys(!showsKeys)} aria-label="Keys" sx={{ ...quiet, minWidth: 48 }}>
            ?
          </Button>
        </Box>
        {open && (
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: 'minmax(0, 5fr) minmax(0, 3fr)',
              gap: { xs: 1, lg: 2 },
            }}
          >
            <Choice
              label="Help given"
              value={open.head.help}
              options={helps}
              onChoose={(help) => dispatch({ kind: 'help', help })}
            />
            <Choice
              label="Who answered"
              value={open.head.answeredBy}
              options={answerers}
              onChoose={(answeredBy) => dispatch({ kind: 'answered-by', answeredBy })}
            />
          </Box>
        )}
        {!isGoingOn && (
          <Typography color="textSecondary">
            {open ? 'Why the next' : 'Why this'}: {sitting.plan.why}
          </Typography>
        )}
      </Box>

      <Box component="section" aria-label="Under the thumb" sx={{ ...column, order: isRight ? 2 : 0 }}>
        <ThumbColumn
          sitting={sitting}
          phase={phase}
          isOtherWord={isOtherWord}
          onOtherWord={(word) => {
            if (word !== null) gesture({ kind: 'other-word', word });
            setIsOtherWord(false);
          }}
          onAnswer={(value) => gesture({ kind: 'answer', value })}
          onCommand={command}
        />
      </Box>
    </Box>
  );
}

const column = {
  bgcolor: palette.paper,
  p: 2,
  display: 'flex',
  flexDirection: 'column',
  minHeight: 0,
} as const;

const foot = { flex: 1, minHeight: 56, px: 1 } as const;
const quiet = {
  color: palette.inkSoft,
  fontWeight: 500,
  '&[aria-pressed=true]': { bgcolor: palette.sand, color: palette.ink },
} as const;
