import type { DoubleView, TodayView } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { sayMoment } from '../common/days.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';

/** Two records that overlap, from two devices: both are kept, and one question is asked. */
export function Doubles({ today }: { readonly today: TodayView }) {
  return today.doubles.map((double) => (
    <Double key={double.tries.map((one) => one.id).join()} double={double} today={today} />
  ));
}

function Double({ double, today }: { readonly double: DoubleView; readonly today: TodayView }) {
  const name = today.register.find((child) => child.id === double.childId)?.firstName ?? '';
  const [one, other] = double.tries as [DoubleView['tries'][number], DoubleView['tries'][number]];
  const [counts, setCounts] = useState<TraceId | null>(null);
  const answer = useMutation({
    mutationFn: (said: { readonly counts: TraceId; readonly reason: string } | { readonly counts: null }) =>
      request('POST', `tries/${one.id}/double`, { other: other.id, ...said }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['today'] }),
  });
  return (
    <Box component="section" aria-label={words.doubles.title()} sx={frame}>
      <Typography>
        <b>{words.doubles.title()}</b> {name}, {double.title}, {sayMoment(one.startedAt)}
      </Typography>
      {[one, other].map(({ id, recorder, told }) => (
        <Box key={id} sx={{ display: 'flex', gap: 2, alignItems: 'center', py: 0.5 }}>
          <Typography variant="body2" sx={{ flex: 1 }}>
            <Link to={`/tries/${id}`} style={{ color: 'inherit', fontWeight: 700 }}>
              {recorder}
            </Link>
            : {told}
          </Typography>
          <Button disabled={answer.isPending} aria-pressed={counts === id} onClick={() => setCounts(id)}>
            {words.doubles.same({ name: recorder })}
          </Button>
        </Box>
      ))}
      {counts !== null && (
        <Reasons
          title={words.doubles.whichWhy()}
          usual={[words.doubles.fuller(), words.doubles.sat(), words.doubles.cutShort()]}
          isBusy={answer.isPending}
          onReason={(reason) => answer.mutate({ counts, reason })}
        />
      )}
      <Button disabled={answer.isPending} onClick={() => answer.mutate({ counts: null })}>
        {words.doubles.two()}
      </Button>
      {answer.error && <Typography role="alert">{answer.error.message}</Typography>}
    </Box>
  );
}

const frame = {
  displayPrint: 'none',
  mb: 2,
  bgcolor: 'gate',
  border: '2px dashed',
  borderColor: 'line',
  borderRadius: '14px',
  px: 2,
  py: 1.25,
} as const;
