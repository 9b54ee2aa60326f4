import type { ThumbColumnProps } from './props.js';
import { NumberPad } from './NumberPad.js';
import { words } from '../../wording/all.js';

/** Where the child began, of a count that may begin anywhere. */
export function Began({ plan, onBegan }: Pick<ThumbColumnProps, 'plan' | 'onBegan'>) {
  return <NumberPad title={words.thumb.beganAt()} largest={plan.size} onNumber={onBegan} />;
}
