import type { ToldTry } from '@dotting/contract';
import { ruledOf, readTry, taskOf, type RuledOn } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/http.js';
import { Choice } from '../app/Choice.js';
import { keepTold } from './keepTold.js';
import { Reason } from './Reason.js';

const matters: Record<RuledOn, string> = {
  order: 'the words in order',
  'one-to-one': 'one-to-one',
  'how-many': 'the last word as the answer',
  task: 'what was asked',
};
const reasons = ['seen otherwise', 'the tray was laid otherwise', 'prompted by others'];

/** Overrules what was read of a try, with a reason; the reading is kept, and the estimates use the ruling. */
export function Overrule({ tried, onDone }: { readonly tried: ToldTry; readonly onDone: () => void }) {
  const open = mattersOf(tried);
  const [on, setOn] = useState<RuledOn>(open[0]!);
  const [holds, setHolds] = useState<'held' | 'not' | 'read' | null>(null);
  const rule = useMutation({
    mutationFn: (reason: string) =>
      request<ToldTry>('POST', `tries/${tried.id}/rulings`, {
        on,
        holds: holds === 'read' ? null : holds === 'held',
        reason,
      }),
    onSuccess: (told) => {
      keepTold(told);
      onDone();
    },
  });
  return (
    <Box
      component="section"
      aria-label="Overrule the reading"
      sx={{ display: 'grid', gap: 1, maxWidth: 640 }}
    >
      <Choice label="About" value={on} options={open.map((one) => [one, matters[one]])} onChoose={setOn} />
      <Choice
        label="What is so"
        value={holds}
        options={[
          ['held', 'it held'],
          ['not', 'it did not'],
          ...(ruledOf(tried, on) === null ? [] : [['read', 'as it was read'] as const]),
        ]}
        onChoose={setHolds}
      />
      {holds !== null && <Reason usual={reasons} isBusy={rule.isPending} onReason={rule.mutate} />}
      {rule.error && <Typography role="alert">{rule.error.message}</Typography>}
      <Box>
        <Button onClick={onDone}>Leave it as it was read</Button>
      </Box>
    </Box>
  );
}

/** What the try says anything about. */
function mattersOf(tried: ToldTry): readonly RuledOn[] {
  const { pairing, total } = readTry(tried);
  const { kind } = taskOf(tried.task);
  const words: readonly RuledOn[] = kind === 'say' || kind === 'count' ? ['order'] : [];
  return [
    ...words,
    ...(pairing ? (['one-to-one'] as const) : []),
    ...(total ? (['how-many'] as const) : []),
    ...(kind === 'say' || kind === 'count' ? [] : (['task'] as const)),
  ];
}
