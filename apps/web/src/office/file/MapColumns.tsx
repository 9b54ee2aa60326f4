import { registerColumns } from '@dotting/contract';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { Mapping, Sheet } from './mapping.js';
import { words } from '../../wording/all.js';

interface MapColumnsProps {
  readonly sheet: Sheet;
  readonly mapping: Mapping;
  readonly onMap: (mapping: Mapping) => void;
}

const leftOut = 'left-out';
const examples = 3;

/** What each column of the file is, beside the first things that stand in it. */
export function MapColumns({ sheet, mapping, onMap }: MapColumnsProps) {
  return (
    <Box component="section" aria-label={words.importing.columns()}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {words.importing.columns()}
      </Typography>
      {sheet.heading.map((head, i) => (
        <Box
          key={i}
          sx={{
            display: 'grid',
            gridTemplateColumns: '1fr 1.4fr 280px',
            gap: 2,
            alignItems: 'center',
            borderTop: 1,
            borderColor: 'sand',
            py: 0.75,
          }}
        >
          <Typography sx={{ fontWeight: 650 }}>{head || words.importing.column({ n: i + 1 })}</Typography>
          <Typography variant="body2" color="textSecondary" noWrap>
            {examplesOf(sheet, i)}
          </Typography>
          <TextField
            select
            label={words.importing.headIs({ heading: head || words.importing.column({ n: i + 1 }) })}
            value={mapping[i] ?? leftOut}
            onChange={({ target }) =>
              onMap(mapping.map((one, at) => (at === i ? columnOf(target.value) : one)))
            }
          >
            <MenuItem value={leftOut}>{words.importing.leftOut()}</MenuItem>
            {registerColumns.map((column) => (
              <MenuItem key={column} value={column}>
                {words.columns[column]()}
              </MenuItem>
            ))}
          </TextField>
        </Box>
      ))}
    </Box>
  );
}

const columnOf = (value: string) => registerColumns.find((column) => column === value) ?? null;

function examplesOf({ rows }: Sheet, column: number): string {
  const filled = rows.map((cells) => cells[column]?.trim() ?? '').filter((text) => text !== '');
  return filled.length === 0 ? words.importing.emptyColumn() : filled.slice(0, examples).join(' · ');
}
