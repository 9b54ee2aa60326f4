import type { Erasure, OfficeChild, OfficeView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { sayLongDay, sayMoment } from '../app/days.js';
import { DueToBeErased } from './DueToBeErased.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';

/** Children who left, until they are erased; and the proof of what was. */
export function Left() {
  const office = useOutletContext<OfficeView>();
  const gone = office.children.filter((child) => child.leftOn !== null && child.leftOn < office.day);
  const isDue = (child: OfficeChild): boolean => child.eraseOn !== null && child.eraseOn <= office.day;
  const left = gone.filter((child) => !isDue(child));
  return (
    <Box sx={{ display: 'grid', gap: 4 }}>
      <DueToBeErased due={gone.filter(isDue)} waitDays={office.eraseWaitDays} />
      <Box component="section" aria-label="Children who left">
        <Typography variant="h2">Children who left</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ maxWidth: 720, mb: 1 }}>
          Hidden from everyone but leads. When the room’s time is up, a child is due to be erased and stands
          above; until then you can download what is held from the child’s page.
        </Typography>
        {left.length === 0 && <Typography>No children here.</Typography>}
        <Box component="ul" sx={{ p: 0, m: 0 }}>
          {left.map((child) => (
            <LeftLine key={child.id} child={child} />
          ))}
        </Box>
      </Box>
      <Box component="section" aria-label="Erased">
        <Typography variant="h2">Erased</Typography>
        {office.erasures.length === 0 && <Typography>Nothing was erased yet.</Typography>}
        <Box component="ul" sx={{ p: 0, m: 0 }}>
          {office.erasures.map((erasure) => (
            <ErasureLine key={erasure.id} erasure={erasure} />
          ))}
        </Box>
      </Box>
    </Box>
  );
}

function LeftLine({ child }: { readonly child: OfficeChild }) {
  const [isErasing, setErasing] = useState(false);
  const [refused, setRefused] = useState<string>();
  const back = (): Promise<void> =>
    change('PATCH', `children/${child.id}`, { leftOn: null }).catch((error: Error) =>
      setRefused(error.message),
    );
  return (
    <Line
      label={`${child.firstName} ${child.lastName}`}
      beneath={isErasing && <EraseForm child={child} onClose={() => setErasing(false)} />}
    >
      <Typography sx={{ flex: 1 }}>
        <Link to={`/children/${child.id}`} style={{ color: 'inherit', fontWeight: 650 }}>
          {child.firstName} {child.lastName}
        </Link>
        {refused && (
          <Typography component="span" role="alert" variant="body2" sx={{ display: 'block' }}>
            {refused}
          </Typography>
        )}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 2 }}>
        last day {sayLongDay(child.leftOn!)}; {child.tries} tries; due to be erased on{' '}
        {sayLongDay(child.eraseOn!)}
      </Typography>
      <Button onClick={() => void back()}>Comes again</Button>
      <Button onClick={() => setErasing(!isErasing)} aria-expanded={isErasing}>
        Erase now …
      </Button>
    </Line>
  );
}

/** Against a slip of the hand the first name is typed. */
function EraseForm({ child, onClose }: { readonly child: OfficeChild; readonly onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const [refused, setRefused] = useState<string>();
  const erase = (): Promise<unknown> =>
    change<Erasure>('POST', `children/${child.id}/erase`, { firstName: typed }).catch((error: Error) =>
      setRefused(error.message),
    );
  return (
    <OfficeForm
      submitWords="Erase for good"
      leaveWords="Keep it"
      isSubmitting={typed.trim() === ''}
      error={undefined}
      onSubmit={(event) => {
        event.preventDefault();
        void erase();
      }}
      onLeave={onClose}
    >
      <Typography variant="body2" sx={{ gridColumn: '1 / -1' }}>
        Everything held about {child.firstName} goes, {child.tries} tries among it, and cannot be brought
        back. Take what is held away first if the family or the next setting is to have it.
      </Typography>
      <TextField
        label={`Type “${child.firstName}” to erase`}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        error={refused !== undefined}
        helperText={refused}
      />
    </OfficeForm>
  );
}

const tableWords: Readonly<Record<string, string>> = {
  child: 'entry in the register',
  try: 'tries',
  try_event: 'events of tries',
  ruling: 'readings overruled',
  told_apart: 'pairs told apart',
  closing: 'sittings closed',
  statement_ruling: 'statements overruled',
  step_decision: 'steps pinned or put away',
  child_summary: 'kept summary',
  child_seen_by: 'adults named',
};

const asFile = (erasure: Erasure): string =>
  `data:application/json,${encodeURIComponent(JSON.stringify(erasure, null, 2))}`;

function ErasureLine({ erasure }: { readonly erasure: Erasure }) {
  const { gone, left, reason, by, room, erasedAt, childId } = erasure;
  const went = Object.entries(gone).filter(([, rows]) => rows > 0);
  return (
    <Line label={`Erased ${sayMoment(erasedAt)}`}>
      <Typography variant="body2" sx={{ flex: 1 }}>
        {sayMoment(erasedAt)}
        <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
          {room}; {reason === 'time' ? 'the time was up' : `asked for, done by ${by}`}
        </Typography>
      </Typography>
      <Typography variant="body2" sx={{ flex: 2.4 }}>
        {went.map(([table, rows]) => `${rows} ${tableWords[table] ?? table}`).join(', ')}. Looked for again in
        the same tables: {left === 0 ? 'nothing is left' : `${left} rows are left`}.
        <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
          The child’s number here was {childId}.
        </Typography>
      </Typography>
      <Button component="a" href={asFile(erasure)} download="erased.json">
        Proof (JSON)
      </Button>
    </Line>
  );
}
