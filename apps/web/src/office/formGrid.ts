import { palette } from '../app/theme.js';

/** A form of the office: fields three abreast. */
export const formGrid = {
  display: 'grid',
  gridTemplateColumns: 'repeat(3, minmax(0, 1fr))',
  gap: 2,
  alignItems: 'start',
  bgcolor: palette.gate,
  border: `1px solid ${palette.line}`,
  borderRadius: '14px',
  p: 2,
} as const;
