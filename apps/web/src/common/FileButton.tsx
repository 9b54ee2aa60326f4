import Button from '@mui/material/Button';
import { palette } from './theme.js';

interface FileButtonProps {
  /** What is said on it. */
  readonly children: string;
  /** What it asks for, where that is not what is said on it. */
  readonly label?: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FileButton({ children, label = children, accept, onFile }: FileButtonProps) {
  return (
    <Button
      component="label"
      role={undefined}
      tabIndex={-1}
      sx={{
        justifySelf: 'start',
        '&:focus-within': { outline: `3px solid ${palette.water}`, outlineOffset: 2 },
      }}
    >
      {children}
      <input
        type="file"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
        style={{ position: 'absolute', inset: 0, opacity: 0, cursor: 'pointer', fontSize: 0 }}
      />
    </Button>
  );
}
