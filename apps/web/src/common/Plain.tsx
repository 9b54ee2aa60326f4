import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode, SubmitEvent } from 'react';
import { useTabTitle } from './useTabTitle.js';

interface PlainProps {
  readonly title: string;
  readonly intro: string;
  readonly submitWords: string;
  readonly isSubmitting: boolean;
  /** What is wrong with all of it. */
  readonly error: string | undefined;
  readonly onSubmit: (event: SubmitEvent) => void;
  /** The fields. */
  readonly children: ReactNode;
  /** Other ways to go. */
  readonly others: ReactNode;
}

/** A form that is the whole page: before anybody is signed in. */
export function Plain({
  title,
  intro,
  submitWords,
  isSubmitting,
  error,
  onSubmit,
  children,
  others,
}: PlainProps) {
  useTabTitle(title);
  return (
    <Box
      component="main"
      sx={{ minHeight: '100%', display: 'grid', placeItems: 'center', bgcolor: 'paper', p: 3 }}
    >
      <Box
        component="form"
        noValidate
        onSubmit={onSubmit}
        sx={{ width: 'min(440px, 100%)', display: 'grid', gap: 2.5 }}
      >
        <Typography variant="h1">{title}</Typography>
        <Typography color="textSecondary">{intro}</Typography>
        {children}
        {error !== undefined && <Alert>{error}</Alert>}
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting} size="large">
          {submitWords}
        </Button>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, '& a': { color: 'ink', py: 1.5 } }}>
          {others}
        </Box>
      </Box>
    </Box>
  );
}
