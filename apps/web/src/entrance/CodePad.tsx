import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ChangeEvent, type KeyboardEvent, type ReactNode } from 'react';
import { target } from '../common/theme.js';
import { words } from '../wording/words.js';

interface CodePadProps {
  /** Whose code is asked for; undefined until a name is chosen. */
  readonly name: string | undefined;
  readonly message: string;
  readonly onCode: (code: string) => Promise<void>;
}

const longestCode = 8;
const shortestCode = 4;
const figures = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

/** Takes a code by finger or by keyboard, and shows only how many figures there are. */
export function CodePad({ name, message, onCode }: CodePadProps) {
  const [code, setCode] = useState('');
  const [isAsking, setIsAsking] = useState(false);
  const isReady = name !== undefined && code.length >= shortestCode && !isAsking;

  const add = (figure: string): void => setCode((before) => (before + figure).slice(0, longestCode));
  const submit = async (): Promise<void> => {
    if (!isReady) return;
    setIsAsking(true);
    await onCode(code);
    setCode('');
    setIsAsking(false);
  };
  const onKey = (event: KeyboardEvent): void => {
    // The field takes its own figures; from a key of the pad they are taken here.
    const isInField = event.target instanceof HTMLInputElement;
    if (isInField && event.key !== 'Enter') return;
    if (figures.includes(event.key)) add(event.key);
    else if (event.key === 'Backspace') setCode((before) => before.slice(0, -1));
    else if (event.key === 'Enter') void submit();
    else return;
    event.preventDefault();
  };

  return (
    <Box onKeyDown={onKey} sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        component="input"
        // Native, so that it is heard that something is typed; never offered to be kept by the browser.
        type="password"
        autoComplete="one-time-code"
        // The keys below stand in for a keyboard on the screen.
        inputMode="none"
        ref={(field: HTMLInputElement | null) => {
          if (name !== undefined) field?.focus();
        }}
        readOnly={name === undefined}
        value={code}
        onChange={({ target: { value } }: ChangeEvent<HTMLInputElement>) =>
          setCode(value.replace(/\D/g, '').slice(0, longestCode))
        }
        placeholder={name === undefined ? words.entrance.choose() : words.entrance.codeOf({ name })}
        aria-label={name === undefined ? words.entrance.chooseFirst() : words.entrance.codeOf({ name })}
        aria-describedby="code-message"
        sx={{
          height: 60,
          minWidth: 0,
          borderRadius: '14px',
          border: 1,
          borderColor: 'inkSoft',
          bgcolor: 'transparent',
          color: 'gate',
          font: 'inherit',
          fontSize: '1.4rem',
          letterSpacing: '0.4em',
          textAlign: 'center',
          '&::placeholder': { color: 'sand', opacity: 1, fontSize: '1rem', letterSpacing: 'normal' },
        }}
      />
      <Typography id="code-message" role="alert" sx={{ minHeight: '1.5em', color: 'sand' }}>
        {message}
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
        {figures.slice(0, 9).map((figure) => (
          <PadKey key={figure} label={figure} onPress={() => add(figure)} disabled={name === undefined} />
        ))}
        <PadKey
          label={words.common.delete()}
          onPress={() => setCode((before) => before.slice(0, -1))}
          disabled={code === ''}
        />
        <PadKey label="0" onPress={() => add('0')} disabled={name === undefined} />
        <PadKey label={words.entrance.comeIn()} onPress={() => void submit()} disabled={!isReady} filled />
      </Box>
    </Box>
  );
}

interface PadKeyProps {
  readonly label: ReactNode;
  readonly onPress: () => void;
  readonly disabled: boolean;
  readonly filled?: boolean;
}

function PadKey({ label, onPress, disabled, filled = false }: PadKeyProps) {
  return (
    <Button
      onClick={onPress}
      disabled={disabled}
      sx={{
        minHeight: target.sitting,
        px: 0.5,
        whiteSpace: 'nowrap',
        fontSize: '1.2rem',
        color: filled ? 'ink' : 'gate',
        bgcolor: filled ? 'sand' : 'transparent',
        borderColor: 'inkSoft',
        '&.Mui-disabled': { color: 'inkSoft', borderColor: 'inkFaint', bgcolor: 'transparent' },
      }}
    >
      {label}
    </Button>
  );
}
