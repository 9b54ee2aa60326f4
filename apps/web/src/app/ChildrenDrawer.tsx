import Drawer from '@mui/material/Drawer';
import type { ReactNode } from 'react';
import { onInk } from '../common/theme.js';
import { words } from '../wording/all.js';

interface ChildrenDrawerProps {
  readonly children: ReactNode;
  readonly onClose: () => void;
}

/** The rooms and their children, over the page where there is no room beside it; gone once one is chosen. */
export function ChildrenDrawer({ children, onClose }: ChildrenDrawerProps) {
  return (
    <Drawer
      open
      aria-label={words.frame.children()}
      onClose={onClose}
      slotProps={{ paper: { sx: { ...onInk, width: '17rem', maxWidth: '88vw' } } }}
    >
      {children}
    </Drawer>
  );
}
