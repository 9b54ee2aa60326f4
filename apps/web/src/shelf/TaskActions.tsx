import type { OwnTaskView, RoomHere } from '@dotting/contract';
import type { Task } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { retire } from '../api/own.js';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';
import { fileNameOf, saveFile, taskFileOf } from './taskFile.js';

interface TaskActionsProps {
  readonly room: RoomHere | undefined;
  readonly task: Task;
  readonly own: OwnTaskView | undefined;
}

/** Start it with a child of the room, print its card, or make one of the room’s own of it. */
export function TaskActions({ room, task, own }: TaskActionsProps) {
  const { adult } = useHere();
  const mayWrite = room !== undefined && adult.role !== 'assistant';
  return (
    <Box sx={{ displayPrint: 'none', display: 'grid', gap: 1, mb: 2 }}>
      <Box sx={line}>
        {task.inGroup ? (
          <Button component={Link} to="/hands" variant="contained" color="secondary">
            {words.shelf.withGroup()}
          </Button>
        ) : (
          !own?.retired && <StartWith room={room} task={task} own={own} />
        )}
        {!own?.retired && (
          <Button component={Link} to={own ? `/group?own=${own.id}` : `/group?task=${task.id}`}>
            {words.group.shownToGroup()}
          </Button>
        )}
        <Button onClick={() => window.print()}>{words.shelf.print()}</Button>
        {mayWrite && !own && !task.inGroup && (
          <Button component={Link} to={`/shelf/write?like=${task.id}`}>
            {words.ownTasks.copy()}
          </Button>
        )}
      </Box>
      {own && room && <OwnActions room={room} own={own} mayWrite={mayWrite} />}
    </Box>
  );
}

function StartWith({ room, task, own }: TaskActionsProps) {
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  const navigate = useNavigate();
  return (
    <TextField
      select
      size="small"
      label={words.shelf.startWith()}
      value=""
      onChange={(event) =>
        void navigate(`/sit/${event.target.value}`, { state: { task: task.id, ...(own && { own }) } })
      }
      sx={{ minWidth: '12rem' }}
    >
      {(data?.register ?? []).map(({ id, firstName }) => (
        <MenuItem key={id} value={id}>
          {firstName}
        </MenuItem>
      ))}
    </TextField>
  );
}

interface OwnActionsProps {
  readonly room: RoomHere;
  readonly own: OwnTaskView;
  readonly mayWrite: boolean;
}

/** Of a task that the room has written: change it, share it, or stop using it. */
function OwnActions({ room, own, mayWrite }: OwnActionsProps) {
  const change = useMutation({ mutationFn: () => retire(room.id, 'tasks', own.id, !own.retired) });
  return (
    <>
      <Box sx={line}>
        {mayWrite && (
          <>
            <Button component={Link} to={`/shelf/write?own=${own.id}`}>
              {words.ownTasks.change()}
            </Button>
            <Button disabled={change.isPending} onClick={() => change.mutate()}>
              {own.retired ? words.ownThings.again() : words.ownThings.retire()}
            </Button>
          </>
        )}
        <Button onClick={() => saveFile(fileNameOf(own), taskFileOf(own, room.ownThings))}>
          {words.ownTasks.saveFile()}
        </Button>
      </Box>
      <Box role="status">{own.retired && words.ownTasks.retired()}</Box>
      {change.error && <Alert>{words.settings.notChanged({ problem: change.error.message })}</Alert>}
    </>
  );
}

const line = { display: 'flex', gap: 1, flexWrap: 'wrap' } as const;
