import type { ChoosingWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { NumberPad } from './NumberPad.js';
import type { ThumbColumnProps } from './props.js';
import { words } from '../../wording/all.js';

interface GivingProps extends Pick<
  ThumbColumnProps,
  'canMark' | 'wasGiven' | 'onAnswer' | 'onGiven' | 'onCommand'
> {
  readonly things: string;
  /** Something done so many times, not things handed over. */
  readonly isDone: boolean;
  readonly bowl: number | null;
  readonly largest: number;
  readonly midway: ChoosingWords | undefined;
}

/** How many were handed over, and what may be said on the way. */
export function Giving(props: GivingProps) {
  const { isDone, things, bowl, largest, midway, canMark, wasGiven, onAnswer, onGiven, onCommand } = props;
  const title = wasGiven ? words.thumb.thenMadeIt() : isDone ? words.thumb.didIt() : words.thumb.handedOver();
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <NumberPad
        title={bowl === null ? title : words.thumb.bowl({ n: bowl + 1, things, what: title.toLowerCase() })}
        largest={largest}
        onNumber={onGiven}
      />
      {midway && (
        <Box role="group" aria-label={midway.question()}>
          <Typography variant="body2" color="textSecondary">
            “{midway.question()}”
          </Typography>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75 }}>
            {Object.entries(midway.options).map(([value, told]) => (
              <Button key={value} onClick={() => onAnswer(value)} size="large" sx={{ px: 0.5 }}>
                {told()}
              </Button>
            ))}
          </Box>
        </Box>
      )}
      {canMark && (
        <>
          <Button onClick={() => onCommand('other-word')}>{words.slips.otherWord()}</Button>
          <Button onClick={() => onCommand('took-it-back')}>{words.slips.corrected()}</Button>
          <Button onClick={() => onCommand('started-again')}>
            {isDone ? words.slips.startedAgain() : words.thumb.putBack()}
          </Button>
        </>
      )}
    </Box>
  );
}
