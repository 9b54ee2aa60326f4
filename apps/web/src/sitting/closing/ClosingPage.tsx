import { PageTitle } from '../../common/PageTitle.js';
import type { ClosingLine } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState, useSyncExternalStore } from 'react';
import { points, slim } from '../../common/theme.js';
import { DemoMark } from '../../common/DemoMark.js';
import { Unsent } from '../../outbox/Unsent.js';
import type { Closing } from '../../outbox/sitting.js';
import type { SittingStore } from '../sittingStore.js';
import { words } from '../../wording/all.js';

interface ClosingPageProps {
  readonly store: SittingStore;
  readonly onClosed: () => void;
}

const longestLine = 400;
const longestNote = 1000;

/** What this sitting changed, in words that the adult may put otherwise, and what is still open. */
export function ClosingPage({ store, onClosed }: ClosingPageProps) {
  const { child, closing, tries } = useSyncExternalStore(store.subscribe, store.read);
  const failure = useSyncExternalStore(store.subscribe, store.readFailure);
  const [isClosing, setClosing] = useState(false);
  if (!closing) return null;
  const change = (changed: Partial<Closing>): void =>
    store.dispatch({ kind: 'closing', closing: { ...closing, ...changed } });
  const setLine = (at: number, words: string): void =>
    change({ changed: closing.changed.map((line, i) => (i === at ? { ...line, words } : line)) });
  const keep = async (): Promise<void> => {
    setClosing(true);
    if (await store.close()) onClosed();
    else setClosing(false);
  };
  return (
    <Box component="main" sx={{ flex: 1, minHeight: 0, overflow: 'auto', px: 4, py: 3, [slim]: { px: 2 } }}>
      <Box sx={{ maxWidth: 860, mx: 'auto', display: 'grid', gap: 2.5 }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
          <PageTitle>{words.closing.title({ name: child.firstName })}</PageTitle>
          <Box sx={{ whiteSpace: 'nowrap' }}>
            <Unsent />
            <DemoMark />
          </Box>
        </Box>
        <Typography color="textSecondary">{words.closing.onRecord({ n: tries.length })}</Typography>
        <Box component="section" aria-label={words.closing.learned()} sx={{ display: 'grid', gap: 1.25 }}>
          <Typography variant="h2">{words.closing.learned()}</Typography>
          {closing.changed.length === 0 && <Typography>{words.closing.nothingNew()}</Typography>}
          {closing.changed.map((line, i) => (
            <Line key={line.told} line={line} onWords={(words) => setLine(i, words)} />
          ))}
        </Box>
        {closing.open.length > 0 && (
          <Box component="section" aria-label={words.closing.stillOpen()}>
            <Typography variant="h2">{words.closing.stillOpen()}</Typography>
            <Box component="ul" sx={points}>
              {closing.open.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </Box>
          </Box>
        )}
        <TextField
          label={words.closing.note()}
          multiline
          minRows={2}
          value={closing.note}
          onChange={(event) => change({ note: event.target.value.slice(0, longestNote) })}
        />
        {failure && <Alert>{words.closing.notKept({ problem: failure.message })}</Alert>}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
          <Button
            variant="contained"
            color="primary"
            disabled={isClosing}
            onClick={() => void keep()}
            size="large"
            sx={{ minWidth: 200 }}
          >
            {words.closing.save()}
          </Button>
          <Button size="large" onClick={() => store.dispatch({ kind: 'leave-closing' })}>
            {words.sitting.toTray()}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}

function Line({ line, onWords }: { readonly line: ClosingLine; readonly onWords: (words: string) => void }) {
  const isOwn = line.words !== line.told;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'start', [slim]: { flexDirection: 'column' } }}>
      <TextField
        value={line.words}
        multiline
        onChange={(event) => onWords(event.target.value.slice(0, longestLine))}
        slotProps={{ htmlInput: { 'aria-label': line.told } }}
        {...(isOwn && {
          helperText: line.words.trim() === '' ? words.closing.leftOut() : words.closing.inYourWords(),
        })}
      />
      <Button onClick={() => onWords(isOwn ? line.told : '')} sx={{ flexShrink: 0 }}>
        {isOwn ? words.closing.asItWas() : words.closing.leaveOut()}
      </Button>
    </Box>
  );
}
