import { setOf, taskOf, type Gesture } from '@dotting/core';
import { useCallback } from 'react';
import { AfterTry } from './AfterTry.js';
import { Mirror } from './Mirror.js';
import { openTry, phaseOf } from './sitting.js';
import type { SittingStore } from './sittingStore.js';
import { Still } from './Still.js';
import { useSittingNow } from './useSitting.js';

interface TrayProps {
  readonly store: SittingStore;
  readonly byThing: boolean;
}

/** The mirror of the tray while it is laid and counted; then what the try showed. */
export function Tray({ store, byThing }: TrayProps) {
  const sitting = useSittingNow(store);
  const gesture = useCallback((one: Gesture) => store.dispatch({ kind: 'gesture', gesture: one }), [store]);
  const open = openTry(sitting);
  if (open && phaseOf(sitting) === 'read') {
    return (
      <AfterTry
        key={open.id}
        tried={open}
        onGesture={gesture}
        onEnded={(ended) => store.dispatch({ kind: 'end', ended })}
        onStrategy={(strategy) => store.dispatch({ kind: 'strategy', strategy })}
        onSetAside={(reason) => store.dispatch({ kind: 'set-aside', reason })}
      />
    );
  }
  const { plan } = sitting;
  const task = taskOf(open?.head.task ?? plan.task);
  const set = open?.head.set ?? setOf(task, plan.size, plan.things);
  if (task.kind === 'give') return <Still set={{ ...set, size: set.pile ?? set.size }} />;
  return (
    <Mirror
      set={set}
      seed={sitting.tries.length + (open ? 0 : 1)}
      target={open?.head.target ?? plan.size}
      byThing={byThing && task.kind === 'count'}
      beat={open?.events.length ?? 0}
      onNext={() => gesture({ kind: 'next' })}
      onThing={(item) => gesture({ kind: 'thing', item })}
    />
  );
}
