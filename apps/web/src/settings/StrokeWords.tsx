import type { OwnSchools, Schools } from '@dotting/core';
import { formSaidOf, usualStrokeWords } from '@dotting/words';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { words } from '../wording/all.js';

const digits = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const longest = 200;

interface StrokeWordsProps {
  readonly schools: Schools;
  readonly mayChange: boolean;
  readonly onChoose: (one: OwnSchools) => void;
}

/** The words for the strokes of each digit, as the room forms it; empty goes back to the usual ones. */
export function StrokeWords({ schools, mayChange, onChoose }: StrokeWordsProps) {
  return (
    <Box sx={fields}>
      {digits.map((digit) => {
        const form = formSaidOf(digit, schools.forms);
        const said = schools.strokeWords[form] ?? usualStrokeWords(words, form);
        return (
          <OneDigit
            key={`${form} ${said}`}
            label={words.schools.saidFor({ digit: String(digit) })}
            said={said}
            mayChange={mayChange}
            onSaid={(now) =>
              onChoose({ strokeWords: { [form]: now === '' ? usualStrokeWords(words, form) : now } })
            }
          />
        );
      })}
    </Box>
  );
}

interface OneDigitProps {
  readonly label: string;
  readonly said: string;
  readonly mayChange: boolean;
  readonly onSaid: (now: string) => void;
}

function OneDigit({ label, said, mayChange, onSaid }: OneDigitProps) {
  const [typed, setTyped] = useState(said);
  return (
    <TextField
      label={label}
      value={typed}
      disabled={!mayChange}
      multiline
      onChange={(event) => setTyped(event.target.value.slice(0, longest).replaceAll('\n', ' '))}
      onBlur={() => typed.trim() !== said && onSaid(typed.trim())}
    />
  );
}

const fields = {
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(18rem, 100%), 1fr))',
  gap: 1.5,
  width: '100%',
} as const;
