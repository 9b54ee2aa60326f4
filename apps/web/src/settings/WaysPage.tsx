import type { Room } from '@dotting/contract';
import {
  numbersFrom,
  schoolChoices,
  schoolNames,
  shippedLanguages,
  type OwnSchools,
  type School,
  type Schools,
} from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useOutletContext } from 'react-router';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { Notice } from '../common/Notice.js';
import { PageTitle } from '../common/PageTitle.js';
import { hereQuery } from '../entrance/hereQuery.js';
import { Choices } from './Choices.js';
import { NumeralForms } from './NumeralForms.js';
import { StrokeWords } from './StrokeWords.js';
import { words } from '../wording/all.js';
import { Drawing } from './Drawing.js';

/** Where practitioners disagree: each line with its choices drawn; a lead chooses, everyone sees. */
export function WaysPage() {
  const room = useOutletContext<Room | undefined>();
  if (!room) return <Notice>{words.passing.noChildren()}</Notice>;
  return <Ways key={room.id} room={room} />;
}

function Ways({ room }: { readonly room: Room }) {
  const { adult } = useHere();
  const mayChange = adult.role === 'lead';
  const change = useMutation({
    mutationFn: (one: OwnSchools) => request('PUT', `rooms/${room.id}/schools`, one),
    onSuccess: () =>
      Promise.all([
        queryClient.invalidateQueries({ queryKey: hereQuery.queryKey }),
        queryClient.invalidateQueries({ queryKey: ['today'] }),
      ]),
  });
  const schools: Schools = room.schools;
  const choose = (one: OwnSchools): void => change.mutate(one);
  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{`${words.schools.title()}: ${room.name}`}</PageTitle>
        <Typography color="textSecondary">{words.schools.intro()}</Typography>
        <Typography color="textSecondary">{words.schools.onlyLeads()}</Typography>
      </Box>
      <Box role="status">{change.isSuccess && <Typography>{words.schools.saved()}</Typography>}</Box>
      {change.error && <Alert>{change.error.message}</Alert>}
      {schoolNames.map((school) => (
        <Line key={school} name={words.schools[school].name()} changes={words.schools[school].changes()}>
          <Choices
            name={words.schools[school].name()}
            value={schools[school]}
            options={schoolChoices[school].map((choice) => ({
              choice,
              told: toldOf(school, choice),
              drawing: <Drawing school={school} choice={choice} />,
            }))}
            mayChange={mayChange}
            onChoose={(choice) => choose({ [school]: choice })}
          />
          {school === 'languages' && (
            <RoomLanguage value={schools.language} mayChange={mayChange} onChoose={choose} />
          )}
          {school === 'week' && schools.week === 'one' && (
            <WeekNumber value={schools.number} mayChange={mayChange} onChoose={choose} />
          )}
        </Line>
      ))}
      <Line name={words.schools.forms()} changes={words.schools.formsChange()}>
        <NumeralForms schools={schools} mayChange={mayChange} onChoose={choose} />
      </Line>
      <Line name={words.schools.strokeWords()} changes={words.schools.strokeWordsChange()}>
        <StrokeWords schools={schools} mayChange={mayChange} onChoose={choose} />
      </Line>
    </Box>
  );
}

const toldOf = (school: School, choice: string): string =>
  (words.schools[school] as unknown as Readonly<Record<string, () => string>>)[choice]!();

interface ChangingProps {
  readonly mayChange: boolean;
  readonly onChoose: (one: OwnSchools) => void;
}

function Line({
  name,
  changes,
  children,
}: {
  readonly name: string;
  readonly changes: string;
  readonly children: ReactNode;
}) {
  return (
    <Box component="section" sx={{ borderTop: 1, borderColor: 'line', pt: 1.5, display: 'grid', gap: 1 }}>
      <Typography variant="h3" component="h2">
        {name}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {changes}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>{children}</Box>
    </Box>
  );
}

function RoomLanguage({ value, mayChange, onChoose }: ChangingProps & { readonly value: string }) {
  const { here } = useHere();
  const known = [...shippedLanguages, ...here.languages];
  return (
    <TextField
      select
      label={words.schools.roomLanguage()}
      value={value}
      disabled={!mayChange}
      onChange={(event) => onChoose({ language: event.target.value })}
      sx={{ minWidth: 200 }}
    >
      {known.map(({ tag, name }) => (
        <MenuItem key={tag} value={tag}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}

const upToTwenty = numbersFrom(1, 20);

function WeekNumber({ value, mayChange, onChoose }: ChangingProps & { readonly value: number }) {
  return (
    <TextField
      select
      label={words.schools.weekNumber()}
      value={value}
      disabled={!mayChange}
      onChange={(event) => onChoose({ number: Number(event.target.value) })}
      sx={{ minWidth: 140 }}
    >
      {upToTwenty.map((n) => (
        <MenuItem key={n} value={n}>
          {n}
        </MenuItem>
      ))}
    </TextField>
  );
}
