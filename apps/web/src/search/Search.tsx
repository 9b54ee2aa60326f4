import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import ListSubheader from '@mui/material/ListSubheader';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { target } from '../common/theme.js';
import { words } from '../wording/all.js';
import {
  childrenOf,
  findablePages,
  findableTasks,
  headingOf,
  ownTasksOf,
  type Findable,
} from './findable.js';

type FoundTask = Extract<Findable, { readonly kind: 'task' }>;

/** Finds a child, a task or a page by what it is called; a task asks next with whom. */
export function Search({ onClose }: { readonly onClose: () => void }) {
  const { here, adult } = useHere();
  const navigate = useNavigate();
  const [task, setTask] = useState<FoundTask | null>(null);
  const [typed, setTyped] = useState('');
  const registers = useQueries({ queries: here.rooms.map((room) => todayQuery(room.id)) });
  const children = here.rooms.flatMap((room, i) => childrenOf(room, registers[i]?.data?.register ?? []));
  const findables = task
    ? children
    : [...children, ...here.rooms.flatMap(ownTasksOf), ...findableTasks(), ...findablePages(adult.role)];
  const label = task ? words.search.with({ task: task.name }) : words.search.what();

  const choose = (found: Findable | null): void => {
    if (!found) return;
    if (found.kind === 'task') {
      setTyped('');
      return setTask(found);
    }
    onClose();
    if (task && found.kind === 'child')
      void navigate(`/sit/${found.id}`, { state: { task: task.task, own: task.own } });
    else void navigate(found.to);
  };

  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      disableAutoFocus
      aria-label={words.search.title()}
      slotProps={{ paper: { sx: paper } }}
    >
      <DialogContent>
        <Autocomplete<Findable>
          key={task?.task ?? ''}
          open
          disablePortal
          autoHighlight
          value={null}
          inputValue={typed}
          onInputChange={(_, value, reason) => reason !== 'reset' && setTyped(value)}
          options={findables}
          groupBy={headingOf}
          getOptionLabel={({ name }) => name}
          getOptionKey={(found) =>
            `${found.kind} ${found.kind === 'task' ? (found.own?.id ?? found.task) : found.to} ${found.name}`
          }
          filterOptions={filter}
          loading={registers.some(({ isPending }) => isPending)}
          loadingText={words.search.loading()}
          noOptionsText={words.search.nothing()}
          onClose={(_, reason) => reason === 'escape' && onClose()}
          onChange={(_, found) => choose(found)}
          forcePopupIcon={false}
          renderInput={(props) => <TextField {...props} autoFocus label={label} />}
          renderGroup={({ key, group, children: found }) => (
            <Box key={key} component="li" role="group" aria-label={group}>
              <ListSubheader component="div" aria-hidden>
                {group}
              </ListSubheader>
              <Box component="ul" role="presentation" sx={{ p: 0 }}>
                {found}
              </Box>
            </Box>
          )}
          renderOption={({ key, ...props }, { name, detail }) => (
            <li key={key} {...props}>
              <span style={{ flex: 1 }}>{name}</span>
              <Typography component="span" variant="body2" color="textSecondary">
                {detail}
              </Typography>
            </li>
          )}
          slotProps={{ listbox: { sx: list }, popper: { placement: 'bottom' } }}
        />
      </DialogContent>
    </Dialog>
  );
}

const filter = createFilterOptions<Findable>({ stringify: ({ name, detail }) => `${name} ${detail}` });

const list = { maxHeight: '52vh', '& .MuiAutocomplete-option': { minHeight: target.usual } } as const;

/** As high with few found as with many, so that nothing jumps while one types. */
const paper = { height: '70vh', alignSelf: 'flex-start' } as const;
