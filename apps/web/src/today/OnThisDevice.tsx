import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHere } from '../entrance/here.js';
import { keptSittings } from '../outbox/database.js';

/** Sittings of this adult that wait on this device: paused, or left without closing them. */
export function OnThisDevice() {
  const { adult } = useHere();
  const { data } = useQuery({
    queryKey: ['kept sittings', adult.id],
    queryFn: () => keptSittings(adult.id),
    staleTime: 0,
  });
  return data
    ?.filter((one) => one.tries.length > 0 || one.pausedAt !== null)
    .map(({ key, child, pausedAt, tries }) => (
      <Typography key={key} variant="body2" sx={{ py: 0.5 }}>
        {pausedAt === null ? 'Not closed yet' : 'Paused'}:{' '}
        <Link to={`/sit/${child.id}`} style={{ color: 'inherit', fontWeight: 700 }}>
          {child.firstName}
        </Link>
        , {tries.length === 1 ? '1 try' : `${tries.length} tries`} on this device
      </Typography>
    ));
}
