import type { ToldTry } from '@dotting/contract';
import type { Happening, HappeningEvent } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { saidIn, sayEvent, waysToAmend, withSaid } from '../amending/waysToAmend.js';
import { request } from '../api/http.js';
import { NumberPad } from '../sitting/thumb/NumberPad.js';
import { keepTold } from './keepTold.js';
import { Reason } from './Reason.js';

interface AmendStepProps {
  readonly tryId: string;
  readonly event: HappeningEvent;
  readonly onDone: () => void;
}

const reasons = ['tapped wrongly', 'heard it otherwise', 'that was another child'];

/** Puts one event of a try right, with a reason; the original is kept. */
export function AmendStep({ tryId, event, onDone }: AmendStepProps) {
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
    <Box component="section" aria-label="Put this right" sx={{ display: 'grid', gap: 1 }}>
      <Typography>
        Instead of “{sayEvent(event)}”
        {instead === null
          ? ': it never happened'
          : instead && `: “${sayEvent({ ...instead, seq: event.seq, t: event.t })}”`}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {waysToAmend(event).map(({ words, happening }) => (
          <Button key={words} onClick={() => choose(happening)}>
            {words}
          </Button>
        ))}
        {saidIn(event) !== undefined && (
          <Button onClick={() => setSaying(true)}>Said something else …</Button>
        )}
        <Button onClick={() => choose(null)}>Never happened</Button>
        <Button onClick={onDone}>Leave it as it is</Button>
      </Box>
      {isSaying && (
        <Box sx={{ maxWidth: 320 }}>
          <NumberPad
            title="Said"
            onSay={(said) => choose(withSaid(event, said))}
            onLeave={() => setSaying(false)}
          />
        </Box>
      )}
      {instead !== undefined && <Reason usual={reasons} isBusy={amend.isPending} onReason={amend.mutate} />}
      {amend.error && <Typography role="alert">{amend.error.message}</Typography>}
    </Box>
  );
}
