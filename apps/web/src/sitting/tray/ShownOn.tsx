import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  endOtherScreen,
  openWindow,
  pairDevice,
  useOtherScreen,
  type OtherScreen,
} from '../../childSide/otherScreen.js';
import { Choice } from '../../common/Choice.js';
import { words } from '../../wording/all.js';

/** Which screen the child looks at: this one, a window beside it, or another device; and whether that one is there. */
export function ShownOn() {
  const other = useOtherScreen();
  const [isOffline, setOffline] = useState(false);
  const { childSide } = words;
  const choose = (where: 'here' | 'window' | 'device'): void => {
    setOffline(false);
    if (where === 'here') endOtherScreen();
    else if (where === 'window') openWindow();
    else pairDevice().catch(() => setOffline(true));
  };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Choice
        label={childSide.where()}
        value={other.kind === 'none' ? 'here' : other.kind}
        options={[
          ['here', childSide.here()],
          ['window', childSide.window()],
          ['device', childSide.device()],
        ]}
        onChoose={choose}
      />
      {isOffline && <Typography role="alert">{childSide.offline()}</Typography>}
      <Box role="status">{other.kind !== 'none' && <HowItStands other={other} />}</Box>
      {other.kind !== 'none' && !other.isThere && (
        <Button onClick={() => choose(other.kind)} sx={{ justifySelf: 'start' }}>
          {other.kind === 'window' ? childSide.openAgain() : childSide.pairAgain()}
        </Button>
      )}
    </Box>
  );
}

function HowItStands({ other }: { readonly other: Exclude<OtherScreen, { kind: 'none' }> }) {
  const { childSide } = words;
  if (other.isThere) return <Typography>{childSide.isThere()}</Typography>;
  if (other.kind === 'window')
    return <Typography>{other.isKeptShut ? childSide.noWindow() : childSide.notThere()}</Typography>;
  if (other.isOver) return <Typography>{childSide.notThere()}</Typography>;
  return (
    <>
      <Typography>{childSide.pair({ address: `${location.host}/childs-side` })}</Typography>
      <Typography sx={{ fontSize: '1.6rem', fontWeight: 700 }}>{other.word}</Typography>
    </>
  );
}
