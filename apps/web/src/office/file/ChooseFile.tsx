import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { palette } from '../../common/theme.js';
import { words } from '../../wording/words.js';

interface ChooseFileProps {
  /** The name of the file chosen before. */
  readonly chosen: string | null;
  readonly onFile: (file: File) => void;
  /** Why the last one could not be read. */
  readonly unread: string | undefined;
}

/** Asks for the list to import. */
export function ChooseFile({ chosen, onFile, unread }: ChooseFileProps) {
  return (
    <Box component="section" aria-label={words.importing.file()}>
      <Typography color="textSecondary" sx={{ maxWidth: 720, mb: 1.5 }}>
        {words.importing.intro()}
      </Typography>
      <Button
        component="label"
        role={undefined}
        tabIndex={-1}
        sx={{ '&:focus-within': { outline: `3px solid ${palette.water}`, outlineOffset: 2 } }}
      >
        {chosen === null ? words.importing.choose() : words.importing.other({ file: chosen })}
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          aria-label={words.importing.choose()}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) onFile(file);
            event.target.value = '';
          }}
          style={{ position: 'absolute', inset: 0, opacity: 0, cursor: 'pointer', fontSize: 0 }}
        />
      </Button>
      {unread && <Alert sx={{ mt: 1 }}>{unread}</Alert>}
    </Box>
  );
}
