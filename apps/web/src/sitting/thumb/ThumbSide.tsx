import { captureKinds, hasGiven, lastTap, putInto, settledEvents } from '@dotting/core';
import { onTheTable, phaseOf, type Sitting } from '../../outbox/sitting.js';
import { bowlOf } from '../tray/Tray.js';
import type { ThumbColumnProps } from './props.js';
import { ThumbColumn } from './ThumbColumn.js';

type ThumbSideProps = Pick<
  ThumbColumnProps,
  'isOtherWord' | 'onOtherWord' | 'onAnswer' | 'onGiven' | 'onPlaced' | 'onBegan' | 'onCommand'
> & { readonly sitting: Sitting };

const none: readonly string[] = [];

/** The thumb's column for a sitting as it stands. */
export function ThumbSide({ sitting, ...others }: ThumbSideProps) {
  const table = onTheTable(sitting);
  const { task, set, events } = table;
  return (
    <ThumbColumn
      phase={phaseOf(sitting)}
      task={task}
      plan={sitting.plan}
      set={set}
      // Of giving, the last thing that can be made otherwise is what was handed over.
      canMark={lastTap(events) !== undefined || hasGiven(events)}
      wasGiven={hasGiven(events)}
      wasAsked={settledEvents(events).some((event) => event.kind === 'ask')}
      isPutting={captureKinds[task.kind].isStillPutting(table)}
      bowl={bowlOf(sitting)}
      put={task.kind === 'order' || task.kind === 'ink' ? putInto(events) : none}
      {...others}
    />
  );
}
