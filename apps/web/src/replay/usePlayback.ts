import type { ReplayStep } from '@dotting/core';
import { useEffect, useState } from 'react';

/** Longer pauses than this are cut short. */
const longestPauseMs = 3_000;
/** Of a count entered in one tap, whose times say nothing. */
const evenPauseMs = 700;

export interface Playback {
  /** Steps that have happened so far. */
  readonly done: number;
  readonly isPlaying: boolean;
  readonly play: () => void;
  readonly pause: () => void;
  /** Goes to just after a step, and stays there. */
  readonly goTo: (done: number) => void;
}

/** Plays steps at the pace at which they happened, so many times as fast. */
export function usePlayback(steps: readonly ReplayStep[], speed: number, isEven: boolean): Playback {
  const [done, setDone] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const isOver = done >= steps.length;
  useEffect(() => {
    if (!isPlaying || isOver) return;
    const since = done === 0 ? steps[0]!.event.t : steps[done - 1]!.event.t;
    const pause = isEven ? evenPauseMs : Math.min(longestPauseMs, steps[done]!.event.t - since);
    const timer = setTimeout(() => setDone(done + 1), pause / speed);
    return () => clearTimeout(timer);
  }, [steps, speed, isEven, isPlaying, isOver, done]);
  return {
    done,
    isPlaying: isPlaying && !isOver,
    play: () => {
      if (isOver) setDone(0);
      setPlaying(true);
    },
    pause: () => setPlaying(false),
    goTo: (to) => {
      setPlaying(false);
      setDone(Math.min(steps.length, Math.max(0, to)));
    },
  };
}
