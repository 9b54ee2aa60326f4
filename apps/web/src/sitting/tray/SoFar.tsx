import { settledEvents, type TraceEvent, type TraySet } from '@dotting/core';
import { sayEvent } from '../../amending/sayEvent.js';

interface SoFarProps {
  readonly events: readonly TraceEvent[];
  readonly set: TraySet;
}

/** What has been recorded of the try that is going on. */
export const SoFar = ({ events, set }: SoFarProps) => (
  <bdi>
    {settledEvents(events)
      .map((event) => sayEvent(event, set))
      .join(' · ')}
  </bdi>
);
