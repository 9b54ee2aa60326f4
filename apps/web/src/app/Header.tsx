import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useHere } from '../common/here.js';
import { later } from '../common/later.js';
import { headingFont, narrow, slim } from '../common/theme.js';
import { Unsent } from '../outbox/Unsent.js';
import { SearchButton } from '../search/SearchButton.js';
import { words } from '../wording/words.js';
import { DemoTag } from './DemoTag.js';
import { AdultMenu } from './AdultMenu.js';

const ChildrenDrawer = later(async () => (await import('./ChildrenDrawer.js')).ChildrenDrawer);

interface HeaderProps {
  /** The rooms and their children, for where there is no room for them beside the page. */
  readonly childrenHere: ReactNode;
}

/** The pages along the top, what is not sent yet, and the adult; the children behind a button where it is narrow. */
export function Header({ childrenHere }: HeaderProps) {
  const { here, adult } = useHere();
  const { pathname } = useLocation();
  /** The page on which the children were asked for: they are gone once another is open. */
  const [openOn, setOpenOn] = useState<string | null>(null);
  return (
    <Box component="header" sx={header}>
      <Button
        onClick={() => setOpenOn(pathname)}
        aria-haspopup="dialog"
        sx={{ display: 'none', [narrow]: { display: 'inline-flex' } }}
      >
        {words.frame.children()}
      </Button>
      {openOn === pathname && <ChildrenDrawer onClose={() => setOpenOn(null)}>{childrenHere}</ChildrenDrawer>}
      <Box
        sx={{ fontFamily: headingFont, fontWeight: 700, fontSize: '1.35rem', [slim]: { display: 'none' } }}
      >
        Dotting
      </Box>
      {here.isDemo && <DemoTag />}
      <Box component="nav" aria-label={words.frame.parts()} sx={parts}>
        <NavLink to="/" end>
          {words.frame.today()}
        </NavLink>
        <NavLink to="/room">{words.frame.room()}</NavLink>
        <NavLink to="/seen">{words.frame.passing()}</NavLink>
        <NavLink to="/shelf">{words.shelf.title()}</NavLink>
        <NavLink to="/settings">{words.settings.title()}</NavLink>
        {adult.role === 'lead' && <NavLink to="/office">{words.frame.office()}</NavLink>}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', marginInlineStart: 'auto' }}>
        <Unsent />
        <SearchButton />
        <AdultMenu />
      </Box>
    </Box>
  );
}

const header = {
  displayPrint: 'none',
  display: 'flex',
  alignItems: 'center',
  flexWrap: 'wrap',
  columnGap: 4,
  px: 3,
  minHeight: 60,
  borderBottom: 1,
  borderColor: 'line',
  bgcolor: 'gate',
  position: 'sticky',
  top: 0,
  zIndex: 1,
  // There is no room to keep it in sight.
  [narrow]: { columnGap: 2, px: 2, pt: 1, position: 'static' },
} as const;

const parts = {
  display: 'flex',
  flexWrap: 'wrap',
  columnGap: 3,
  flex: '1 1 20rem',
  // Below the rest, the whole width its own.
  [narrow]: { order: 1, flexBasis: '100%' },
  [slim]: { columnGap: 1 },
  '& a': {
    color: 'inkSoft',
    textDecoration: 'none',
    minHeight: 48,
    minWidth: 48,
    whiteSpace: 'nowrap',
    display: 'inline-flex',
    alignItems: 'center',
    borderBottom: '3px solid transparent',
    '&.active': { color: 'ink', fontWeight: 700, borderBottomColor: 'brick' },
  },
} as const;
