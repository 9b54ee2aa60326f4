import type { ToldTry } from '@dotting/contract';
import { titleOf } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { sayMoment } from '../common/days.js';
import { PageTitle } from '../common/PageTitle.js';
import { words } from '../wording/all.js';
import { Doubles } from './Doubles.js';

interface AboutTryProps {
  readonly tried: ToldTry;
  readonly mayRight: boolean;
}

/** What a try was, when and by whom, what was seen in it, and what was said of it afterwards. */
export function AboutTry({ tried, mayRight }: AboutTryProps) {
  const amended = tried.events.filter(
    (event) => event.kind === 'amend' || (event.kind === 'undo' && event.reason),
  );
  return (
    <Box>
      <PageTitle>{titleOf(words, tried)}</PageTitle>
      <Typography color="textSecondary">
        {sayMoment(tried.startedAt)}, {tried.recorder}
      </Typography>
      <Typography sx={{ mt: 0.5 }}>{tried.told}</Typography>
      {tried.moved.map(({ from, by, at, reason }) => (
        <Typography key={at} variant="body2" color="textSecondary">
          {words.replay.moved({
            from: from || words.replay.anotherChild(),
            by,
            moment: sayMoment(at),
            reason,
          })}
        </Typography>
      ))}
      {tried.isLate && (
        <Typography variant="body2" color="textSecondary">
          {words.replay.late()}
        </Typography>
      )}
      <Doubles tried={tried} mayRight={mayRight} />
      {amended.length > 0 && (
        <Typography variant="body2" color="textSecondary">
          {words.replay.corrected({ n: amended.length })}
        </Typography>
      )}
    </Box>
  );
}
