import { dayOrders, type DayOrder, type ImportReport } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Choice } from '../../common/Choice.js';
import { change } from '../office.js';
import { ChooseFile } from './ChooseFile.js';
import { MapColumns } from './MapColumns.js';
import { guessMapping, hasOpenDates, rowsOf, wrongWith, type Mapping, type Sheet } from './mapping.js';
import { readSheet } from './readSheet.js';
import { Report } from './Report.js';
import { words } from '../../wording/all.js';

interface Chosen {
  readonly name: string;
  readonly sheet: Sheet;
  readonly mapping: Mapping;
  readonly dayOrder: DayOrder;
}

/** Takes a list of children in: the file, what its columns are, what would happen, and then it happens. */
export function FromFile() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [unread, setUnread] = useState<string>();
  const send = useMutation({
    mutationFn: ({ of, dryRun, sure = [] }: { of: Chosen; dryRun: boolean; sure?: readonly number[] }) =>
      change<ImportReport>('POST', 'children/import', {
        dryRun,
        sure,
        dayOrder: of.dayOrder,
        rows: rowsOf(of.sheet, of.mapping),
      }),
  });
  /** What was said of an earlier choice no longer holds. */
  const choose = (next: Chosen | null): void => {
    setChosen(next);
    send.reset();
  };
  const open = async (file: File): Promise<void> => {
    setUnread(undefined);
    try {
      const sheet = await readSheet(file);
      choose({ name: file.name, sheet, mapping: guessMapping(sheet.heading), dayOrder: 'day-first' });
    } catch (error) {
      choose(null);
      setUnread((error as Error).message);
    }
  };
  const wrong = chosen && wrongWith(chosen.mapping);
  return (
    <Box sx={{ display: 'grid', gap: 3 }}>
      <ChooseFile chosen={chosen?.name ?? null} onFile={(file) => void open(file)} unread={unread} />
      {chosen && (
        <>
          <MapColumns
            sheet={chosen.sheet}
            mapping={chosen.mapping}
            onMap={(mapping) => choose({ ...chosen, mapping })}
          />
          {hasOpenDates(chosen.sheet, chosen.mapping) && (
            <Box sx={{ maxWidth: 520 }}>
              <Choice
                label={words.importing.dates()}
                value={chosen.dayOrder}
                options={dayOrders.map((order) => [order, words.importing[order]()] as const)}
                onChoose={(dayOrder) => choose({ ...chosen, dayOrder })}
              />
            </Box>
          )}
          {wrong && <Alert>{wrong}</Alert>}
          {send.error && <Alert>{send.error.message}</Alert>}
          {send.data ? (
            <Report
              report={send.data}
              sheet={chosen.sheet}
              isSending={send.isPending}
              onTakeIn={(sure) => send.mutate({ of: chosen, dryRun: false, sure })}
            />
          ) : (
            <Box>
              <Button
                variant="contained"
                color="primary"
                disabled={wrong !== null || send.isPending}
                onClick={() => send.mutate({ of: chosen, dryRun: true })}
              >
                {words.importing.preview()}
              </Button>
            </Box>
          )}
        </>
      )}
    </Box>
  );
}
