import type { ShowBody } from '@dotting/contract';
import { figure, taskOf, type DotPattern } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useState } from 'react';
import { tellOtherScreen, useOtherScreen } from '../../childSide/otherScreen.js';
import { fieldWidth, Patterns } from '../../childSide/Pattern.js';
import { Stage } from '../../childSide/Stage.js';
import { Choice } from '../../common/Choice.js';
import { fillScreen } from '../../common/fillScreen.js';
import { onTheTable, openTry } from '../../outbox/sitting.js';
import { Leave } from '../../standIns/Leave.js';
import { words } from '../../wording/all.js';
import { waysSeen } from '../kinds/waysSeen.js';
import type { SittingStore } from '../sittingStore.js';
import { useSittingNow } from '../useSitting.js';
import { ShownOn } from './ShownOn.js';
import { trayFrame } from './Things.js';

interface FlashProps {
  readonly store: SittingStore;
  readonly patterns: readonly DotPattern[];
  /** Goes up when a key asks for it to be shown. */
  readonly asked: number;
}

/** Dots for the child’s eyes: one pattern for a moment, once, or two for as long as it takes. The adult’s screen does not show them. */
export function Flash({ store, patterns, asked }: FlashProps) {
  const sitting = useSittingNow(store);
  const other = useOtherScreen();
  const [turned, setTurned] = useState<ShowBody | null>(null);
  const [isShowing, setShowing] = useState(false);
  const [isUnheard, setUnheard] = useState(false);
  const open = openTry(sitting);
  const { task } = onTheTable(sitting);
  const isBrief = patterns.length === 1;
  const ms = isBrief ? figure.shownFor : null;
  const shownMs = sitting.isOpen ? open?.head.shownMs : undefined;
  const canShow = !isShowing && shownMs === undefined;
  const took = (stood: number): void => store.dispatch({ kind: 'shown', ms: stood });

  const show = async (): Promise<void> => {
    if (!canShow) return;
    setUnheard(false);
    if (other.kind === 'none') {
      if (isBrief) fillScreen();
      return setTurned({ id: sitting.tries.length + 1, patterns: [...patterns], ms });
    }
    setShowing(true);
    const stood = await tellOtherScreen({ patterns: [...patterns], ms });
    setShowing(false);
    if (!isBrief) return;
    if (stood === null) setUnheard(true);
    else took(stood);
  };
  const showAsked = useEffectEvent(show);
  useEffect(() => {
    if (asked > 0) void showAsked();
  }, [asked]);
  const close = (): void => {
    setTurned(null);
    if (document.fullscreenElement) void document.exitFullscreen();
  };

  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column', gap: 2, p: 3, overflow: 'auto' }}>
      {!isBrief && (
        <svg
          role="img"
          aria-label={words.childSide.dots()}
          viewBox={`0 0 ${fieldWidth(patterns.length)} 100`}
          width="100%"
          style={{ flex: 1, minHeight: 0 }}
        >
          <Patterns patterns={patterns} />
        </svg>
      )}
      <ShownOn />
      <Button
        variant="contained"
        color="secondary"
        onClick={() => void show()}
        disabled={!canShow}
        sx={{ minHeight: 72, fontSize: '1.15rem' }}
      >
        {isShowing ? words.childSide.showing() : isBrief ? words.childSide.show() : words.tray.showToChild()}
      </Button>
      {isBrief && (
        <Typography role="status">
          {isUnheard
            ? words.childSide.noAnswer()
            : shownMs === undefined
              ? words.childSide.look()
              : words.childSide.shown({ s: secondsOf(shownMs) })}
        </Typography>
      )}
      {isBrief && shownMs === undefined && (
        <Typography variant="body2" color="textSecondary">
          {words.childSide.byHand()}
        </Typography>
      )}
      {isBrief && sitting.isOpen && (
        <Choice
          label={words.childSide.how()}
          value={open?.head.strategy ?? null}
          options={waysSeen(task.id, taskOf(task.id).strategies ?? [])}
          onChoose={(one) =>
            store.dispatch({ kind: 'strategy', strategy: one === open?.head.strategy ? null : one })
          }
        />
      )}
      <OnWholeScreen show={turned} onShown={took} onClose={close} />
    </Box>
  );
}

interface OnWholeScreenProps {
  readonly show: ShowBody | null;
  /** For how long they stood there. In ms. */
  readonly onShown: (ms: number) => void;
  readonly onClose: () => void;
}

/** This screen, turned to the child. */
function OnWholeScreen({ show, onShown, onClose }: OnWholeScreenProps) {
  return (
    <Dialog
      fullScreen
      open={show !== null}
      onClose={onClose}
      // The child sees nothing move but the dots themselves.
      transitionDuration={0}
      slotProps={{ paper: { 'aria-label': words.tray.showToChild() } }}
    >
      <Stage
        show={show}
        onShown={(_, stood) => {
          onClose();
          onShown(stood);
        }}
      />
      <Leave onLeave={onClose} />
    </Dialog>
  );
}

const secondsOf = (ms: number): string =>
  (ms / 1000).toLocaleString(words.language, { minimumFractionDigits: 2, maximumFractionDigits: 2 });
