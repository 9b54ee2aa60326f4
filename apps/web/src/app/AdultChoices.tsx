import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useNavigate } from 'react-router';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';

interface AdultChoicesProps {
  /** What the menu hangs from. */
  readonly anchor: HTMLElement;
  readonly onClose: () => void;
}

/** The way to the adult’s own settings, and the lock. */
export function AdultChoices({ anchor, onClose }: AdultChoicesProps) {
  const { leave } = useHere();
  const navigate = useNavigate();
  const closeAnd = (act: () => void) => () => {
    onClose();
    act();
  };
  return (
    <Menu
      anchorEl={anchor}
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { border: '1px solid', borderColor: 'divider' } } }}
    >
      <MenuItem onClick={closeAnd(() => void navigate('/settings'))}>{words.settings.own()}</MenuItem>
      <MenuItem onClick={closeAnd(leave)}>{words.frame.lock()}</MenuItem>
    </Menu>
  );
}
