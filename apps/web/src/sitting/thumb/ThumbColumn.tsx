import type { Task, TraySet, Word } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { palette, target } from '../../app/theme.js';
import type { KeyCommand } from '../keys.js';
import type { Phase } from '../sitting.js';
import { UnderThumb } from './UnderThumb.js';

export interface ThumbColumnProps {
  readonly phase: Phase;
  readonly task: Task;
  /** The number that is asked or laid. */
  readonly size: number;
  readonly set: TraySet;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  readonly wasAsked: boolean;
  /** Things are still being put to their places. */
  readonly isPutting: boolean;
  /** The bowl of a recipe that is being filled, from 0. */
  readonly bowl: number;
  readonly isOtherWord: boolean;
  readonly onOtherWord: (word: Word | null) => void;
  readonly onAnswer: (value: Word | null) => void;
  readonly onGiven: (value: number) => void;
  readonly onCommand: (command: KeyCommand) => void;
}

/** All that one thumb has to reach: the slips, the answer, undo, and going on. */
export const ThumbColumn = memo(function ThumbColumn(props: ThumbColumnProps) {
  const { phase, task, size, wasAsked, isPutting, bowl, set, onCommand } = props;
  const canAsk = task.kind === 'count' && (phase === 'counting' || (phase === 'read' && !wasAsked));
  const isWordByWord = task.kind === 'say' || task.kind === 'count';
  const bowlsLeft = (set.layout?.bowls?.length ?? 1) - 1 - bowl;
  return (
    <>
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }}>
        <UnderThumb {...props} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        {phase === 'laying' && isWordByWord && (
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
        {phase === 'counting' && bowlsLeft > 0 && (
          <Button sx={tall} onClick={() => onCommand('next-bowl')}>
            Next bowl
          </Button>
        )}
        {phase === 'counting' && !isPutting && bowlsLeft <= 0 && (
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
  share: 'Done sharing',
  choose: 'Done',
  answer: 'Done answering',
};

const tall = { minHeight: target.sitting, px: 1 } as const;
const filled = {
  bgcolor: palette.ink,
  color: palette.gate,
  borderColor: palette.ink,
  '&:hover': { bgcolor: '#24423d' },
} as const;
