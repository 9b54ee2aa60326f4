import { captureKinds, isEmpty } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { targetOf } from '../../outbox/sitting.js';
import { viewOf } from '../kinds/views.js';
import type { ThumbColumnProps } from './props.js';
import { UnderThumb } from './UnderThumb.js';
import { words } from '../../wording/all.js';

/** All that one thumb has to reach: the slips, the answer, undo, and going on. */
export const ThumbColumn = memo(function ThumbColumn(props: ThumbColumnProps) {
  const { phase, task, plan, wasAsked, isPutting, bowl, set, onCommand } = props;
  const view = viewOf[task.kind];
  const canAsk =
    captureKinds[task.kind].asksHowMany &&
    (phase === 'counting' || (phase === 'read' && !wasAsked) || (phase === 'laying' && isEmpty(set)));
  const canAskMore = task.asksMore && !isPutting && (phase === 'counting' || (phase === 'read' && !wasAsked));
  const bowlsLeft = (set.layout?.bowls?.length ?? 1) - 1 - bowl;
  return (
    <>
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }}>
        <UnderThumb {...props} />
      </Box>
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        {phase === 'laying' && view.whole && !isEmpty(set) && (
          <Button size="large" onClick={() => onCommand('whole')}>
            {view.whole(targetOf(plan))}
          </Button>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: canAsk ? '1fr 1fr' : '1fr', gap: 1 }}>
          <Button size="large" onClick={() => onCommand('undo')} disabled={phase === 'laying'}>
            {words.sitting.undo()}
          </Button>
          {canAsk && (
            <Button size="large" {...(phase === 'counting' && filled)} onClick={() => onCommand('how-many')}>
              {words.sitting.howMany()}
            </Button>
          )}
        </Box>
        {canAskMore && (
          <Button size="large" onClick={() => onCommand('how-many-more')}>
            {words.sitting.howManyMore()}
          </Button>
        )}
        {phase === 'counting' && bowlsLeft > 0 && (
          <Button size="large" onClick={() => onCommand('next-bowl')}>
            {words.sitting.nextBowl()}
          </Button>
        )}
        {phase === 'counting' && !isPutting && bowlsLeft <= 0 && (
          <Button size="large" onClick={() => onCommand('finished')}>
            {set.layout?.doing ? words.kinds.done() : view.done()}
          </Button>
        )}
        {phase === 'read' && (
          <Button size="large" {...filled} sx={{ minHeight: 72 }} onClick={() => onCommand('next')}>
            {words.sitting.nextTry()}
          </Button>
        )}
      </Box>
    </>
  );
});

const filled = { variant: 'contained', color: 'secondary' } as const;
