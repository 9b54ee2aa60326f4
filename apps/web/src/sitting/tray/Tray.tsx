import {
  captureKinds,
  laysThings,
  putInto,
  settledEvents,
  splitPasses,
  type Cards,
  type Gesture,
  type TraceEvent,
} from '@dotting/core';
import { useCallback, type ReactNode } from 'react';
import { useNumberWords } from '../../common/language.js';
import { later } from '../../common/later.js';
import { Mirror } from './Mirror.js';
import { onTheTable, openTry, phaseOf, schoolsIn, type Sitting } from '../../outbox/sitting.js';
import type { SittingStore } from '../sittingStore.js';
import { Lying } from './Lying.js';
import { Sum } from './Sum.js';
import { words } from '../../wording/all.js';
import { viewOf } from '../kinds/views.js';
import { Things } from './Things.js';
import { Tin } from '../tin/Tin.js';
import { tapOn } from '../useCommands.js';
import { useSittingNow } from '../useSitting.js';

const PuppetStage = later(async () => (await import('../puppet/PuppetStage.js')).PuppetStage);
const FrameGame = later(async () => (await import('./FrameGame.js')).FrameGame);
const SideBySide = later(async () => (await import('./SideBySide.js')).SideBySide);
const PartsTray = later(async () => (await import('./PartsTray.js')).PartsTray);
const BalanceTray = later(async () => (await import('./BalanceTray.js')).BalanceTray);
const CardsTray = later(async () => (await import('./CardsTray.js')).CardsTray);
const RecordTray = later(async () => (await import('./RecordTray.js')).RecordTray);
const WritingTray = later(async () => (await import('./WritingTray.js')).WritingTray);
const Flash = later(async () => (await import('./Flash.js')).Flash);
const AfterTry = later(async () => (await import('../say/AfterTry.js')).AfterTry);

interface TrayProps {
  readonly store: SittingStore;
  readonly byThing: boolean;
  /** Goes up when a key asks for the tin or the puppet. */
  readonly played: number;
}

/** What lies on the table, and what it takes down; then what the try showed. */
export function Tray({ store, byThing, played }: TrayProps) {
  const sitting = useSittingNow(store);
  const gesture = useCallback((one: Gesture) => store.dispatch({ kind: 'gesture', gesture: one }), [store]);
  const numberWords = useNumberWords(sitting.plan.language);
  const open = openTry(sitting);
  if (open && phaseOf(sitting) === 'read') {
    return (
      <AfterTry
        key={open.id}
        tried={open}
        languages={sitting.child.languages}
        mayPhotograph={schoolsIn(sitting).photos === 'allowed' && sitting.child.photos !== false}
        dispatch={store.dispatch}
      />
    );
  }
  const table = onTheTable(sitting);
  const { task, set, target } = table;
  // The same from when it is laid to when it ends: what is turned to the child stays so with its first touch.
  const turn = sitting.tries.length + (sitting.isOpen ? 0 : 1);
  const tap = (): void => {
    const meant = tapOn(store.read());
    if (meant) gesture(meant);
  };
  const { places, most } = set.layout ?? {};
  if (places !== undefined && most !== undefined) {
    return <FrameGame key={turn} set={set} places={places} most={most} />;
  }
  if (set.layout?.comparison) {
    return (
      <SideBySide
        key={turn}
        set={set}
        onAnswer={task.kind === 'choose' ? (value) => gesture({ kind: 'answer', value }) : null}
      />
    );
  }
  const { cards, records, sorted } = set.layout ?? {};
  if (cards) {
    return <CardsTray key={turn} set={set} put={putInto(table.events)} onTaken={takenFrom(cards, gesture)} />;
  }
  if (set.layout?.writing) return <WritingTray key={turn} set={set} events={table.events} store={store} />;
  if (records || sorted) return <RecordTray set={set} put={putInto(table.events)} />;
  if (set.layout?.patterns) {
    return <Flash key={turn} store={store} patterns={set.layout.patterns} asked={played} />;
  }
  const { parts, pairs, carry, balance } = set.layout ?? {};
  if (parts || pairs || carry) return <PartsTray set={set} />;
  if (balance) {
    return (
      <BalanceTray
        key={turn}
        set={set}
        onLevel={(value, isSwinging) => {
          gesture({ kind: 'given', value });
          if (isSwinging) store.dispatch({ kind: 'strategy', strategy: 'stopped-early' });
        }}
      />
    );
  }
  if (set.layout?.puppet) {
    return (
      <PuppetStage key={turn} set={set} puppet={set.layout.puppet} numberWords={numberWords} asked={played} />
    );
  }
  return (
    <>
      <Mirror
        set={set.layout?.handful ? { ...set, size: touchesIn(table.events) } : set}
        {...lyingOn(sitting)}
        isPutting={captureKinds[task.kind].isStillPutting(table)}
        target={target}
        byThing={byThing && captureKinds[task.kind].byThing}
        beat={open?.events.length ?? 0}
        onNext={tap}
        onThing={(item) => gesture({ kind: 'thing', item })}
      />
      {set.layout?.drops && (
        <Tin drops={set.layout.drops} silent={sitting.access.includes('hearing')} asked={played} />
      )}
    </>
  );
}

/** What taking a card tells: that it is the one, or one of them; null where none is taken. */
function takenFrom({ kind, cards }: Cards, gesture: (one: Gesture) => void) {
  switch (kind) {
    case 'find':
      return (i: number) => gesture({ kind: 'answer', value: cards[i]! });
    case 'find-all':
    case 'find-pictures':
      return (i: number) => gesture({ kind: 'placed', place: String(i) });
    default:
      return null;
  }
}

/** What is drawn in place of things to be touched: a pile to take from, or a number and what is done to it. */
function lyingOn(sitting: Sitting): { readonly lying?: ReactNode; readonly meaning?: string } {
  const { task, set } = onTheTable(sitting);
  const { change, doing } = set.layout ?? {};
  if (change && laysThings(task) && task.kind === 'answer') {
    return {
      lying: set.layout?.places ? (
        <Things set={set} />
      ) : (
        <Sum change={change} things={set.things} isInView={set.arrangement === 'row' && !change.covered} />
      ),
      meaning: words.tray.tapWhileWorkingOut(),
    };
  }
  if (!viewOf[task.kind].isStill) return {};
  const meaning = doing ? words.tray.tapEachSaid() : words.tray.tapPutIn();
  return laysThings(task) ? { lying: <Lying set={set} bowl={bowlOf(sitting)} />, meaning } : { meaning };
}

/** A handful of which nobody knows how many grows with the taps. */
const touchesIn = (events: readonly TraceEvent[]): number =>
  splitPasses(settledEvents(events))
    .findLast((pass) => pass.length > 0)
    ?.filter(({ kind }) => kind !== 'say').length ?? 0;

/** Of a recipe, the bowl that is being filled. */
export function bowlOf(sitting: Sitting): number {
  const asked = settledEvents(openTry(sitting)?.events ?? []).filter(
    (event) => event.kind === 'ask' && event.question === 'give',
  ).length;
  return Math.max(0, asked - 1);
}
