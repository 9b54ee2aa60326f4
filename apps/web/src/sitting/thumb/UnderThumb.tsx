import { counterOf, type Choosing } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { target } from '../../app/theme.js';
import { NumberPad } from './NumberPad.js';
import { Slips } from './Slips.js';
import type { ThumbColumnProps } from './ThumbColumn.js';

/** What the child may do next, by the kind of task and how the try stands. */
export function UnderThumb(props: ThumbColumnProps) {
  const {
    phase,
    task,
    set,
    bowl,
    canMark,
    isPutting,
    isOtherWord,
    onOtherWord,
    onAnswer,
    onGiven,
    onCommand,
  } = props;
  if (phase === 'read') return null;
  if (isOtherWord) {
    return <NumberPad title="The last word was" onSay={onOtherWord} onLeave={() => onOtherWord(null)} />;
  }
  switch (task.kind) {
    case 'give':
      return (
        <Giving
          things={counterOf(set.layout?.bowls?.[bowl]?.things ?? set.things).many}
          bowl={set.layout?.bowls ? bowl : null}
          largest={Math.max(20, set.pile ?? 0)}
          midway={phase === 'laying' ? undefined : task.midway}
          canMark={canMark}
          onAnswer={onAnswer}
          onGiven={onGiven}
          onAfresh={() => onCommand('started-again')}
        />
      );
    case 'choose':
      return <Options choosing={task.choosing!} onAnswer={onAnswer} />;
    case 'answer':
      return <Answer onAnswer={onAnswer} />;
    case 'share':
      if (isPutting || phase === 'laying')
        return <Slips kind="share" isPutting canMark={phase !== 'laying'} onCommand={onCommand} />;
      if (task.choosing) return <Options choosing={task.choosing} onAnswer={onAnswer} />;
      return <Slips kind="count" canMark={canMark} onCommand={onCommand} />;
    case 'say':
    case 'count':
      if (phase === 'asked') return <Answer onAnswer={onAnswer} />;
      return (
        <Slips
          kind={task.kind}
          isHeard={set.arrangement === 'heard'}
          canMark={canMark}
          onCommand={onCommand}
        />
      );
  }
}

function Answer({ onAnswer }: Pick<ThumbColumnProps, 'onAnswer'>) {
  return (
    <NumberPad
      title="The answer was"
      onSay={onAnswer}
      leaveWords="Gave no answer"
      onLeave={() => onAnswer(null)}
    />
  );
}

/** All look alike: none is the right one. */
function Options({
  choosing,
  onAnswer,
}: { readonly choosing: Choosing } & Pick<ThumbColumnProps, 'onAnswer'>) {
  return (
    <Box role="group" aria-label={choosing.question} sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="body2" color="textSecondary">
        “{choosing.question}”
      </Typography>
      {choosing.options.map(({ value, words }, i) => (
        <Button
          key={value}
          onClick={() => onAnswer(value)}
          aria-keyshortcuts={String(i + 1)}
          sx={{ minHeight: target.sitting }}
        >
          {words}
        </Button>
      ))}
      <Button onClick={() => onAnswer(null)}>Gave no answer</Button>
    </Box>
  );
}

interface GivingProps extends Pick<ThumbColumnProps, 'canMark' | 'onAnswer' | 'onGiven'> {
  readonly things: string;
  readonly bowl: number | null;
  readonly largest: number;
  readonly midway: Choosing | undefined;
  readonly onAfresh: () => void;
}

function Giving({ things, bowl, largest, midway, canMark, onAnswer, onGiven, onAfresh }: GivingProps) {
  const title = canMark ? 'Then made it' : 'Handed over';
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <NumberPad
        title={bowl === null ? title : `Bowl ${bowl + 1}, ${things}: ${title.toLowerCase()}`}
        largest={largest}
        onNumber={onGiven}
      />
      {midway && (
        <Box role="group" aria-label={midway.question}>
          <Typography variant="body2" color="textSecondary">
            “{midway.question}”
          </Typography>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75 }}>
            {midway.options.map(({ value, words }) => (
              <Button key={value} onClick={() => onAnswer(value)} sx={{ minHeight: target.sitting, px: 0.5 }}>
                {words}
              </Button>
            ))}
          </Box>
        </Box>
      )}
      {canMark && <Button onClick={onAfresh}>Put all back, began afresh</Button>}
    </Box>
  );
}
