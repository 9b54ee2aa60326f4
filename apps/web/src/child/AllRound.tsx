import { numbersFrom } from '@dotting/core';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useNavigate } from 'react-router';
import { words } from '../wording/all.js';

/** As far as there are fingers, frames and pictures for it. */
const numbers = numbersFrom(1, 20);

/** A sit-down for one number in several ways: said, in pictures, on fingers, in a frame, found. */
export function AllRound({ childId, usual }: { readonly childId: string; readonly usual: number }) {
  const navigate = useNavigate();
  return (
    <TextField
      select
      size="small"
      label={words.child.allRound()}
      value=""
      onChange={(event) => void navigate(`/sit/${childId}`, { state: { round: Number(event.target.value) } })}
      sx={{ minWidth: '11rem', displayPrint: 'none' }}
    >
      {[usual, ...numbers.filter((n) => n !== usual)].map((n) => (
        <MenuItem key={n} value={n}>
          {words.child.allRoundWith({ n })}
        </MenuItem>
      ))}
    </TextField>
  );
}
