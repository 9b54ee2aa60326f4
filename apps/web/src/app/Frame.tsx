import Box from '@mui/material/Box';
import { usualSchools } from '@dotting/core';
import { useQuery } from '@tanstack/react-query';
import { useLayoutEffect, useRef, useSyncExternalStore, type MouseEvent, type RefObject } from 'react';
import { Outlet, ScrollRestoration, useLocation, useParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { AskBeforeLeaving } from './AskBeforeLeaving.js';
import { Header } from './Header.js';
import { waitingVersion } from './waitingVersion.js';
import { Rooms } from './Rooms.js';
import { Register } from './Register.js';
import { later } from '../common/later.js';
import { narrow, onInk } from '../common/theme.js';
import { SchoolsContext } from '../common/schools.js';
import { useRoom } from '../common/useRoom.js';
import { words } from '../wording/words.js';

const NewVersion = later(async () => (await import('./NewVersion.js')).NewVersion);

/** The frame of every page but a sitting: the children down the left or behind a button, the parts of the work along the top. */
export function Frame() {
  const { here } = useHere();
  const [room, chooseRoom] = useRoom(here.rooms);
  const { childId } = useParams();
  const page = useRef<HTMLElement>(null);
  const today = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  useFocusOn(page);
  const hasNewVersion = useSyncExternalStore(waitingVersion.subscribe, waitingVersion.isWaiting);
  const children = (
    <>
      <Rooms room={room} onChoose={chooseRoom} />
      <Register today={today.data} open={childId} />
    </>
  );
  return (
    <Box sx={frame}>
      <Box
        component="a"
        href="#page"
        onClick={(event: MouseEvent) => {
          // Not a page of its own: the address stays.
          event.preventDefault();
          page.current?.focus();
        }}
        sx={skipLink}
      >
        {words.frame.skip()}
      </Box>
      <Box component="aside" sx={beside}>
        {children}
      </Box>
      <Header childrenHere={children} />
      <Box component="main" id="page" ref={page} tabIndex={-1} sx={main}>
        {hasNewVersion && <NewVersion />}
        <SchoolsContext value={room?.schools ?? usualSchools}>
          <Outlet context={room} />
        </SchoolsContext>
        <ScrollRestoration />
      </Box>
      <AskBeforeLeaving />
    </Box>
  );
}

/** Another page was opened: the keyboard’s place moves into it, until its heading takes it over. */
function useFocusOn(page: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const opened = useRef(pathname);
  // Before any heading asks where the place is.
  useLayoutEffect(() => {
    if (opened.current === pathname) return;
    opened.current = pathname;
    page.current?.focus({ preventScroll: true });
  }, [page, pathname]);
}

const frame = {
  display: 'grid',
  gridTemplateColumns: '13rem minmax(0, 1fr)',
  gridTemplateRows: 'auto minmax(0, 1fr)',
  minHeight: '100dvh',
  [narrow]: { display: 'block' },
  '@media print': { display: 'block', zoom: 0.74 },
} as const;

/** Where the children stand. */
const beside = {
  ...onInk,
  displayPrint: 'none',
  gridRow: '1 / 3',
  display: 'flex',
  flexDirection: 'column',
  position: 'sticky',
  top: 0,
  height: '100dvh',
  [narrow]: { display: 'none' },
} as const;

const main = {
  outline: 'none',
  bgcolor: 'paper',
  px: 3,
  py: 2.5,
  [narrow]: { minHeight: '100dvh', px: 2 },
  '@media print': { bgcolor: 'transparent' },
} as const;

/** Out of sight until the keyboard comes to it. */
const skipLink = {
  position: 'absolute',
  zIndex: 1,
  insetInlineStart: 12,
  top: -80,
  p: 1.5,
  borderRadius: '12px',
  bgcolor: 'paper',
  color: 'ink',
  fontWeight: 700,
  '&:focus': { top: 12 },
} as const;
