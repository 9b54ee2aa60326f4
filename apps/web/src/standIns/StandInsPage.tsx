import {
  firstTurns,
  frames,
  paths,
  patternForms,
  standInKinds,
  tellings,
  type StandInSetup,
} from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Choice } from '../common/Choice.js';
import { PageTitle } from '../common/PageTitle.js';
import { words } from '../wording/all.js';
import { setupOf, typedIn, type TypedSetup, type Wrong } from './setup.js';

const turnsAhead = 10;

/** Things for the screen where a room lacks the real ones: set up here, then turned to the child. */
export function StandInsPage() {
  const [params, setParams] = useSearchParams();
  const [typed, setTyped] = useState(() => typedIn(params));
  const setup = setupOf(typed);
  const isWrong = 'wrong' in setup;
  const change = (changed: Partial<TypedSetup>): void => {
    // Another thing has numbers of its own.
    setTyped((now) =>
      changed.kind === undefined ? { ...now, ...changed } : typedIn(new URLSearchParams(changed)),
    );
  };
  // The address follows what is typed, so that the way back finds it again.
  const address = new URLSearchParams({ ...typed }).toString();
  useEffect(() => {
    setParams(address, { replace: true, preventScrollReset: true });
  }, [address, setParams]);
  return (
    <Box sx={{ maxWidth: 860, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{words.standIns.title()}</PageTitle>
        <Typography color="textSecondary">{words.standIns.intro()}</Typography>
      </Box>
      <Choice
        label={words.standIns.which()}
        value={typed.kind}
        options={standInKinds.map((kind) => [kind, words.standIns.kinds[kind].name()])}
        onChoose={(kind) => change({ kind })}
        columns={3}
      />
      <Typography>{words.standIns.kinds[typed.kind].does()}</Typography>
      <Fields typed={typed} wrong={isWrong ? setup.wrong : null} onChange={change} />
      {!isWrong && <Coming setup={setup} />}
      <Button
        component={Link}
        to={`/turned?${address}`}
        variant="contained"
        color="secondary"
        size="large"
        aria-disabled={isWrong}
        onClick={(event) => isWrong && event.preventDefault()}
        sx={{ justifySelf: 'start' }}
      >
        {words.standIns.turn()}
      </Button>
      <Typography variant="body2" color="textSecondary">
        {words.standIns.turnHint()}
      </Typography>
    </Box>
  );
}

interface FieldsProps {
  readonly typed: TypedSetup;
  readonly wrong: Wrong | null;
  readonly onChange: (change: Partial<TypedSetup>) => void;
}

/** What can be chosen of the thing that is set up. */
function Fields({ typed, wrong, onChange }: FieldsProps) {
  const { kind } = typed;
  const { standIns } = words;
  const field = (name: Wrong, label = standIns[name]()) => (
    <TextField
      label={label}
      value={typed[name]}
      onChange={(event) => onChange({ [name]: event.target.value })}
      error={wrong === name}
      helperText={wrong === name ? standIns.wrong[name]() : undefined}
      sx={{ flex: '1 1 16rem', maxWidth: 420 }}
    />
  );
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        {field(kind === 'tin' ? 'drops' : 'numbers', kind === 'balance' ? standIns.onLeft() : undefined)}
        {kind === 'balance' && field('right', standIns.onRight())}
        {field('game')}
      </Box>
      {kind === 'dice' && (
        <Choice
          label={standIns.howManyDice()}
          value={typed.dice}
          options={[
            ['1', '1'],
            ['2', '2'],
          ]}
          onChoose={(dice) => onChange({ dice })}
        />
      )}
      {(kind === 'dice' || kind === 'path') && (
        <Choice
          label={standIns.shows()}
          value={typed.shows}
          options={[
            ['dots', standIns.dots()],
            ['numerals', standIns.numerals()],
          ]}
          onChoose={(shows) => onChange({ shows })}
        />
      )}
      {kind === 'dots' && (
        <Choice
          label={standIns.sets()}
          value={typed.sets}
          options={[
            ['1', standIns.oneSet()],
            ['2', standIns.twoSets()],
          ]}
          onChoose={(sets) => onChange({ sets })}
        />
      )}
      {kind === 'dots' && (
        <Choice
          label={standIns.form()}
          value={typed.form}
          options={patternForms.map((form) => [form, standIns.forms[form]()])}
          onChoose={(form) => onChange({ form })}
        />
      )}
      {kind === 'path' && (
        <Choice
          label={standIns.squares()}
          value={typed.squares}
          options={paths.map((n) => [String(n), String(n)])}
          onChoose={(squares) => onChange({ squares })}
        />
      )}
      {kind === 'frame' && (
        <Choice
          label={standIns.cells()}
          value={typed.cells}
          options={frames.map((n) => [String(n), String(n)])}
          onChoose={(cells) => onChange({ cells })}
        />
      )}
      {kind === 'tin' && (
        <Choice
          label={standIns.gaps()}
          value={typed.gaps}
          options={[
            ['even', standIns.even()],
            ['uneven', standIns.uneven()],
          ]}
          onChoose={(gaps) => onChange({ gaps })}
        />
      )}
      {kind === 'tin' && (
        <Choice
          label={words.tin.how()}
          value={typed.tells}
          options={tellings.map((one) => [one, standIns.ways[one]()])}
          onChoose={(tells) => onChange({ tells })}
        />
      )}
    </>
  );
}

/** What the game will show, for the adult alone and only when asked for: the child may be looking. */
function Coming({ setup }: { readonly setup: StandInSetup }) {
  const [isShown, setShown] = useState(false);
  if (setup.kind === 'tin' || setup.kind === 'balance' || setup.kind === 'dots') return null;
  return (
    <Box>
      <Button variant="text" aria-expanded={isShown} onClick={() => setShown(!isShown)}>
        {words.standIns.coming()}
      </Button>
      {isShown && <Typography role="status">{firstTurns(setup, turnsAhead).join(' · ')}</Typography>}
    </Box>
  );
}
