import { groupKinds, type NewGroupTime, type RegisterEntry, type Room } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext, useSearchParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { Choice } from '../common/Choice.js';
import { newId } from '../common/ids.js';
import { useOwn } from '../common/own.js';
import { useSchools } from '../common/schools.js';
import { Notice } from '../common/Notice.js';
import { PageTitle } from '../common/PageTitle.js';
import { words } from '../wording/all.js';
import { Faces, withOther } from './Faces.js';
import { firstKind } from './firstKind.js';
import { GroupTimes } from './GroupTimes.js';
import { keepGroupTime } from './keepGroupTime.js';
import { saidTogether, shownBy, WhichTask } from './WhichTask.js';

/** What the group was shown, or said in chorus: kept as the group’s, and of each child only that it has met it. */
export function GroupPage() {
  const room = useOutletContext<Room | undefined>();
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  if (!data || !room) return <Notice>{words.passing.noChildren()}</Notice>;
  return (
    <Group
      key={room.id}
      roomId={room.id}
      register={data.register.filter(({ mayRecord }) => mayRecord)}
      notHere={data.notHere}
    />
  );
}

interface GroupProps {
  readonly roomId: string;
  readonly register: readonly RegisterEntry[];
  readonly notHere: readonly ChildId[];
}

interface Sent {
  readonly id: string;
  readonly time: NewGroupTime;
}

function Group({ roomId, register, notHere }: GroupProps) {
  const [params] = useSearchParams();
  const { ownTasks } = useOwn(roomId);
  const schools = useSchools();
  const [kind, setKind] = useState(firstKind(schools));
  const [task, setTask] = useState(
    () => shownBy(params.get('own') ?? params.get('task'), ownTasks) ?? saidTogether,
  );
  const [away, setAway] = useState<ReadonlySet<ChildId>>(new Set(notHere));
  const [togetherTo, setTogetherTo] = useState('');
  const [note, setNote] = useState('');
  // The same id until it is kept: what was sent twice is one.
  const [id, setId] = useState(newId<string>);
  const keep = useMutation({
    mutationFn: ({ id: of, time }: Sent) => keepGroupTime(roomId, of, time),
    onSuccess: () => {
      setId(newId<string>());
      setTogetherTo('');
      setNote('');
    },
  });
  const children = register.filter((child) => !away.has(child.id)).map((child) => child.id);
  const isChorus = kind === 'chorus';
  const to = togetherTo.trim() === '' ? null : Number(togetherTo);
  const isWrong = isChorus && to !== null && !(Number.isInteger(to) && to >= 1 && to <= 100);
  const time: NewGroupTime = {
    kind,
    ...task,
    children,
    togetherTo: isChorus ? to : null,
    note: note.trim(),
  };
  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{words.group.title()}</PageTitle>
        <Typography color="textSecondary">{words.group.intro()}</Typography>
        <Typography>{words.group.first({ way: words.schools.chorus[schools.chorus]() })}</Typography>
      </Box>
      <Choice
        label={words.group.what()}
        value={kind}
        options={groupKinds.map((one) => [one, words.group.kinds[one]()])}
        onChoose={setKind}
      />
      <WhichTask task={task} own={ownTasks} onChoose={setTask} />
      <Typography variant="body2" color="textSecondary">
        {words.group.who()}
      </Typography>
      <Faces register={register} away={away} onTap={(child) => setAway(withOther(away, child.id))} />
      {isChorus && (
        <TextField
          label={words.group.togetherTo()}
          value={togetherTo}
          onChange={(event) => setTogetherTo(event.target.value)}
          error={isWrong}
          helperText={isWrong ? words.group.wrongNumber() : undefined}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          sx={{ maxWidth: 460 }}
        />
      )}
      <TextField
        label={words.group.note()}
        value={note}
        onChange={(event) => setNote(event.target.value.slice(0, 300))}
      />
      {keep.error && <Alert>{keep.error.message}</Alert>}
      <Button
        size="large"
        variant="contained"
        color="secondary"
        disabled={keep.isPending || children.length === 0 || isWrong}
        onClick={() => keep.mutate({ id, time })}
        sx={{ justifySelf: 'start' }}
      >
        {words.group.keep({ n: children.length })}
      </Button>
      <GroupTimes roomId={roomId} />
    </Box>
  );
}
