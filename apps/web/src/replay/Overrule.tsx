import type { ToldTry } from '@dotting/contract';
import { captureKinds, ruledOf, readTry, taskOf, type RuledOn } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/http.js';
import { Choice } from '../common/Choice.js';
import { keepTold } from './keepTold.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';

const reasons = () => [words.replay.seenOther(), words.replay.laidOther(), words.replay.prompted()];

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
      aria-label={words.replay.changeResult()}
      sx={{ display: 'grid', gap: 1, maxWidth: 640 }}
    >
      <Choice
        label={words.replay.about()}
        value={on}
        options={open.map((one) => [one, words.replay.matter[one]()])}
        onChoose={setOn}
      />
      <Choice
        label={words.replay.whatIsTrue()}
        value={holds}
        options={[
          ['held', words.replay.held()],
          ['not', words.replay.didNot()],
          ...(ruledOf(tried, on) === null ? [] : [['read', words.replay.asRead()] as const]),
        ]}
        onChoose={setHolds}
      />
      {holds !== null && (
        <Reasons
          title={words.common.why()}
          usual={reasons()}
          isBusy={rule.isPending}
          onReason={rule.mutate}
        />
      )}
      {rule.error && <Alert>{rule.error.message}</Alert>}
      <Box>
        <Button onClick={onDone}>{words.common.cancel()}</Button>
      </Box>
    </Box>
  );
}

/** What the try says anything about. */
function mattersOf(tried: ToldTry): readonly RuledOn[] {
  const { pairing, total } = readTry(tried);
  const { kind } = taskOf(tried.task);
  const { asksForWords } = captureKinds[kind];
  return [
    ...(asksForWords ? (['order'] as const) : []),
    ...(pairing ? (['one-to-one'] as const) : []),
    ...(total ? (['how-many'] as const) : []),
    ...(asksForWords ? [] : (['task'] as const)),
  ];
}
