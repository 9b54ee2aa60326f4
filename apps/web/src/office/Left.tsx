import type { Erasure, OfficeChild, OfficeView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { sayLongDay, sayMoment } from '../common/days.js';
import { DueToBeErased } from './DueToBeErased.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { words } from '../wording/all.js';

/** Children who left, until they are erased; and the proof of what was. */
export function Left() {
  const office = useOutletContext<OfficeView>();
  const gone = office.children.filter((child) => child.leftOn !== null && child.leftOn < office.day);
  const isDue = (child: OfficeChild): boolean => child.eraseOn !== null && child.eraseOn <= office.day;
  const left = gone.filter((child) => !isDue(child));
  return (
    <Box sx={{ display: 'grid', gap: 4 }}>
      <DueToBeErased due={gone.filter(isDue)} waitDays={office.eraseWaitDays} />
      <Box component="section" aria-label={words.erasing.left()}>
        <Typography variant="h2">{words.erasing.left()}</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ maxWidth: 720, mb: 1 }}>
          {words.erasing.leftIntro()}
        </Typography>
        {left.length === 0 && <Typography>{words.erasing.noLeft()}</Typography>}
        <ul>
          {left.map((child) => (
            <LeftLine key={child.id} child={child} />
          ))}
        </ul>
      </Box>
      <Box component="section" aria-label={words.erasing.erased()}>
        <Typography variant="h2">{words.erasing.erased()}</Typography>
        <Typography color="textSecondary">{words.erasing.copies()}</Typography>
        {office.erasures.length === 0 && <Typography>{words.erasing.nothingErased()}</Typography>}
        <ul>
          {office.erasures.map((erasure) => (
            <ErasureLine key={erasure.id} erasure={erasure} />
          ))}
        </ul>
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
        {words.erasing.leftLine({
          lastDay: sayLongDay(child.leftOn!),
          n: child.tries,
          day: sayLongDay(child.eraseOn!),
        })}
      </Typography>
      <Button onClick={() => void back()}>{words.erasing.hasComeBack()}</Button>
      <Button onClick={() => setErasing(!isErasing)} aria-expanded={isErasing}>
        {words.erasing.eraseOneNow()}
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
    <FieldsForm
      submitWords={words.erasing.eraseOne()}
      leaveWords={words.common.cancel()}
      isSubmitting={typed.trim() === ''}
      error={undefined}
      onSubmit={(event) => {
        event.preventDefault();
        void erase();
      }}
      onLeave={onClose}
    >
      <Typography variant="body2" sx={{ gridColumn: '1 / -1' }}>
        {words.erasing.oneWarning({ name: child.firstName, n: child.tries })}
      </Typography>
      <TextField
        label={words.erasing.typeName({ name: child.firstName })}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        error={refused !== undefined}
        helperText={refused}
      />
    </FieldsForm>
  );
}

/** What went from one table; one without words of its own by its name. */
const sayRows = (table: string, n: number): string =>
  words.erasing.table[table as keyof typeof words.erasing.table]?.({ n }) ??
  words.erasing.otherTable({ n, table });

const asFile = (erasure: Erasure): string =>
  `data:application/json,${encodeURIComponent(JSON.stringify(erasure, null, 2))}`;

function ErasureLine({ erasure }: { readonly erasure: Erasure }) {
  const { gone, left, reason, by, room, erasedAt, childId } = erasure;
  const went = Object.entries(gone).filter(([, rows]) => rows > 0);
  return (
    <Line label={words.erasing.erasedOn({ moment: sayMoment(erasedAt) })}>
      <Typography variant="body2" sx={{ flex: 1 }}>
        {sayMoment(erasedAt)}
        <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
          {room}; {reason === 'time' ? words.erasing.timeUp() : words.erasing.askedFor({ name: by })}
        </Typography>
      </Typography>
      <Typography variant="body2" sx={{ flex: 2.4 }}>
        {words.erasing.went({ what: went.map(([table, n]) => sayRows(table, n)).join(', '), n: left })}
        <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
          {words.erasing.number({ id: childId })}
        </Typography>
      </Typography>
      <Button component="a" href={asFile(erasure)} download="erased.json">
        {words.erasing.proof()}
      </Button>
    </Line>
  );
}
