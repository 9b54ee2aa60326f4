import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { ReactNode } from 'react';

interface ChoicesProps {
  readonly name: string;
  readonly value: string;
  readonly options: readonly {
    readonly choice: string;
    readonly told: string;
    readonly drawing: ReactNode;
  }[];
  readonly mayChange: boolean;
  readonly onChoose: (choice: string) => void;
}

/** Each choice drawn, with its words below. */
export function Choices({ name, value, options, mayChange, onChoose }: ChoicesProps) {
  return (
    <ToggleButtonGroup
      exclusive
      aria-label={name}
      value={value}
      disabled={!mayChange}
      onChange={(_, choice: string | null) => choice !== null && onChoose(choice)}
      sx={{ flexWrap: 'wrap' }}
    >
      {options.map(({ choice, told, drawing }) => (
        <ToggleButton key={choice} value={choice} sx={{ flexDirection: 'column', gap: 0.5, minWidth: 132 }}>
          {/* In ink on white, chosen or not. */}
          <Box sx={{ bgcolor: 'gate', borderRadius: '8px', lineHeight: 0 }}>{drawing}</Box>
          {told}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
