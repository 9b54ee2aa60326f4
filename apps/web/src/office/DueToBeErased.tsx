import type { Erasure, OfficeChild } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { sayLongDay } from '../app/days.js';
import { Line } from './Line.js';
import { change } from './office.js';

interface DueToBeErasedProps {
  readonly due: readonly OfficeChild[];
  readonly waitDays: number;
}

/** Children whose time is up: erased once a lead confirms it, or unasked some days after she was shown them. */
export function DueToBeErased({ due, waitDays }: DueToBeErasedProps) {
  const [isConfirming, setConfirming] = useState(false);
  const [refused, setRefused] = useState<string>();
  const trying = (work: Promise<unknown>): void => {
    setRefused(undefined);
    void work.catch((error: Error) => setRefused(error.message));
  };
  const count = due.length === 1 ? 'this child' : `these ${due.length} children`;
  return (
    <Box component="section" aria-label="Due to be erased">
      <Typography variant="h2">Due to be erased</Typography>
      {due.length === 0 && <Typography>Nobody is due.</Typography>}
      <Box component="ul" sx={{ p: 0, m: 0 }}>
        {due.map((child) => (
          <Line key={child.id} label={`${child.firstName} ${child.lastName}`}>
            <Typography sx={{ flex: 1 }}>
              <Link to={`/children/${child.id}`} style={{ color: 'inherit', fontWeight: 650 }}>
                {child.firstName} {child.lastName}
              </Link>
            </Typography>
            <Typography variant="body2" color="textSecondary" sx={{ flex: 2 }}>
              Last day {sayLongDay(child.leftOn!)}, {child.tries} tries. Erased on{' '}
              {sayLongDay(child.erasedUnasked!)} unless you bring {child.firstName} back.
            </Typography>
            <Button onClick={() => trying(change('PATCH', `children/${child.id}`, { leftOn: null }))}>
              Bring back
            </Button>
          </Line>
        ))}
      </Box>
      {due.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
          {isConfirming ? (
            <>
              <Typography sx={{ flex: '1 1 300px' }}>
                Everything held about {count} goes and cannot be brought back.
              </Typography>
              <Button onClick={() => setConfirming(false)}>Cancel</Button>
              <Button
                variant="contained"
                color="primary"
                onClick={() =>
                  trying(
                    change<Erasure[]>('POST', 'erasures', { childIds: due.map((child) => child.id) }).finally(
                      () => setConfirming(false),
                    ),
                  )
                }
              >
                Erase {count} for good
              </Button>
            </>
          ) : (
            <Button onClick={() => setConfirming(true)}>Erase {count} now …</Button>
          )}
        </Box>
      )}
      {refused && <Typography role="alert">{refused}</Typography>}
      <WaitDays
        key={waitDays}
        days={waitDays}
        onSave={(days) => trying(change('PUT', 'erase-wait', { days }))}
      />
    </Box>
  );
}

interface WaitDaysProps {
  readonly days: number;
  readonly onSave: (days: number) => void;
}

/** How long a lead has to bring a child back once she was shown that it is due. */
function WaitDays({ days, onSave }: WaitDaysProps) {
  const [typed, setTyped] = useState(String(days));
  return (
    <Box
      component="form"
      sx={{ display: 'flex', gap: 1, alignItems: 'start', mt: 2, maxWidth: 520 }}
      onSubmit={(event) => {
        event.preventDefault();
        onSave(Number(typed));
      }}
    >
      <TextField
        label="Days to bring a child back"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        helperText="From the day a lead first sees that the child is due. At least 7."
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
      />
      {typed !== String(days) && (
        <Button type="submit" sx={{ minHeight: 56 }}>
          Save
        </Button>
      )}
    </Box>
  );
}
