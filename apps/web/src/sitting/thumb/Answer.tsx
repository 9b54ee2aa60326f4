import type { ThumbColumnProps } from './props.js';
import { NumberPad } from './NumberPad.js';
import { words } from '../../wording/words.js';

/** What the child said when asked how many. */
export function Answer({ onAnswer }: Pick<ThumbColumnProps, 'onAnswer'>) {
  return (
    <NumberPad
      title={words.thumb.answerWas()}
      onSay={onAnswer}
      leaveWords={words.thumb.noAnswer()}
      onLeave={() => onAnswer(null)}
    />
  );
}
