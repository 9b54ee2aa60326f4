import type { RegisterEntry, TodayView } from '@dotting/contract';
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { daysSince, sayAgo, sayShortAgo } from '../common/days.js';
import { palette, tight } from '../common/theme.js';
import { words } from '../wording/words.js';

interface RegisterProps {
  readonly today: TodayView | undefined;
  /** The child whose page is open. */
  readonly open: string | undefined;
}

/** The room's children, each with how long since a look; a ring where one is due. */
export function Register({ today, open }: RegisterProps) {
  if (!today) return null;
  return (
    <Box
      component="nav"
      aria-label={words.frame.children()}
      sx={{ overflow: 'auto', px: 1.5, pb: 2, flex: 1 }}
    >
      {today.register.map((child) => (
        <RegisterLine key={child.id} child={child} day={today.day} isOpen={child.id === open} />
      ))}
    </Box>
  );
}

function RegisterLine({
  child,
  day,
  isOpen,
}: {
  readonly child: RegisterEntry;
  readonly day: string;
  readonly isOpen: boolean;
}) {
  const days = child.lastLook === null ? null : daysSince(child.lastLook, day);
  return (
    <Box
      component={Link}
      to={`/children/${child.id}`}
      aria-current={isOpen ? 'page' : undefined}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1.25,
        minHeight: 48,
        px: 1.25,
        [tight]: { px: 0.75 },
        borderRadius: '12px',
        color: 'gate',
        textDecoration: 'none',
        '&:hover': { bgcolor: 'inkLit' },
        '&[aria-current=page]': { bgcolor: 'gate', color: 'ink', fontWeight: 700 },
      }}
    >
      <svg
        width={14}
        height={14}
        viewBox="-7 -7 14 14"
        aria-label={child.isDue ? words.frame.due() : undefined}
        role={child.isDue ? 'img' : undefined}
        aria-hidden={child.isDue ? undefined : true}
      >
        {child.isDue ? (
          <circle r={5} fill="none" stroke={palette.brickPale} strokeWidth={2.2} />
        ) : (
          <circle r={2} fill="currentColor" />
        )}
      </svg>
      <span style={{ flex: 1 }}>{child.firstName}</span>
      <span style={{ fontSize: 13, opacity: 0.75, whiteSpace: 'nowrap' }}>
        {days === null ? words.frame.notSeen() : <span title={sayAgo(days)}>{sayShortAgo(days)}</span>}
      </span>
    </Box>
  );
}
