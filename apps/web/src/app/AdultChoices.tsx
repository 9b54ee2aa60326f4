import type { AdultSettings } from '@dotting/contract';
import { languages, offeredLanguages } from '@dotting/words';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { setAdult } from '../entrance/hereQuery.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/words.js';

interface AdultChoicesProps {
  /** What the menu hangs from. */
  readonly anchor: HTMLElement;
  readonly onClose: () => void;
}

/** What concerns the adult at the device: her thumb, her language, the lock, and for the lead the devices. */
export function AdultChoices({ anchor, onClose }: AdultChoicesProps) {
  const { here, adult, leave } = useHere();
  const navigate = useNavigate();
  const otherThumb = adult.thumb === 'right' ? 'left' : 'right';

  const closeAnd = (act: () => void) => () => {
    onClose();
    act();
  };
  const setting = useMutation({
    networkMode: 'always',
    mutationFn: async (changed: Partial<AdultSettings>): Promise<void> => {
      const settings = { thumb: adult.thumb, language: adult.language, ...changed };
      await request('PATCH', 'adult', settings);
      await setAdult(here, { ...adult, ...settings });
      if (!changed.language) return;
      // The server words some of what it answers, and may be about to in the old language.
      await queryClient.cancelQueries();
      await queryClient.invalidateQueries();
    },
    onSuccess: onClose,
  });

  return (
    <Menu
      anchorEl={anchor}
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { border: '1px solid', borderColor: 'divider' } } }}
    >
      <MenuItem onClick={() => setting.mutate({ thumb: otherThumb })}>
        {words.frame.thumb({ side: otherThumb })}
      </MenuItem>
      {offeredLanguages
        .filter((language) => language !== adult.language)
        .map((language) => (
          <MenuItem key={language} onClick={() => setting.mutate({ language })}>
            <ListItemText
              primary={words.frame.language({ name: languages[language].name })}
              secondary={!languages[language].isRead && words.frame.unread()}
            />
          </MenuItem>
        ))}
      {adult.role === 'lead' && (
        <MenuItem onClick={closeAnd(() => void navigate('/devices'))}>{words.frame.devices()}</MenuItem>
      )}
      <MenuItem onClick={closeAnd(leave)}>{words.frame.lock()}</MenuItem>
      {setting.error && (
        <Typography role="alert" sx={{ px: 2, py: 1, maxWidth: 280 }}>
          {words.frame.notChanged({ problem: setting.error.message })}
        </Typography>
      )}
    </Menu>
  );
}
