import { taskOf, tellTry, type CaptureKind, type Ended, type Strategy } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { languageName } from '../../app/language.js';
import { useHere } from '../../entrance/here.js';
import { Choice } from '../../app/Choice.js';
import { PutRight } from '../thumb/PutRight.js';
import type { Action } from '../after.js';
import type { SittingTry } from '../sitting.js';

interface AfterTryProps {
  readonly tried: SittingTry;
  /** Languages the child counts in. */
  readonly languages: readonly string[];
  readonly dispatch: (action: Action) => void;
}

/** How a child may have gone about it, by the kind of task. */
const strategies: Record<CaptureKind, readonly (readonly [Strategy, string])[]> = {
  say: [],
  count: [
    ['touched', 'touched each'],
    ['moved-aside', 'moved each aside'],
    ['looked', 'by looking'],
    ['fingers', 'on fingers'],
    ['knew', 'knew it'],
  ],
  give: [
    ['counted-all', 'counted out'],
    ['looked', 'by looking'],
    ['fingers', 'on fingers'],
    ['knew', 'knew it'],
    ['guessed', 'a handful'],
  ],
  share: [
    ['matched', 'one to each'],
    ['looked', 'by looking'],
    ['in-cells', 'cell by cell'],
  ],
  choose: [
    ['knew', 'knew at once'],
    ['counted-all', 'counted along'],
    ['guessed', 'a guess'],
  ],
  answer: [
    ['counted-all', 'counted all'],
    ['counted-on', 'counted on'],
    ['knew', 'knew it'],
    ['looked', 'by looking'],
    ['fingers', 'on fingers'],
    ['guessed', 'a guess'],
  ],
};

const endings: readonly (readonly [Ended, string])[] = [
  ['finished', 'finished'],
  ['stopped-itself', 'stopped of itself'],
  ['stopped-by-adult', 'I stopped it'],
  ['refused', 'did not want to'],
  ['interrupted', 'interrupted'],
];

/** What the try showed, in one sentence that can be put right here. */
export function AfterTry({ tried, languages, dispatch }: AfterTryProps) {
  const [isPuttingRight, setIsPuttingRight] = useState(false);
  const { here } = useHere();
  const { head, events } = tried;
  const ways = strategies[taskOf(head.task).kind];
  const others = languages.filter((tag) => tag !== head.language);
  const setAside = (reason: string | null): void => dispatch({ kind: 'set-aside', reason });
  return (
    <Box
      sx={{ flex: 1, minHeight: 0, overflow: 'auto', display: 'grid', gap: 2, alignContent: 'start', p: 1 }}
    >
      <Box>
        <Typography variant="body2" color="textSecondary">
          This try
        </Typography>
        <Typography sx={{ fontSize: '1.2rem', lineHeight: 1.45 }} role="status">
          {tellTry({ ...head, ended: head.ended ?? 'finished', events })}
        </Typography>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button onClick={() => setIsPuttingRight(!isPuttingRight)} aria-expanded={isPuttingRight}>
          Not so: put it right
        </Button>
        {head.setAside !== undefined && (
          <Button onClick={() => setAside(null)}>Let it count after all</Button>
        )}
      </Box>
      {isPuttingRight ? (
        <PutRight tried={tried} onGesture={(gesture) => dispatch({ kind: 'gesture', gesture })} />
      ) : (
        <>
          {ways.length > 0 && (
            <Choice
              label="How the child went about it, if you saw"
              value={head.strategy ?? null}
              options={ways}
              onChoose={(one) => dispatch({ kind: 'strategy', strategy: one === head.strategy ? null : one })}
            />
          )}
          {others.length > 0 && (
            <Choice
              label={`Counted in ${languageName(head.language, here.languages)}`}
              value={head.mixedWith ?? 'alone'}
              options={[
                ['alone', 'in it alone'],
                ...others.map((tag) => [tag, `mixed with ${languageName(tag, here.languages)}`] as const),
              ]}
              onChoose={(tag) => dispatch({ kind: 'mixed-with', language: tag === 'alone' ? null : tag })}
            />
          )}
          <Choice
            label="How it ended"
            value={head.ended}
            options={endings}
            onChoose={(ended) => dispatch({ kind: 'end', ended })}
          />
          {head.setAside === undefined && <SetAside onSetAside={setAside} />}
        </>
      )}
    </Box>
  );
}

const reasons = ['tired or upset', 'the tray was bumped', 'others joined in', 'laid wrongly'];

function SetAside({ onSetAside }: { readonly onSetAside: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <Box sx={{ display: 'grid', gap: 0.5 }}>
      <Typography variant="body2" color="textSecondary">
        Set it aside: it stays on record and counts for nothing
      </Typography>
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
        {reasons.map((one) => (
          <Button key={one} onClick={() => onSetAside(one)} sx={{ fontWeight: 500 }}>
            {one}
          </Button>
        ))}
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim() !== '') onSetAside(reason.trim());
          }}
          sx={{ flex: 1, minWidth: 160 }}
        >
          <TextField
            size="small"
            label="another reason"
            value={reason}
            onChange={(event) => setReason(event.target.value.slice(0, 200))}
          />
        </Box>
      </Box>
    </Box>
  );
}
