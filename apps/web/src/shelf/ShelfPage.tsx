import type { OwnTaskView, RoomHere } from '@dotting/contract';
import { strands, taskOf, tasks, type Task } from '@dotting/core';
import { taskWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useOutletContext, useSearchParams } from 'react-router';
import { useHere } from '../common/here.js';
import { PageTitle } from '../common/PageTitle.js';
import { narrow, slim } from '../common/theme.js';
import { words } from '../wording/all.js';
import { TaskActions } from './TaskActions.js';
import { TaskCard } from './TaskCard.js';

/** What can be opened: a task of the shelf, or one that the room has written. */
interface Entry {
  readonly key: string;
  readonly to: string;
  readonly name: string;
  readonly childDoes: string;
  readonly group: string;
}

const shippedEntry = ({ id, strand }: Task): Entry => {
  const told = taskWords(words, id);
  return {
    key: id,
    to: `?task=${id}`,
    name: told.name(),
    childDoes: told.childDoes(),
    group: words.strands[strand](),
  };
};

const ownEntry = ({ id, texts, retired }: OwnTaskView): Entry => ({
  key: id,
  to: `?own=${id}`,
  name: texts.name,
  childDoes: texts.childDoes,
  group: retired ? words.ownThings.retired() : words.ownTasks.ours(),
});

/** Every task of the shelf by strand, and first those the room has written; each opens its card, which can be printed and started with a child. */
export function ShelfPage() {
  const room = useOutletContext<RoomHere | undefined>();
  const [typed, setTyped] = useState('');
  const [params] = useSearchParams();
  const own = room?.ownTasks.find(({ id }) => id === params.get('own'));
  const opened = own ? taskOf(own.like) : (tasks.find(({ id }) => id === params.get('task')) ?? tasks[0]!);
  const inUse = (room?.ownTasks ?? []).filter(({ retired }) => !retired);
  const retired = (room?.ownTasks ?? []).filter((one) => one.retired);
  const entries = [...inUse.map(ownEntry), ...tasks.map(shippedEntry), ...retired.map(ownEntry)];
  const found = entries.filter((entry) => isFound(entry, typed));
  const groups = [
    words.ownTasks.ours(),
    ...strands.map((strand) => words.strands[strand]()),
    words.ownThings.retired(),
  ];
  return (
    <Box sx={page}>
      <Box sx={{ displayPrint: 'none', display: 'grid', gap: 1.5, alignContent: 'start' }}>
        <PageTitle>{words.shelf.title()}</PageTitle>
        <Beside />
        <TextField
          label={words.shelf.find()}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          size="small"
        />
        {found.length === 0 && <Typography role="status">{words.search.nothing()}</Typography>}
        {groups.map((group) => (
          <Group
            key={group}
            name={group}
            entries={found.filter((one) => one.group === group)}
            opened={own?.id ?? opened.id}
          />
        ))}
      </Box>
      <Box>
        <TaskActions room={room} task={opened} own={own} />
        <TaskCard id={opened.id} own={own} />
      </Box>
    </Box>
  );
}

/** What else there is to do at the shelf. */
function Beside() {
  const { adult } = useHere();
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, rowGap: 0.5, '& a': { color: 'inherit' } }}>
      {adult.role !== 'assistant' && (
        <>
          <Link to="/shelf/write">{words.ownTasks.write()}</Link>
          <Link to="/shelf/file">{words.ownTasks.fromFile()}</Link>
        </>
      )}
      <Link to="/settings/things">{words.ownThings.title()}</Link>
      <Link to="/stand-ins">{words.standIns.title()}</Link>
    </Box>
  );
}

/** By its name, what the child does, or its strand. */
function isFound({ name, childDoes, group }: Entry, typed: string): boolean {
  const all = [name, childDoes, group].join(' ').toLocaleLowerCase();
  return all.includes(typed.trim().toLocaleLowerCase());
}

interface GroupProps {
  readonly name: string;
  readonly entries: readonly Entry[];
  readonly opened: string;
}

function Group({ name, entries, opened }: GroupProps) {
  if (entries.length === 0) return null;
  return (
    <Box component="section" aria-label={name}>
      <Typography variant="body2" color="textSecondary" component="h2">
        {name}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {entries.map(({ key, to, name: told }) => (
          <Button
            key={key}
            component={Link}
            to={to}
            replace
            preventScrollReset
            aria-current={key === opened}
            sx={{ px: 1.5, '&[aria-current=true]': { bgcolor: 'sand', borderColor: 'ink', fontWeight: 700 } }}
          >
            {told}
          </Button>
        ))}
      </Box>
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
