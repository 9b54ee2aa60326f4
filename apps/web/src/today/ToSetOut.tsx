import type { DueEntry } from '@dotting/contract';
import { thingsFor, addedUp } from '@dotting/core';
import { amountOf, listOf } from '@dotting/words';
import Typography from '@mui/material/Typography';
import { words } from '../wording/words.js';

/** What the trays of the children shown take together, to be fetched once. */
export function ToSetOut({ due }: { readonly due: readonly DueEntry[] }) {
  const needs = addedUp(due.flatMap(({ step }) => thingsFor(step.set)));
  if (needs.length === 0) return null;
  return (
    <Typography sx={{ flex: '1 1 20rem' }}>
      {words.today.toLay({
        list: listOf(
          words,
          needs.map(({ things, n }) => amountOf(words, n, things)),
        ),
      })}
    </Typography>
  );
}
