import type { ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { palette } from '../../common/theme.js';
import type { SittingStore } from '../sittingStore.js';
import { faceOf } from './face.js';
import { words } from '../../wording/all.js';

interface FacesProps {
  readonly stores: readonly SittingStore[];
  readonly active: ChildId;
  readonly onChoose: (child: ChildId) => void;
}

/** The children at one table, along the edge: one tap changes the child. */
export function Faces({ stores, active, onChoose }: FacesProps) {
  return (
    <Box
      component="nav"
      aria-label={words.sitting.atTheTable()}
      sx={{ display: 'flex', gap: 1, px: 2, py: 0.5, bgcolor: 'sand' }}
    >
      {stores.map((store, place) => {
        const { child } = store.read();
        const { initials, colour, shape } = faceOf(child, place);
        return (
          <Button
            key={child.id}
            variant="text"
            aria-label={child.firstName}
            aria-current={child.id === active}
            onClick={() => onChoose(child.id)}
            sx={{
              minHeight: 60,
              minWidth: 72,
              p: 0.25,
              borderBottom: '4px solid transparent',
              borderRadius: '10px',
              '&[aria-current=true]': { borderBottomColor: 'ink', bgcolor: 'gate' },
            }}
          >
            <svg width={52} height={52} viewBox="-31 -31 62 62" aria-hidden>
              <path d={shape} fill={colour} stroke={palette.ink} strokeWidth={2} strokeLinejoin="round" />
              <text y={7} textAnchor="middle" fontSize={17} fontWeight={700} fill={palette.ink}>
                {initials}
              </text>
            </svg>
          </Button>
        );
      })}
    </Box>
  );
}
