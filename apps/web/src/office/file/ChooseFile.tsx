import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { FileButton } from '../../common/FileButton.js';
import { words } from '../../wording/all.js';

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
      <FileButton accept=".csv,.tsv,.txt,text/csv" label={words.importing.choose()} onFile={onFile}>
        {chosen === null ? words.importing.choose() : words.importing.other({ file: chosen })}
      </FileButton>
      {unread && <Alert sx={{ mt: 1 }}>{unread}</Alert>}
    </Box>
  );
}
