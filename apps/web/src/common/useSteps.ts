import { useCallback, useEffect, useRef, useState } from 'react';

export interface Steps {
  /** How many have happened; 0 before the beginning. */
  readonly done: number;
  readonly isPlaying: boolean;
  readonly play: () => void;
}

/** Takes steps at given times, in ms from the beginning; played again, it begins again. */
export function useSteps(times: readonly number[], onStep: (step: number) => void): Steps {
  const [done, setDone] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  const timers = useRef<ReturnType<typeof setTimeout>[]>([]);
  const stop = useCallback(() => {
    for (const timer of timers.current) clearTimeout(timer);
    timers.current = [];
  }, []);
  useEffect(() => stop, [stop]);
  return {
    done,
    isPlaying,
    play: () => {
      stop();
      setDone(0);
      setPlaying(true);
      timers.current = times.map((ms, i) =>
        setTimeout(() => {
          onStep(i);
          setDone(i + 1);
          if (i === times.length - 1) setPlaying(false);
        }, ms),
      );
    },
  };
}
