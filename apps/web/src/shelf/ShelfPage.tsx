import type { Room } from '@dotting/contract';
import { strands, tasks, type Task } from '@dotting/core';
import { taskWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useOutletContext, useSearchParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { PageTitle } from '../common/PageTitle.js';
import { narrow, slim } from '../common/theme.js';
import { words } from '../wording/words.js';
import { TaskCard } from './TaskCard.js';

/** Every task of the shelf by strand; each opens its card, which can be printed and started with a child. */
export function ShelfPage() {
  const [typed, setTyped] = useState('');
  const [params] = useSearchParams();
  const opened = tasks.find(({ id }) => id === params.get('task')) ?? tasks[0]!;
  const found = tasks.filter((task) => isFound(task, typed));
  return (
    <Box sx={page}>
      <Box sx={{ displayPrint: 'none', display: 'grid', gap: 1.5, alignContent: 'start' }}>
        <PageTitle>{words.shelf.title()}</PageTitle>
        <Link to="/stand-ins" style={{ color: 'inherit' }}>
          {words.standIns.title()}
        </Link>
        <TextField
          label={words.shelf.find()}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          size="small"
        />
        {found.length === 0 && <Typography role="status">{words.search.nothing()}</Typography>}
        {strands.map((strand) => (
          <Strand
            key={strand}
            name={words.strands[strand]()}
            tasks={found.filter((one) => one.strand === strand)}
            opened={opened}
          />
        ))}
      </Box>
      <Box>
        <Actions task={opened} />
        <TaskCard id={opened.id} />
      </Box>
    </Box>
  );
}

/** By its name, what the child does, or its strand. */
function isFound({ id, strand }: Task, typed: string): boolean {
  const told = taskWords(words, id);
  const all = [told.name(), told.childDoes(), words.strands[strand]()].join(' ').toLocaleLowerCase();
  return all.includes(typed.trim().toLocaleLowerCase());
}

interface StrandProps {
  readonly name: string;
  readonly tasks: readonly Task[];
  readonly opened: Task;
}

function Strand({ name, tasks: ofStrand, opened }: StrandProps) {
  if (ofStrand.length === 0) return null;
  return (
    <Box component="section" aria-label={name}>
      <Typography variant="body2" color="textSecondary" component="h2">
        {name}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {ofStrand.map(({ id }) => (
          <Button
            key={id}
            component={Link}
            to={`?task=${id}`}
            replace
            preventScrollReset
            aria-current={id === opened.id}
            sx={{ px: 1.5, '&[aria-current=true]': { bgcolor: 'sand', borderColor: 'ink', fontWeight: 700 } }}
          >
            {taskWords(words, id).name()}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

/** Start it with a child of the room, or print its card. */
function Actions({ task }: { readonly task: Task }) {
  const room = useOutletContext<Room | undefined>();
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  const navigate = useNavigate();
  return (
    <Box sx={{ displayPrint: 'none', display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
      {task.inGroup ? (
        <Button component={Link} to="/hands" variant="contained" color="secondary">
          {words.shelf.withGroup()}
        </Button>
      ) : (
        <TextField
          select
          size="small"
          label={words.shelf.startWith()}
          value=""
          onChange={(event) => void navigate(`/sit/${event.target.value}`, { state: { task: task.id } })}
          sx={{ minWidth: '12rem' }}
        >
          {(data?.register ?? []).map(({ id, firstName }) => (
            <MenuItem key={id} value={id}>
              {firstName}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button component={Link} to={`/group?task=${task.id}`}>
        {words.group.shownToGroup()}
      </Button>
      <Button onClick={() => window.print()}>{words.shelf.print()}</Button>
    </Box>
  );
}

const page = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1.1fr)',
  gap: 4,
  [narrow]: { gap: 2 },
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)' },
  '@media print': { display: 'block' },
} as const;
