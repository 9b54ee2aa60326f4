import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode, type SubmitEvent } from 'react';
import { narrow, slim } from './theme.js';
import { useUnsaved } from './unsaved.js';

interface FieldsFormProps {
  /** What the form is for, where nothing round it says so. */
  readonly label?: string;
  readonly submitWords: string;
  readonly leaveWords: string;
  readonly isSubmitting: boolean;
  /** What is wrong with all of it. */
  readonly error: string | undefined;
  readonly onSubmit: (event: SubmitEvent) => void;
  readonly onLeave: () => void;
  /** What else can be done here. */
  readonly others?: ReactNode;
  /** The fields. */
  readonly children: ReactNode;
}

/** A form: fields three abreast where there is room, and what can be done beneath. */
export function FieldsForm(props: FieldsFormProps) {
  const { label, submitWords, leaveWords, isSubmitting, error, onSubmit, onLeave, others, children } = props;
  const [isTyped, setTyped] = useState(false);
  // What is on its way is no longer half typed; where it is refused it is again.
  useUnsaved(isTyped && !isSubmitting);
  return (
    <Box
      component="form"
      noValidate
      aria-label={label}
      onSubmit={onSubmit}
      onInput={() => setTyped(true)}
      sx={grid}
    >
      {children}
      {error !== undefined && <Alert sx={wholeLine}>{error}</Alert>}
      <Box sx={{ ...wholeLine, display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          {submitWords}
        </Button>
        <Button onClick={onLeave}>{leaveWords}</Button>
        <Box sx={{ flex: 1 }} />
        {others}
      </Box>
    </Box>
  );
}

const wholeLine = { gridColumn: '1 / -1' } as const;

const grid = {
  display: 'grid',
  gridTemplateColumns: 'repeat(3, minmax(0, 1fr))',
  [narrow]: { gridTemplateColumns: 'repeat(2, minmax(0, 1fr))' },
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)' },
  gap: 2,
  alignItems: 'start',
  bgcolor: 'gate',
  border: 1,
  borderColor: 'line',
  borderRadius: '14px',
  p: 2,
} as const;
