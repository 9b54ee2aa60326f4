import type { AdultSettings } from '@dotting/contract';
import { languages, offeredLanguages } from '@dotting/words';
import Button from '@mui/material/Button';
import ListItemText from '@mui/material/ListItemText';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { setAdult } from '../entrance/hereQuery.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/words.js';

/** What concerns the adult at the device: her thumb, her language, the lock, and for the lead the devices. */
export function AdultMenu() {
  const { here, adult, leave } = useHere();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  const otherThumb = adult.thumb === 'right' ? 'left' : 'right';

  const closeAnd = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  const change = async (changed: Partial<AdultSettings>): Promise<void> => {
    const settings = { thumb: adult.thumb, language: adult.language, ...changed };
    await request('PATCH', 'adult', settings);
    await setAdult(here, { ...adult, ...settings });
    if (!changed.language) return;
    // The server words some of what it answers, and may be about to in the old language.
    await queryClient.cancelQueries();
    await queryClient.invalidateQueries();
  };

  return (
    <>
      <Button variant="text" onClick={(event) => setAnchor(event.currentTarget)} aria-haspopup="menu">
        {adult.firstName}
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        slotProps={{ paper: { sx: { border: '1px solid', borderColor: 'divider' } } }}
      >
        <MenuItem onClick={closeAnd(() => void change({ thumb: otherThumb }))} sx={{ minHeight: 48 }}>
          {words.frame.thumb({ side: otherThumb })}
        </MenuItem>
        {offeredLanguages
          .filter((language) => language !== adult.language)
          .map((language) => (
            <MenuItem
              key={language}
              onClick={closeAnd(() => void change({ language }))}
              sx={{ minHeight: 48 }}
            >
              <ListItemText
                primary={words.frame.language({ name: languages[language].name })}
                secondary={!languages[language].isRead && words.frame.unread()}
              />
            </MenuItem>
          ))}
        {adult.role === 'lead' && (
          <MenuItem onClick={closeAnd(() => void navigate('/devices'))} sx={{ minHeight: 48 }}>
            {words.frame.devices()}
          </MenuItem>
        )}
        <MenuItem onClick={closeAnd(leave)} sx={{ minHeight: 48 }}>
          {words.frame.lock()}
        </MenuItem>
      </Menu>
    </>
  );
}
