import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { request } from '../api/http.js';
import { setAdult } from '../entrance/hereQuery.js';
import { useHere } from '../entrance/here.js';

/** What concerns the adult at the device: her thumb, the lock, and for the lead the devices. */
export function AdultMenu() {
  const { here, adult, leave } = useHere();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  const otherThumb = adult.thumb === 'right' ? 'left' : 'right';

  const closeAnd = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  const changeThumb = async (): Promise<void> => {
    await request('PATCH', 'adult', { thumb: otherThumb });
    await setAdult(here, { ...adult, thumb: otherThumb });
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
        <MenuItem onClick={closeAnd(() => void changeThumb())} sx={{ minHeight: 48 }}>
          Slips under the {otherThumb} thumb
        </MenuItem>
        {adult.role === 'lead' && (
          <MenuItem onClick={closeAnd(() => void navigate('/devices'))} sx={{ minHeight: 48 }}>
            Signed-in devices
          </MenuItem>
        )}
        <MenuItem onClick={closeAnd(leave)} sx={{ minHeight: 48 }}>
          Lock the screen
        </MenuItem>
      </Menu>
    </>
  );
}
