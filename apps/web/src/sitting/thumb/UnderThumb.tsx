import { viewOf } from '../kinds/views.js';
import { NumberPad } from './NumberPad.js';
import type { ThumbColumnProps } from './props.js';
import { words } from '../../wording/all.js';

/** What the child may do next, by the kind of task and how the try stands. */
export function UnderThumb(props: ThumbColumnProps) {
  const { phase, task, isOtherWord, onOtherWord } = props;
  if (phase === 'read') return null;
  if (isOtherWord) {
    return (
      <NumberPad title={words.thumb.lastWordWas()} onSay={onOtherWord} onLeave={() => onOtherWord(null)} />
    );
  }
  const { Thumb } = viewOf[task.kind];
  return <Thumb {...props} />;
}
