import { likeFormula, type ImportedRow, type ImportOutcome, type ImportReport } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Papa from 'papaparse';
import { useMemo } from 'react';
import { palette } from '../../app/theme.js';
import type { Sheet } from './mapping.js';

interface ReportProps {
  readonly report: ImportReport;
  readonly sheet: Sheet;
  readonly isSending: boolean;
  readonly onTakeIn: () => void;
}

const outcomeWords: Record<ImportOutcome, string> = {
  new: 'new',
  changed: 'changed',
  same: 'as it is',
  refused: 'left out',
};

/** What would happen to each row, or what has; the rows left out can be taken away to be put right. */
export function Report({ report: { rows, stored }, sheet, isSending, onTakeIn }: ReportProps) {
  const taken = rows.filter((row) => row.outcome === 'new' || row.outcome === 'changed').length;
  const refused = rows.filter((row) => row.outcome === 'refused');
  return (
    <Box component="section" aria-label={stored ? 'What was done' : 'What would happen'}>
      <Typography variant="h2">{stored ? 'What was done' : 'What would happen'}</Typography>
      <Typography role="status" sx={{ mb: 1.5 }}>
        {countsOf(rows)}. {stored ? 'It is stored.' : 'Nothing is stored yet.'}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        {!stored && taken > 0 && (
          <Button variant="contained" color="primary" disabled={isSending} onClick={onTakeIn}>
            Take {taken === 1 ? 'this one' : `these ${taken}`} in
          </Button>
        )}
        {refused.length > 0 && <LeftOut rows={refused} sheet={sheet} />}
      </Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {rows.map((row) => (
          <Row key={row.row} row={row} />
        ))}
      </Box>
    </Box>
  );
}

function countsOf(rows: readonly ImportedRow[]): string {
  return (['new', 'changed', 'same', 'refused'] as const)
    .map((outcome) => [rows.filter((row) => row.outcome === outcome).length, outcomeWords[outcome]] as const)
    .filter(([count]) => count > 0)
    .map(([count, words]) => `${count} ${words}`)
    .join(', ');
}

function Row({ row }: { readonly row: ImportedRow }) {
  const isRefused = row.outcome === 'refused';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '64px 200px 90px 1fr',
        gap: 2,
        borderTop: `1px solid ${palette.sand}`,
        py: 1,
      }}
    >
      <Typography variant="body2" color="textSecondary">
        row {row.row}
      </Typography>
      <Typography variant="body2" sx={{ fontWeight: 650 }}>
        {row.name || 'no name'}
      </Typography>
      <Typography variant="body2" sx={{ color: isRefused ? palette.brick : undefined }}>
        {outcomeWords[row.outcome]}
      </Typography>
      <Box>
        {row.says.map((words) => (
          <Typography key={words} variant="body2">
            {words}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** The rows left out as a file, each with what is wrong with it. */
function LeftOut({ rows, sheet }: { readonly rows: readonly ImportedRow[]; readonly sheet: Sheet }) {
  const file = useMemo(() => {
    const lines = rows.map(({ row, says }) => [...sheet.rows[row - 2]!, says.join(' ')]);
    const csv = Papa.unparse([[...sheet.heading, 'Left out because'], ...lines], {
      escapeFormulae: likeFormula,
    });
    return `data:text/csv;charset=utf-8,${encodeURIComponent(csv)}`;
  }, [rows, sheet]);
  return (
    <Button component="a" href={file} download="left-out.csv">
      The rows left out, with why (CSV)
    </Button>
  );
}
