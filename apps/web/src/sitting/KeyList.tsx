import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { keyTable } from './keys.js';
import { words } from '../wording/all.js';
import { SingleKeys } from './SingleKeys.js';

/** The keys of a sitting, in place of the mirror. */
export function KeyList({ onClose }: { readonly onClose: () => void }) {
  return (
    <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto', p: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 2, mb: 2 }}>
        <Typography variant="h2" sx={{ flex: 1, alignSelf: 'center' }}>
          {words.keys.title()}
        </Typography>
        <SingleKeys />
        <Button onClick={onClose}>{words.sitting.toTray()}</Button>
      </Box>
      <Box component="dl" sx={{ m: 0, columns: '13rem 2', columnGap: 2 }}>
        {keyTable.map(({ key, does }) => (
          <Box key={key} sx={row}>
            <Box component="dt" sx={keyCap}>
              {key}
            </Box>
            <Typography component="dd" variant="body2" sx={{ m: 0 }}>
              {does()}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const row = { display: 'flex', alignItems: 'center', gap: 1.5, mb: 0.75, breakInside: 'avoid' } as const;
const keyCap = {
  border: 1,
  borderColor: 'line',
  borderRadius: '8px',
  minWidth: 56,
  textAlign: 'center',
} as const;
