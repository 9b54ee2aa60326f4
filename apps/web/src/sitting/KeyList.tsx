import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Choice } from '../common/Choice.js';
import { palette } from '../common/theme.js';
import { keyTable } from './keys.js';
import { words } from '../wording/words.js';
import { keepSingleKeys, usesSingleKeys } from './singleKeys.js';

/** The keys of a sitting, in place of the mirror. */
export function KeyList({ onClose }: { readonly onClose: () => void }) {
  const [uses, setUses] = useState(usesSingleKeys);
  const choose = (on: boolean): void => {
    keepSingleKeys(on);
    setUses(on);
  };
  return (
    <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto', p: 1 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mb: 1 }}>
        <Typography variant="h2">{words.keys.title()}</Typography>
        <Button onClick={onClose}>{words.sitting.toTray()}</Button>
      </Box>
      <Box sx={{ maxWidth: 320, mb: 2 }}>
        <Choice
          label={words.keys.use()}
          value={uses ? 'on' : 'off'}
          options={[
            ['on', words.keys.on()],
            ['off', words.keys.off()],
          ]}
          onChoose={(chosen) => choose(chosen === 'on')}
        />
      </Box>
      <Box
        component="dl"
        sx={{
          display: 'grid',
          gridTemplateColumns: 'max-content 1fr',
          columnGap: 2,
          rowGap: 0.75,
          m: 0,
          mb: 2,
        }}
      >
        {keyTable.map(({ key, does }) => (
          <Box key={key} sx={{ display: 'contents' }}>
            <Box
              component="dt"
              sx={{ border: `1px solid ${palette.line}`, borderRadius: '8px', px: 1, textAlign: 'center' }}
            >
              {key}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {does()}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
