import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, type SubmitEvent } from 'react';
import { useTabTitle } from '../common/useTabTitle.js';
import { words } from '../wording/all.js';
import { fillScreen } from '../common/fillScreen.js';
import { Stage } from './Stage.js';
import { useTold } from './useTold.js';

/** The screen that is turned to the child: nothing of any child is on it, and once paired nothing but what is shown. */
export function ChildSidePage() {
  useTabTitle(words.childSide.title());
  const { told, join, say } = useTold();
  if (told.kind === 'unpaired') return <Join wasPaired={told.wasPaired} onJoin={join} />;
  return (
    <Box component="main" aria-label={words.childSide.title()} onPointerDown={fillScreen} sx={screen}>
      <Stage show={told.show} onShown={(id, ms) => say({ id, ms })} />
      {told.isLost && (
        <Typography role="status" sx={{ p: 2 }}>
          {words.childSide.lost()}
        </Typography>
      )}
    </Box>
  );
}

/** The word from the adult’s screen. */
function Join({
  wasPaired,
  onJoin,
}: {
  readonly wasPaired: boolean;
  readonly onJoin: (word: string) => Promise<void>;
}) {
  const [word, setWord] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    fillScreen();
    onJoin(word).catch((error: Error) => setProblem(error.message));
  };
  return (
    <Box component="main" sx={{ ...screen, placeContent: 'center', display: 'grid', p: 3 }}>
      <Box component="form" onSubmit={submit} sx={{ display: 'grid', gap: 2, width: 'min(100%, 26rem)' }}>
        <Typography variant="h1">{words.childSide.title()}</Typography>
        <Typography>{wasPaired ? words.childSide.ended() : words.childSide.intro()}</Typography>
        <TextField
          label={words.childSide.word()}
          value={word}
          onChange={(event) => setWord(event.target.value)}
          autoComplete="off"
          autoCapitalize="none"
          required
          error={problem !== null}
          helperText={problem}
          slotProps={{ htmlInput: { maxLength: 30 } }}
        />
        <Button
          type="submit"
          variant="contained"
          color="secondary"
          size="large"
          disabled={word.trim() === ''}
        >
          {words.childSide.join()}
        </Button>
      </Box>
    </Box>
  );
}

const screen = {
  minHeight: '100dvh',
  height: '100dvh',
  display: 'flex',
  flexDirection: 'column',
  bgcolor: 'tray',
} as const;
