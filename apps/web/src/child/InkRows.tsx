import { groupBy, type ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { inkQuery } from '../api/queries.js';
import { sayShortDay } from '../common/days.js';
import { words } from '../wording/all.js';
import { SmallInk } from '../writing/SmallInk.js';

/** Each numeral that a child has written as a row of small inks, the first of them first; each opens its replay. */
export function InkRows({ childId }: { readonly childId: ChildId }) {
  const { data } = useQuery(inkQuery(childId));
  if (!data || data.numerals.length === 0) return null;
  const rows = [...groupBy(data.numerals, ({ n }) => n)].toSorted(([a], [b]) => a - b);
  return (
    <Box component="section" aria-label={words.writing.soFar()} sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="body2" sx={{ fontWeight: 650, mb: 0.5 }}>
        {words.writing.soFar()}
      </Typography>
      {rows.map(([n, written]) => (
        <Box
          key={n}
          component="ol"
          sx={{ display: 'flex', gap: 1, overflowX: 'auto', listStyle: 'none', p: 0, my: 0.5 }}
        >
          {written.map(({ try: id, day, strokes }) => (
            <Box component="li" key={id}>
              <Link
                to={`/tries/${id}`}
                aria-label={words.writing.ofDay({ n: String(n), day: sayShortDay(day) })}
                style={{ color: 'inherit', textDecoration: 'none', display: 'grid', justifyItems: 'center' }}
              >
                <SmallInk strokes={strokes} />
                <Typography variant="body2" color="textSecondary">
                  {sayShortDay(day)}
                </Typography>
              </Link>
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}
