import type { OwnThingsView, RoomHere } from '@dotting/contract';
import { asCounter } from '@dotting/contract';
import { cautionsFor } from '@dotting/core';
import { tellCautions } from '@dotting/words';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { retire } from '../api/own.js';
import { todayHere } from '../common/days.js';
import { useHere } from '../common/here.js';
import { newId } from '../common/ids.js';
import { Notice } from '../common/Notice.js';
import { PageTitle } from '../common/PageTitle.js';
import { words } from '../wording/all.js';
import { ThingsForm } from './ThingsForm.js';

/** What a room counts with, and keeps it in, besides what is on the shelf. */
export function ThingsPage() {
  const room = useOutletContext<RoomHere | undefined>();
  if (!room) return <Notice>{words.passing.noChildren()}</Notice>;
  return <Things key={room.id} room={room} />;
}

function Things({ room }: { readonly room: RoomHere }) {
  const { adult } = useHere();
  const mayChange = adult.role !== 'assistant';
  const [open, setOpen] = useState<string | null>(null);
  const inUse = room.ownThings.filter(({ retired }) => !retired);
  const retired = room.ownThings.filter((one) => one.retired);
  const line = (things: OwnThingsView) =>
    open === things.id ? (
      <ThingsForm
        key={things.id}
        roomId={room.id}
        id={things.id}
        things={things}
        onDone={() => setOpen(null)}
      />
    ) : (
      <Line
        key={things.id}
        room={room}
        things={things}
        onEdit={mayChange ? () => setOpen(things.id) : undefined}
      />
    );
  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{words.ownThings.title()}</PageTitle>
        <Typography color="textSecondary">{words.ownThings.intro({ room: room.name })}</Typography>
      </Box>
      {room.ownThings.length === 0 && <Typography>{words.ownThings.none()}</Typography>}
      {inUse.map(line)}
      {open === 'new' ? (
        <NewThings roomId={room.id} onDone={() => setOpen(null)} />
      ) : (
        mayChange && (
          <Button
            variant="contained"
            color="primary"
            sx={{ justifySelf: 'start' }}
            onClick={() => setOpen('new')}
          >
            {words.ownThings.add()}
          </Button>
        )
      )}
      {retired.length > 0 && (
        <Box component="section" aria-label={words.ownThings.retired()} sx={{ display: 'grid', gap: 1 }}>
          <Typography variant="h3" component="h2">
            {words.ownThings.retired()}
          </Typography>
          <Typography variant="body2" color="textSecondary">
            {words.ownThings.kept()}
          </Typography>
          {retired.map(line)}
        </Box>
      )}
    </Box>
  );
}

function NewThings({ roomId, onDone }: { readonly roomId: string; readonly onDone: () => void }) {
  const [id] = useState(() => newId<string>());
  return <ThingsForm roomId={roomId} id={id} onDone={onDone} />;
}

interface LineProps {
  readonly room: RoomHere;
  readonly things: OwnThingsView;
  readonly onEdit: (() => void) | undefined;
}

/** One kind of thing: what it is, and what is said of it on a tray. */
function Line({ room, things, onEdit }: LineProps) {
  const change = useMutation({ mutationFn: () => retire(room.id, 'things', things.id, !things.retired) });
  const label = (button: string): string => words.ownThings.which({ button, things: things.many });
  const retireWords = things.retired ? words.ownThings.again() : words.ownThings.retire();
  return (
    <Box
      component="section"
      aria-label={things.many}
      sx={{ borderTop: 1, borderColor: 'line', pt: 1, display: 'flex', gap: 2, flexWrap: 'wrap' }}
    >
      <Box sx={{ flex: '1 1 22rem' }}>
        <Typography sx={{ fontWeight: 700 }}>{things.many}</Typography>
        <Typography variant="body2" color="textSecondary">
          {traitsOf(things)}
        </Typography>
        {cautionsOf(things).map((caution) => (
          <Typography key={caution} variant="body2">
            {caution}
          </Typography>
        ))}
        {change.error && <Alert>{words.settings.notChanged({ problem: change.error.message })}</Alert>}
      </Box>
      {onEdit && (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'start' }}>
          <Button aria-label={label(words.common.edit())} onClick={onEdit}>
            {words.common.edit()}
          </Button>
          <Button aria-label={label(retireWords)} disabled={change.isPending} onClick={() => change.mutate()}>
            {retireWords}
          </Button>
        </Box>
      )}
    </Box>
  );
}

function traitsOf({ isContainer, small, sharp, mouthable, food, across }: OwnThingsView): string {
  const { traits, wide } = words.ownThings;
  return [
    wide({ n: across }),
    ...(isContainer ? [traits.container()] : []),
    ...(small ? [traits.small()] : []),
    ...(sharp ? [traits.sharp()] : []),
    ...(mouthable ? [traits.mouthable()] : []),
    ...(food ? [traits.food({ food })] : []),
  ].join(', ');
}

/** Whoever it is laid for: one of an age at which nothing more is to be said. */
const anyone = { firstName: '', birthDate: '2000-01-01', mouths: false, allergies: '' } as const;

const cautionsOf = (things: OwnThingsView): readonly string[] =>
  tellCautions(words, cautionsFor(things.id, anyone, todayHere(), [asCounter(things)]), anyone);
