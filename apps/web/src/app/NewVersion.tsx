import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { words } from '../wording/all.js';
import { waitingVersion } from './waitingVersion.js';

/** A newer Dotting is there. It is taken when the adult says so, or when the app is next opened; never in a sitting. */
export function NewVersion() {
  return (
    <Alert
      severity="info"
      sx={{ mb: 2, displayPrint: 'none' }}
      action={<Button onClick={waitingVersion.take}>{words.frame.useNewVersion()}</Button>}
    >
      {words.frame.newVersion()}
    </Alert>
  );
}
