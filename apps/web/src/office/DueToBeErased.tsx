import type { Erasure, OfficeChild } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { sayLongDay } from '../common/days.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { words } from '../wording/all.js';

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
  const count = words.erasing.severalChildren({ n: due.length });
  return (
    <Box component="section" aria-label={words.erasing.due()}>
      <Typography variant="h2">{words.erasing.due()}</Typography>
      {due.length === 0 && <Typography>{words.erasing.nobodyDue()}</Typography>}
      <ul>
        {due.map((child) => (
          <Line key={child.id} label={`${child.firstName} ${child.lastName}`}>
            <Typography sx={{ flex: 1 }}>
              <Link to={`/children/${child.id}`} style={{ color: 'inherit', fontWeight: 650 }}>
                {child.firstName} {child.lastName}
              </Link>
            </Typography>
            <Typography variant="body2" color="textSecondary" sx={{ flex: 2 }}>
              {words.erasing.dueLine({
                lastDay: sayLongDay(child.leftOn!),
                n: child.tries,
                day: sayLongDay(child.erasedUnasked!),
                name: child.firstName,
              })}{' '}
            </Typography>
            <Button onClick={() => trying(change('PATCH', `children/${child.id}`, { leftOn: null }))}>
              {words.erasing.bringBack()}
            </Button>
          </Line>
        ))}
      </ul>
      {due.length > 0 && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
          {isConfirming ? (
            <>
              <Typography sx={{ flex: '1 1 300px' }}>
                {words.erasing.forGoodWarning({ who: count })}
              </Typography>
              <Button onClick={() => setConfirming(false)}>{words.common.cancel()}</Button>
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
                {words.erasing.eraseForGood({ who: count })}
              </Button>
            </>
          ) : (
            <Button onClick={() => setConfirming(true)}>{words.erasing.eraseNow({ who: count })}</Button>
          )}
        </Box>
      )}
      {refused && <Alert>{refused}</Alert>}
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
        label={words.erasing.daysToBringBack()}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        helperText={words.erasing.daysHint()}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
      />
      {typed !== String(days) && (
        <Button type="submit" size="large">
          {words.common.save()}
        </Button>
      )}
    </Box>
  );
}
