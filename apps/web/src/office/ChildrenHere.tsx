import type { OfficeChild, OfficeView } from '@dotting/contract';
import type { NumberWords } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { sayLongDay } from '../common/days.js';
import { languageName } from '../common/language.js';
import { Notice } from '../common/Notice.js';
import { useHere } from '../common/here.js';
import { Choice } from '../common/Choice.js';
import { Line } from './Line.js';
import { NewChildForm } from './NewChildForm.js';
import { PlaceForm } from './PlaceForm.js';
import { words } from '../wording/all.js';

/** The children who come here: where each is, and who sees it. */
export function ChildrenHere() {
  const office = useOutletContext<OfficeView>();
  const [roomId, setRoomId] = useState('all');
  const [isAdding, setAdding] = useState(false);
  const here = office.children.filter((child) => child.leftOn === null || child.leftOn >= office.day);
  const shown = here.filter((child) => roomId === 'all' || child.roomId === roomId);
  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'end', flexWrap: 'wrap' }}>
        <Choice
          label={words.fields.room()}
          value={roomId}
          options={[['all', words.common.all()], ...office.rooms.map(({ id, name }) => [id, name] as const)]}
          onChoose={setRoomId}
        />
        <Box sx={{ flex: 1 }} />
        <Button onClick={() => setAdding(!isAdding)} aria-expanded={isAdding}>
          {words.office.addChild()}
        </Button>
        <Button component="a" href="/api/office/children.csv" download>
          {words.office.downloadRegister()}
        </Button>
      </Box>
      {isAdding && <NewChildForm office={office} onDone={() => setAdding(false)} />}
      {shown.length === 0 && <Notice>{words.office.noChildren()}</Notice>}
      <ul>
        {shown.map((child) => (
          <ChildLine key={child.id} child={child} office={office} />
        ))}
      </ul>
    </Box>
  );
}

function ChildLine({ child, office }: { readonly child: OfficeChild; readonly office: OfficeView }) {
  const [isOpen, setOpen] = useState(false);
  const { here } = useHere();
  const room = office.rooms.find((one) => one.id === child.roomId)!;
  return (
    <Line
      label={`${child.firstName} ${child.lastName}`}
      beneath={isOpen && <PlaceForm child={child} office={office} onDone={() => setOpen(false)} />}
    >
      <Typography sx={{ flex: 1.4 }}>
        <Link to={`/children/${child.id}`} style={{ color: 'inherit', fontWeight: 650 }}>
          {child.firstName} {child.lastName}
        </Link>
      </Typography>
      <Typography variant="body2" sx={{ flex: 1 }}>
        {room.name}
        {child.group && `, ${child.group}`}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 2.2 }}>
        {inShort(child, office, here.languages)}
      </Typography>
      <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
        {words.common.edit()}
      </Button>
    </Line>
  );
}

/** What is to be known before sitting down, as far as it is not the usual. */
function inShort(child: OfficeChild, { adults }: OfficeView, own: readonly NumberWords[]): string {
  const { languages, hand, needs, mouths, allergies, seenBy, leftOn } = child;
  const names = adults.filter((adult) => seenBy.includes(adult.id)).map((adult) => adult.firstName);
  return [
    languages.map((tag) => languageName(tag, own)).join(', '),
    ...(hand === 'left' ? [words.office.leftHanded()] : []),
    ...(mouths ? [words.office.mouths()] : []),
    ...(allergies ? [words.office.allergies({ allergies })] : []),
    ...(needs.length > 0
      ? [words.office.adaptedFor({ needs: needs.map((need) => words.needs[need]()).join(', ') })]
      : []),
    ...(names.length > 0 ? [words.office.alsoSeenBy({ names: names.join(', ') })] : []),
    ...(leftOn ? [words.office.lastDay({ day: sayLongDay(leftOn) })] : []),
  ].join('; ');
}
