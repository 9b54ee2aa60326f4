import type { ToldTry } from '@dotting/contract';
import type { Happening, HappeningEvent, TraySet } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sayEvent } from '../amending/sayEvent.js';
import { saidIn, waysToAmend, withSaid } from '../amending/waysToAmend.js';
import { request } from '../api/http.js';
import { NumberPad } from '../sitting/thumb/NumberPad.js';
import { keepTold } from './keepTold.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';

interface AmendStepProps {
  readonly tryId: string;
  readonly event: HappeningEvent;
  readonly set: TraySet;
  readonly onDone: () => void;
}

const reasons = () => [words.replay.tappedWrongly(), words.replay.heardWrongly(), words.replay.otherChild()];

/** Puts one event of a try right, with a reason; the original is kept. */
export function AmendStep({ tryId, event, set, onDone }: AmendStepProps) {
  /** Undefined until something is chosen; null: it never happened. */
  const [instead, setInstead] = useState<Happening | null>();
  const [isSaying, setSaying] = useState(false);
  const amend = useMutation({
    mutationFn: (reason: string) =>
      request<ToldTry>('POST', `tries/${tryId}/amendments`, {
        of: event.seq,
        event: instead ? { ...instead, seq: event.seq, t: event.t } : null,
        reason,
      }),
    onSuccess: (told) => {
      keepTold(told);
      onDone();
    },
  });
  const choose = (happening: Happening | null): void => {
    setInstead(happening);
    setSaying(false);
  };
  return (
    <Box component="section" aria-label={words.replay.correctStep()} sx={{ display: 'grid', gap: 1 }}>
      <Typography>
        {instead === undefined
          ? words.replay.instead({ was: sayEvent(event, set) })
          : instead === null
            ? words.replay.insteadNothing({ was: sayEvent(event, set) })
            : words.replay.insteadThis({
                was: sayEvent(event, set),
                now: sayEvent({ ...instead, seq: event.seq, t: event.t }, set),
              })}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {waysToAmend(event, set).map(({ told, happening }) => (
          <Button key={told} onClick={() => choose(happening)}>
            {told}
          </Button>
        ))}
        {saidIn(event) !== undefined && (
          <Button onClick={() => setSaying(true)}>{words.replay.saidOther()}</Button>
        )}
        <Button onClick={() => choose(null)}>{words.replay.neverHappened()}</Button>
        <Button onClick={onDone}>{words.common.cancel()}</Button>
      </Box>
      {isSaying && (
        <Box sx={{ maxWidth: 320 }}>
          <NumberPad
            title={words.events.Said()}
            onSay={(said) => choose(withSaid(event, said))}
            onLeave={() => setSaying(false)}
          />
        </Box>
      )}
      {instead !== undefined && (
        <Reasons
          title={words.common.why()}
          usual={reasons()}
          isBusy={amend.isPending}
          onReason={amend.mutate}
        />
      )}
      {amend.error && <Alert>{amend.error.message}</Alert>}
    </Box>
  );
}
