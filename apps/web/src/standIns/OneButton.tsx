import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useRef, type ReactNode } from 'react';
import { Shown } from './Shown.js';

interface OneButtonProps {
  /** What a press does. */
  readonly label: string;
  /** What is shown now, for whoever hears the screen; empty before the first turn. */
  readonly shows: string;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

/** As large as there is room for, whatever its shape. */
const whole = {
  position: 'relative',
  width: '100%',
  height: '100%',
  borderRadius: 1,
  '& > svg': { position: 'absolute', inset: '5%', width: '90%', height: '90%' },
} as const;

/** The whole of the screen is one thing to press, by touch, space or enter. */
export function OneButton({ label, shows, onPress, children }: OneButtonProps) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => button.current?.focus(), []);
  return (
    <>
      <ButtonBase ref={button} aria-label={label} onClick={onPress} sx={whole}>
        {children}
      </ButtonBase>
      <Shown text={shows} />
    </>
  );
}
