import type { RegisterEntry } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { words } from '../wording/all.js';

interface FacesProps {
  readonly register: readonly RegisterEntry[];
  readonly away: ReadonlySet<ChildId>;
  /** The number that each put a hand up for. */
  readonly votes?: ReadonlyMap<ChildId, number>;
  /** Hands are being tapped: who is not here has none. */
  readonly isVoting?: boolean;
  readonly onTap: (child: RegisterEntry) => void;
}

const nobody: ReadonlyMap<ChildId, number> = new Map();

/** A room’s children as they sit together, each a tap. */
export function Faces({ register, away, votes = nobody, isVoting = false, onTap }: FacesProps) {
  return (
    <Box
      role="group"
      aria-label={words.hands.children()}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
    >
      {register.map((child) => (
        <Face
          key={child.id}
          name={child.firstName}
          isAway={away.has(child.id)}
          vote={votes.get(child.id)}
          isDisabled={away.has(child.id) && isVoting}
          onTap={() => onTap(child)}
        />
      ))}
    </Box>
  );
}

/** With one child the other way round: here, or not here. */
export const withOther = (away: ReadonlySet<ChildId>, id: ChildId): ReadonlySet<ChildId> =>
  away.has(id) ? new Set([...away].filter((one) => one !== id)) : new Set([...away, id]);

interface FaceProps {
  readonly name: string;
  readonly isAway: boolean;
  readonly vote: number | undefined;
  readonly isDisabled: boolean;
  readonly onTap: () => void;
}

/** One child: whether it is here, and the number that it put a hand up for. */
function Face({ name, isAway, vote, isDisabled, onTap }: FaceProps) {
  const { handFor, isHere, isNotHere } = words.hands;
  return (
    <Button
      size="large"
      aria-label={
        isAway ? isNotHere({ name }) : vote === undefined ? isHere({ name }) : handFor({ name, n: vote })
      }
      aria-pressed={vote !== undefined}
      disabled={isDisabled}
      onClick={onTap}
      sx={{ minWidth: 104, flexDirection: 'column', ...(isAway && { opacity: 0.55 }) }}
    >
      {name}
      <Typography component="span" variant="body2">
        {isAway ? words.hands.notHere() : (vote ?? '·')}
      </Typography>
    </Button>
  );
}
