import {
  digitForm,
  drawnForm,
  formsOfDigits,
  styleAfter,
  type Digit,
  type OwnSchools,
  type Schools,
} from '@dotting/core';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { Numeral } from '../common/Numeral.js';
import { SchoolsContext } from '../common/schools.js';
import { words } from '../wording/all.js';
import { Choices } from './Choices.js';
import { DrawForm } from './DrawForm.js';

interface NumeralFormsProps {
  readonly schools: Schools;
  readonly mayChange: boolean;
  readonly onChoose: (one: OwnSchools) => void;
}

/** What stands for the form that a room has drawn itself. */
const own = 'own';

/** The forms of the digits, each drawn in each of its ways, and in the room’s own where it has drawn one. */
export function NumeralForms({ schools, mayChange, onChoose }: NumeralFormsProps) {
  const [drawing, setDrawing] = useState<Digit>();
  const { drawn = {} } = schools.forms;
  const nameOf = (digit: Digit, form: string): string =>
    words.options.ownForms[digitForm(digit, form) as keyof typeof words.options.ownForms]();
  return (
    <>
      {formsOfDigits.map(({ digit, forms }) => (
        <div key={digit}>
          <Choices
            name={words.schools.formOf({ digit })}
            value={drawn[digit] ? own : schools.forms[digit]}
            options={[
              ...forms.map((form) => ({
                choice: form,
                told: nameOf(digit, form),
                drawing: (
                  <Formed
                    digit={digit}
                    schools={{ ...schools, forms: styleAfter(schools.forms, { [digit]: form }) }}
                  />
                ),
              })),
              ...(drawn[digit]
                ? [
                    {
                      choice: own,
                      told: words.schools.ours({ digit: String(digit) }),
                      drawing: <Formed digit={digit} schools={schools} />,
                    },
                  ]
                : []),
            ]}
            mayChange={mayChange}
            onChoose={(form) => form !== own && onChoose({ forms: { [digit]: form } })}
          />
          {mayChange && (
            <Button
              variant="text"
              aria-label={`${words.schools.formOf({ digit })}: ${words.schools.drawOurs()}`}
              onClick={() => setDrawing(digit)}
            >
              {words.schools.drawOurs()}
            </Button>
          )}
        </div>
      ))}
      {drawing !== undefined && (
        <DrawForm
          digit={drawing}
          onDrawn={(strokes) => {
            onChoose({ forms: { drawn: { [drawing]: drawnForm(strokes) } } });
            setDrawing(undefined);
          }}
          onLeave={() => setDrawing(undefined)}
        />
      )}
    </>
  );
}

function Formed({ digit, schools }: { readonly digit: Digit; readonly schools: Schools }): ReactNode {
  return (
    <SchoolsContext value={schools}>
      <svg viewBox="0 0 80 48" width={80} height={48} aria-hidden>
        <Numeral n={digit} x={40} y={24} height={36} />
      </svg>
    </SchoolsContext>
  );
}
