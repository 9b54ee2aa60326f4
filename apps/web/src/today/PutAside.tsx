import type { AsideView, TakeAside, TodayView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/http.js';
import { asideQuery, queryClient } from '../api/queries.js';
import { sayMoment, todayHere } from '../common/days.js';
import { Listed } from '../common/Listed.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';

/** What the server refused for good, from any device: a lead takes it, put right, or leaves it out. */
export function PutAside({ today }: { readonly today: TodayView }) {
  const { data = [] } = useQuery(asideQuery);
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label={words.setAside.title()} sx={frame}>
      <Typography variant="h2">{words.setAside.title()}</Typography>
      <Typography variant="body2" color="textSecondary">
        {words.setAside.intro()}
      </Typography>
      {data.map((aside) => (
        <Aside key={aside.id} aside={aside} today={today} />
      ))}
    </Box>
  );
}

interface AsideProps {
  readonly aside: AsideView;
  readonly today: TodayView;
}

function Aside({ aside, today }: AsideProps) {
  const { id, leftOut, field } = aside;
  const [childId, setChildId] = useState<ChildId | null>(aside.childId);
  const [day, setDay] = useState(todayHere());
  const [isLeavingOut, setLeavingOut] = useState(false);
  const settle = useMutation({
    mutationFn: ({ how, body }: { how: 'taken' | 'left-out'; body: object }) =>
      request('POST', `set-aside/${id}/${how}`, body),
    onSuccess: () => {
      setLeavingOut(false);
      void queryClient.invalidateQueries({ queryKey: asideQuery.queryKey });
      void queryClient.invalidateQueries({ queryKey: ['today'] });
    },
  });
  const isOfDay = isDate(field);
  const badStep = badStepIn(field);
  const take = (more: Omit<TakeAside, 'childId'> = {}): void =>
    settle.mutate({ how: 'taken', body: { childId, ...more } });
  const isReady = childId !== null && !settle.isPending && (!isOfDay || day !== '');
  return (
    <Box sx={{ borderTop: 1, borderColor: 'line', pt: 1, mt: 1, display: 'grid', gap: 1 }}>
      <Typography variant="body2">
        {told(aside)} <b>{whyOf(aside)}</b>
      </Typography>
      {leftOut && <Typography variant="body2">{words.setAside.leftOut(leftOut)}</Typography>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Box sx={{ width: 'min(16rem, 100%)' }}>
          <Listed<ChildId>
            label={words.setAside.forChild()}
            value={childId}
            options={childrenFor(aside, today)}
            onChoose={setChildId}
          />
        </Box>
        {isOfDay && (
          <TextField
            label={words.setAside.day()}
            type="date"
            size="small"
            value={day}
            onChange={(event) => setDay(event.target.value)}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ width: 170 }}
          />
        )}
        {badStep !== undefined && (
          <Button disabled={!isReady} onClick={() => take({ steps: badStep })}>
            {words.setAside.takeUpTo()}
          </Button>
        )}
        <Button disabled={!isReady} onClick={() => take(isOfDay ? { day } : {})}>
          {leftOut ? words.setAside.takeAfterAll() : words.setAside.take()}
        </Button>
        {!leftOut && !isLeavingOut && (
          <Button onClick={() => setLeavingOut(true)}>{words.setAside.leaveOut()}</Button>
        )}
      </Box>
      {isLeavingOut && (
        <Reasons
          title={words.setAside.whyLeftOut()}
          usual={[words.setAside.otherChild(), words.setAside.tryingOut()]}
          isBusy={settle.isPending}
          onReason={(reason) => settle.mutate({ how: 'left-out', body: { reason } })}
        />
      )}
      {settle.error && <Alert>{settle.error.message}</Alert>}
    </Box>
  );
}

/** Those of the room, and whom it was recorded for. */
function childrenFor(
  { childId, child }: AsideView,
  { register }: TodayView,
): readonly (readonly [ChildId, string])[] {
  const here = register.map(({ id, firstName, lastName }) => [id, `${firstName} ${lastName}`] as const);
  const isHere = childId === null || register.some(({ id }) => id === childId);
  return isHere ? here : [[childId, child], ...here];
}

/** The server names fields as programs do. */
function whyOf({ field, why }: AsideView): string {
  if (isDate(field)) return words.setAside.badDay();
  const step = badStepIn(field);
  return step === undefined ? why : words.setAside.badStep({ n: step + 1 });
}

const isDate = (field: string): boolean => field === 'startedAt' || field === 'closedAt';

/** The place of the step that cannot be; undefined where it is something else. */
function badStepIn(field: string): number | undefined {
  const place = /^events\.(\d+)/.exec(field)?.[1];
  return place === undefined ? undefined : Number(place);
}

/** With the year where it is another: that may be what is wrong. What the device took for a moment may be none. */
function whenOf(at: string): string {
  const date = new Date(at);
  if (Number.isNaN(date.getTime())) return at;
  return date.getFullYear() === new Date().getFullYear()
    ? sayMoment(at)
    : `${sayMoment(at)} (${date.getFullYear()})`;
}

function told({ what, title, child, recorder, at }: AsideView): string {
  return words.setAside.line({
    what: what === 'closing' || title === '' ? words.setAside.notes() : title,
    child: child || words.setAside.noChild(),
    recorder,
    moment: whenOf(at),
  });
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
