import type { DueEntry, TodayView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { daysSince, sayAgo, sayShortDay } from '../common/days.js';
import { useIsPainted } from '../common/afterPaint.js';
import { later } from '../common/later.js';
import { capitalised } from '../common/text.js';
import { narrow, slim } from '../common/theme.js';
import { words } from '../wording/words.js';
import { useNotHere } from './useNotHere.js';

const SmallTray = later(async () => (await import('./SmallTray.js')).SmallTray);

interface DueLineProps {
  readonly due: DueEntry;
  readonly child: TodayView['register'][number];
  /** YYYY-MM-DD. */
  readonly day: string;
}

/** One child: what to do first, in short why; all of why when it is asked for. */
export function DueLine({ due, child, day }: DueLineProps) {
  const [isWhyOpen, setWhyOpen] = useState(false);
  const whyId = useId();
  const notHere = useNotHere(child.id);
  const isPainted = useIsPainted();
  const { firstName: name, lastLook } = child;
  const { step } = due;
  return (
    <Box component="li" sx={line}>
      <Box>
        <Typography
          variant="h3"
          component={Link}
          to={`/children/${child.id}`}
          sx={{ color: 'inherit', textDecoration: 'none' }}
        >
          {name}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {lastLook === null
            ? words.frame.notSeen()
            : words.today.lastSeen({ ago: sayAgo(daysSince(lastLook, day)) })}
        </Typography>
      </Box>
      <Box sx={{ minHeight: '56px', [slim]: { display: 'none' } }}>
        {isPainted && <SmallTray set={step.set} n={step.n} />}
      </Box>
      <Box>
        <Typography>
          <b>{capitalised(step.title)}</b>
          <Box
            component="button"
            type="button"
            aria-expanded={isWhyOpen}
            aria-controls={whyId}
            aria-label={words.today.why({ what: step.title, name })}
            onClick={() => setWhyOpen(!isWhyOpen)}
            sx={ask}
          >
            {words.common.why()}
          </Box>
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {capitalised(due.forWhat)}: {words.today.because[due.because]()}
          {due.last !== null && due.because !== 'weeks' && words.today.lastOn({ day: sayShortDay(due.last) })}
        </Typography>
        <Typography id={whyId} variant="body2" hidden={!isWhyOpen} sx={{ mt: 0.5 }}>
          {step.why}
        </Typography>
        {notHere.error && (
          <Typography role="alert" variant="body2">
            {notHere.error.message}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: 'flex', gap: 1, displayPrint: 'none' }}>
        <Button
          variant="text"
          aria-label={words.today.isNotHere({ name })}
          disabled={notHere.isPending}
          data-not-here
          onClick={({ currentTarget }) => {
            notHere.mutate('not-here');
            // This line goes: the keyboard’s place moves on with the children.
            sameOfNext(currentTarget)?.focus();
          }}
          sx={{ color: 'inkSoft', fontWeight: 400, px: 1, [narrow]: { width: '5.5rem' } }}
        >
          {words.today.notHere()}
        </Button>
        <Button
          component={Link}
          to={`/sit/${child.id}`}
          state={{ step }}
          aria-label={words.common.sitDownWith({ name })}
        >
          {words.common.sitDown()}
        </Button>
      </Box>
    </Box>
  );
}

/** The same button of the next child, or of the one before where there is no next. */
function sameOfNext(button: HTMLElement): HTMLElement | null | undefined {
  const here = button.closest('li');
  const next = here?.nextElementSibling ?? here?.previousElementSibling;
  return next?.querySelector<HTMLElement>('[data-not-here]');
}

const line = {
  display: 'grid',
  gridTemplateColumns: '9.5rem 5.5rem minmax(0, 1fr) auto',
  columnGap: 2,
  [narrow]: { columnGap: 1 },
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)', rowGap: 0.5 },
  alignItems: 'center',
  py: 0.75,
  borderTop: 1,
  borderColor: 'sand',
} as const;

/** A question within a line of text; a finger may miss it by as much as the line is high. */
const ask = {
  font: 'inherit',
  fontSize: '0.9rem',
  color: 'inkSoft',
  background: 'none',
  border: 0,
  px: 1,
  py: 0,
  minHeight: 24,
  textDecoration: 'underline',
  textUnderlineOffset: '3px',
  cursor: 'pointer',
  position: 'relative',
  '&::after': { content: '""', position: 'absolute', inset: '-12px 0' },
  displayPrint: 'none',
} as const;
