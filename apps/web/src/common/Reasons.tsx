import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { words } from '../wording/all.js';
import { useUnsaved } from './unsaved.js';

interface ReasonsProps {
  /** What is asked. */
  readonly title: string;
  /** Reasons in one tap. */
  readonly usual: readonly string[];
  readonly isBusy?: boolean;
  readonly onReason: (reason: string) => void;
}

const longest = 200;

/** Why something is done: a usual reason in one tap, or one of the adult's own. */
export function Reasons({ title, usual, isBusy = false, onReason }: ReasonsProps) {
  const [own, setOwn] = useState('');
  useUnsaved(own !== '');
  return (
    <Box role="group" aria-label={title} sx={{ display: 'grid', gap: 0.75, pb: 1 }}>
      <Typography variant="body2" color="textSecondary">
        {title}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {usual.map((reason) => (
          <Button key={reason} disabled={isBusy} onClick={() => onReason(reason)} sx={{ fontWeight: 500 }}>
            {reason}
          </Button>
        ))}
        <Box
          component="form"
          sx={{ display: 'flex', alignItems: 'center', gap: 0.75, flex: 1, minWidth: 220 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (own.trim() !== '') onReason(own.trim());
          }}
        >
          <TextField
            size="small"
            label={words.common.anotherReason()}
            value={own}
            onChange={(event) => setOwn(event.target.value.slice(0, longest))}
          />
          <Button type="submit" disabled={isBusy || own.trim() === ''}>
            {words.common.save()}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}
