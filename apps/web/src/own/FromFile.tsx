import type { RoomHere } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate, useOutletContext } from 'react-router';
import { Refused } from '../api/http.js';
import { takeIn } from '../api/own.js';
import { FileButton } from '../common/FileButton.js';
import { Notice } from '../common/Notice.js';
import { PageTitle } from '../common/PageTitle.js';
import { words } from '../wording/all.js';
import { readTaskFile, whereIn, type Placed } from './readTaskFile.js';

/** What is wrong with a file, and where. */
interface Wrong {
  readonly what: string;
  readonly places: readonly Placed[];
}

/** Takes in a task that was saved as a file, here or in another nursery. What is wrong with it is told by its line. */
export function FromFile() {
  const room = useOutletContext<RoomHere | undefined>();
  const navigate = useNavigate();
  const [wrong, setWrong] = useState<Wrong>();
  if (!room) return <Notice>{words.passing.noChildren()}</Notice>;

  const open = async (file: File): Promise<void> => {
    setWrong(undefined);
    const read = await readTaskFile(file);
    if ('wrong' in read) return setWrong({ what: read.wrong, places: [] });
    try {
      const { id } = await takeIn(room.id, read.content);
      await navigate(`/shelf?own=${id}`);
    } catch (error) {
      const isRefused = error instanceof Refused && error.fields.length > 0;
      setWrong(
        isRefused
          ? { what: words.ownTasks.file.wrong(), places: whereIn(read.text, error.fields) }
          : { what: words.settings.notChanged({ problem: (error as Error).message }), places: [] },
      );
    }
  };

  return (
    <Box sx={{ maxWidth: 760, display: 'grid', gap: 2 }}>
      <PageTitle>{words.ownTasks.file.title()}</PageTitle>
      <FileButton accept=".json,application/json" onFile={(file) => void open(file)}>
        {words.ownTasks.file.choose()}
      </FileButton>
      {wrong && (
        <Alert>
          <Typography>{wrong.what}</Typography>
          {wrong.places.length > 0 && (
            <ul>
              {wrong.places.map(({ line, field, message }) => (
                <li key={`${field} ${message}`}>{words.ownTasks.file.at({ line, field, message })}</li>
              ))}
            </ul>
          )}
        </Alert>
      )}
    </Box>
  );
}
