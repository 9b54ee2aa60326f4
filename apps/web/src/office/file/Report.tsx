import { likeFormula, type ImportedRow, type ImportReport } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import type { Sheet } from './mapping.js';
import { words } from '../../wording/all.js';

interface ReportProps {
  readonly report: ImportReport;
  readonly sheet: Sheet;
  readonly isSending: boolean;
  /** Rows that were asked about and are right all the same. */
  readonly onTakeIn: (sure: readonly number[]) => void;
}

/** What would happen to each row, or what has; the rows left out can be taken away to be put right. */
export function Report({ report: { rows, stored }, sheet, isSending, onTakeIn }: ReportProps) {
  const [sure, setSure] = useState<readonly number[]>([]);
  const isTaken = ({ row, outcome }: ImportedRow): boolean =>
    outcome === 'new' || outcome === 'changed' || (outcome === 'asked' && sure.includes(row));
  const taken = rows.filter(isTaken).length;
  const confirm = (row: number) => (isSure: boolean) =>
    setSure((before) => (isSure ? [...before, row] : before.filter((one) => one !== row)));
  const refused = rows.filter((row) => row.outcome === 'refused');
  return (
    <Box component="section" aria-label={stored ? words.importing.done() : words.importing.would()}>
      <Typography variant="h2">{stored ? words.importing.done() : words.importing.would()}</Typography>
      <Typography role="status" sx={{ mb: 1.5 }}>
        {countsOf(rows)}. {stored ? words.importing.stored() : words.importing.notStored()}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
        {!stored && taken > 0 && (
          <Button variant="contained" color="primary" disabled={isSending} onClick={() => onTakeIn(sure)}>
            {words.importing.import({ n: taken })}
          </Button>
        )}
        {refused.length > 0 && <LeftOut rows={refused} sheet={sheet} />}
      </Box>
      <ol>
        {rows.map((row) => (
          <Row
            key={row.row}
            row={row}
            isSure={sure.includes(row.row)}
            onSure={row.outcome === 'asked' && !stored ? confirm(row.row) : undefined}
          />
        ))}
      </ol>
    </Box>
  );
}

function countsOf(rows: readonly ImportedRow[]): string {
  return (['new', 'changed', 'same', 'asked', 'refused'] as const)
    .map((outcome) => ({ outcome, n: rows.filter((row) => row.outcome === outcome).length }))
    .filter(({ n }) => n > 0)
    .map(({ outcome, n }) => words.importing.outcomes[outcome]({ n }))
    .join(', ');
}

interface RowProps {
  readonly row: ImportedRow;
  readonly isSure: boolean;
  readonly onSure: ((isSure: boolean) => void) | undefined;
}

function Row({ row, isSure, onSure }: RowProps) {
  const isRefused = row.outcome === 'refused';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '64px minmax(0, 200px) 110px minmax(0, 1fr)',
        gap: 2,
        borderTop: 1,
        borderColor: 'sand',
        py: 1,
      }}
    >
      <Typography variant="body2" color="textSecondary">
        {words.importing.row({ n: row.row })}
      </Typography>
      <Typography variant="body2" sx={{ fontWeight: 650 }}>
        {row.name || words.importing.noName()}
      </Typography>
      <Typography variant="body2" sx={{ color: isRefused ? 'brick' : undefined }}>
        {words.importing.outcome[row.outcome]()}
      </Typography>
      <Box>
        {row.says.map((words) => (
          <Typography key={words} variant="body2">
            {words}
          </Typography>
        ))}
        {onSure && (
          <FormControlLabel
            control={<Checkbox checked={isSure} onChange={(_, checked) => onSure(checked)} />}
            label={words.importing.yes()}
          />
        )}
      </Box>
    </Box>
  );
}

/** The rows left out as a file, each with what is wrong with it. */
function LeftOut({ rows, sheet }: { readonly rows: readonly ImportedRow[]; readonly sheet: Sheet }) {
  const file = useMemo(() => {
    const lines = rows.map(({ row, says }) => [...sheet.rows[row - 2]!, says.join(' ')]);
    const csv = Papa.unparse([[...sheet.heading, words.importing.leftOutBecause()], ...lines], {
      escapeFormulae: likeFormula,
    });
    return `data:text/csv;charset=utf-8,${encodeURIComponent(csv)}`;
  }, [rows, sheet]);
  return (
    <Button component="a" href={file} download="left-out.csv">
      {words.importing.downloadLeftOut()}
    </Button>
  );
}
