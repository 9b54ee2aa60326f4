import type { Task, Word } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { palette, target } from '../app/theme.js';
import type { KeyCommand } from './keys.js';
import { NumberPad } from './NumberPad.js';
import type { Phase } from './sitting.js';
import { Slips } from './Slips.js';

interface ThumbColumnProps {
  readonly phase: Phase;
  readonly task: Task;
  /** How many things are to be laid. */
  readonly size: number;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  readonly wasAsked: boolean;
  readonly isOtherWord: boolean;
  readonly onOtherWord: (word: Word | null) => void;
  readonly onAnswer: (value: Word | null) => void;
  readonly onGiven: (value: number) => void;
  readonly onCommand: (command: KeyCommand) => void;
}

/** All that one thumb has to reach: the slips, the answer, undo, and going on. */
export const ThumbColumn = memo(function ThumbColumn(props: ThumbColumnProps) {
  const { phase, task, size, wasAsked, onCommand } = props;
  const canAsk = task.kind === 'count' && (phase === 'counting' || (phase === 'read' && !wasAsked));
  return (
    <>
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }}>
        <Upper {...props} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        {phase === 'laying' && task.kind !== 'give' && (
          <Button sx={tall} onClick={() => onCommand('whole')}>
            {task.kind === 'say' ? `Said all to ${size}, no slip` : `Counted all ${size}, no slip`}
          </Button>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: canAsk ? '1fr 1fr' : '1fr', gap: 1 }}>
          <Button sx={tall} onClick={() => onCommand('undo')} disabled={phase === 'laying'}>
            Undo
          </Button>
          {canAsk && (
            <Button
              sx={{ ...tall, ...(phase === 'counting' && filled) }}
              onClick={() => onCommand('how-many')}
            >
              How many?
            </Button>
          )}
        </Box>
        {phase === 'counting' && (
          <Button sx={tall} onClick={() => onCommand('finished')}>
            {doneWords[task.kind]}
          </Button>
        )}
        {phase === 'read' && (
          <Button sx={{ ...tall, ...filled, minHeight: 72 }} onClick={() => onCommand('next')}>
            Next try
          </Button>
        )}
      </Box>
    </>
  );
});

const doneWords: Record<Task['kind'], string> = {
  say: 'Done saying',
  count: 'Done counting',
  give: 'Done giving',
};

function Upper(props: ThumbColumnProps) {
  const { canMark, phase, task, isOtherWord, onOtherWord, onAnswer, onGiven, onCommand } = props;
  if (phase === 'read') return null;
  if (task.kind === 'give') {
    return <NumberPad title={canMark ? 'Then made it' : 'Handed over'} onNumber={onGiven} />;
  }
  if (isOtherWord) {
    return <NumberPad title="The last word was" onSay={onOtherWord} onLeave={() => onOtherWord(null)} />;
  }
  if (phase === 'asked') {
    return (
      <NumberPad
        title="The answer was"
        onSay={onAnswer}
        leaveWords="Gave no answer"
        onLeave={() => onAnswer(null)}
      />
    );
  }
  return <Slips kind={task.kind} canMark={canMark} onCommand={onCommand} />;
}

const tall = { minHeight: target.sitting, px: 1 } as const;
const filled = {
  bgcolor: palette.ink,
  color: palette.gate,
  borderColor: palette.ink,
  '&:hover': { bgcolor: '#24423d' },
} as const;
