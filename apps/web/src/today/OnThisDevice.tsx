import type { RegisterEntry } from '@dotting/contract';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHere } from '../common/here.js';
import { handedOver, keptSittings } from '../outbox/database.js';
import type { KeptSitting } from '../outbox/sitting.js';
import { words } from '../wording/words.js';

interface OnThisDeviceProps {
  /** The children whom the adult sees. */
  readonly register: readonly RegisterEntry[];
}

/** Sittings that wait on this device: the adult’s own, paused or not closed, and those that another left to her. */
export function OnThisDevice({ register }: OnThisDeviceProps) {
  const { adult } = useHere();
  const seen = register.map(({ id }) => id);
  const { data } = useQuery({
    queryKey: ['on-this-device', adult.id, seen],
    queryFn: async () => [...(await keptSittings(adult.id)), ...(await handedOver(seen))],
    staleTime: 0,
  });
  return data
    ?.filter((one, i) => data.findIndex(({ key }) => key === one.key) === i)
    .filter((one) => one.tries.length > 0 || one.pausedAt !== null)
    .map((one) => (
      <Typography key={one.key} variant="body2" sx={{ py: 0.5 }}>
        {stateOf(one)}:{' '}
        <Link to={`/sit/${one.child.id}`} style={{ color: 'inherit', fontWeight: 700 }}>
          {one.child.firstName}
        </Link>
        {words.today.triesHere({ n: one.tries.length })}
      </Typography>
    ));
}

function stateOf({ handedOverBy, pausedAt }: KeptSitting): string {
  if (handedOverBy !== undefined) return words.today.leftForYou({ name: handedOverBy });
  return pausedAt === null ? words.today.notFinished() : words.today.paused();
}
