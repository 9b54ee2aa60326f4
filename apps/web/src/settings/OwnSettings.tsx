import { languages, offeredLanguages } from '@dotting/words';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Choice } from '../common/Choice.js';
import { useHere } from '../common/here.js';
import { PageTitle } from '../common/PageTitle.js';
import { SingleKeys } from '../sitting/SingleKeys.js';
import { words } from '../wording/all.js';
import { OwnSecrets } from './OwnSecrets.js';
import { useOwnSettings } from './useOwnSettings.js';

const sides = ['left', 'right'] as const;

/** What concerns the adult at the device: her thumb and her language, and the keys of the device. */
export function OwnSettings() {
  const { adult } = useHere();
  const setting = useOwnSettings();
  const { name, isRead } = languages[adult.language];
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 480 }}>
      <PageTitle>{words.settings.own()}</PageTitle>
      <Choice
        label={words.settings.thumb()}
        value={adult.thumb}
        options={sides.map((side) => [side, words.settings.side({ side })])}
        onChoose={(thumb) => setting.mutate({ thumb })}
      />
      <Box>
        <Choice
          label={words.settings.language()}
          value={adult.language}
          options={offeredLanguages.map((language) => [language, languages[language].name])}
          onChoose={(language) => setting.mutate({ language })}
        />
        {!isRead && (
          <Typography variant="body2" color="textSecondary">
            {words.settings.unread({ name })}
          </Typography>
        )}
      </Box>
      <SingleKeys />
      <OwnSecrets />
      {setting.error && (
        <Alert severity="error">{words.settings.notChanged({ problem: setting.error.message })}</Alert>
      )}
    </Box>
  );
}
