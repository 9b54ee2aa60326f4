import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHere } from '../common/here.js';
import { keptSittings } from '../outbox/database.js';
import { words } from '../wording/words.js';

/** Sittings of this adult that wait on this device: paused, or left without closing them. */
export function OnThisDevice() {
  const { adult } = useHere();
  const { data } = useQuery({
    queryKey: [words.today.kept(), adult.id],
    queryFn: () => keptSittings(adult.id),
    staleTime: 0,
  });
  return data
    ?.filter((one) => one.tries.length > 0 || one.pausedAt !== null)
    .map(({ key, child, pausedAt, tries }) => (
      <Typography key={key} variant="body2" sx={{ py: 0.5 }}>
        {pausedAt === null ? words.today.notFinished() : words.today.paused()}:{' '}
        <Link to={`/sit/${child.id}`} style={{ color: 'inherit', fontWeight: 700 }}>
          {child.firstName}
        </Link>
        {words.today.triesHere({ n: tries.length })}
      </Typography>
    ));
}
