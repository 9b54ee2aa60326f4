import { cues, reasonsGiven, settledEvents, strokesOfTry, taskOf, type Ended } from '@dotting/core';
import { tellTry } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { languageName } from '../../common/language.js';
import { useIsPainted } from '../../common/afterPaint.js';
import { useHere } from '../../common/here.js';
import { Choice } from '../../common/Choice.js';
import { narrow } from '../../common/theme.js';
import { ThereWere } from '../thumb/ThereWere.js';
import { PutRight } from '../thumb/PutRight.js';
import { viewOf } from '../kinds/views.js';
import { waysSeen } from '../kinds/waysSeen.js';
import type { Action } from '../after.js';
import type { SittingTry } from '../../outbox/sitting.js';
import { Reasons } from '../../common/Reasons.js';
import { words } from '../../wording/all.js';
import { PhotoOfPaper } from '../../writing/PhotoOfPaper.js';

interface AfterTryProps {
  readonly tried: SittingTry;
  /** Languages the child counts in. */
  readonly languages: readonly string[];
  /** The room and the family let what was written on paper be photographed. */
  readonly mayPhotograph: boolean;
  readonly dispatch: (action: Action) => void;
}

const endings = [
  'finished',
  'stopped-itself',
  'stopped-by-adult',
  'refused',
  'interrupted',
] as const satisfies readonly Ended[];

/** What the try showed, in one sentence that can be put right here. */
export function AfterTry({ tried, languages, mayPhotograph, dispatch }: AfterTryProps) {
  const [opened, setOpened] = useState<'correct' | 'set-aside' | null>(null);
  const isPainted = useIsPainted();
  const { head, events } = tried;
  const setAside = (reason: string | null): void =>
    dispatch({ kind: 'set-aside', reason, ...(reason === words.after.tired() && { upset: true }) });
  return (
    <Box
      sx={{
        flex: 1,
        minHeight: 0,
        overflow: 'auto',
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gap: 2,
        [narrow]: { gap: 1 },
        alignContent: 'start',
        p: 1,
      }}
    >
      <Box>
        <Typography variant="body2" color="textSecondary">
          {words.after.title()}
        </Typography>
        <Typography sx={{ fontSize: '1.2rem', lineHeight: 1.45 }} role="status">
          {tellTry(words, { ...head, ended: head.ended ?? 'finished', events })}
        </Typography>
      </Box>
      <Box
        sx={{
          display: 'flex',
          gap: 1,
          flexWrap: 'wrap',
          [narrow]: { gap: 0.5, '& > button': { px: 1, fontSize: '0.92rem' } },
        }}
      >
        <Button
          onClick={() => setOpened(opened === 'correct' ? null : 'correct')}
          aria-expanded={opened === 'correct'}
        >
          {words.after.notRight()}
        </Button>
        {canCheck(tried) && (
          <Button onClick={() => dispatch({ kind: 'check' })}>{words.after.check()}</Button>
        )}
        {head.setAside === undefined ? (
          <Button
            onClick={() => setOpened(opened === 'set-aside' ? null : 'set-aside')}
            aria-expanded={opened === 'set-aside'}
          >
            {words.after.leaveOut()}
          </Button>
        ) : (
          <Button onClick={() => setAside(null)}>{words.after.countAfterAll()}</Button>
        )}
      </Box>
      {mayPhotograph && strokesOfTry(events).length === 0 && head.set.layout?.writing && (
        <PhotoOfPaper tryId={tried.id} />
      )}
      {head.set.layout?.handful && (
        <ThereWere size={head.set.size} onKnown={(n) => dispatch({ kind: 'there-were', n })} />
      )}
      {opened === 'set-aside' && head.setAside === undefined && (
        <Reasons title={words.after.dontCount()} usual={reasons()} onReason={setAside} />
      )}
      {opened === 'correct' ? (
        <PutRight tried={tried} onGesture={(gesture) => dispatch({ kind: 'gesture', gesture })} />
      ) : (
        isPainted && <WhatMayBeAdded tried={tried} languages={languages} dispatch={dispatch} />
      )}
    </Box>
  );
}

/** The way the child counted, its language, how it ended, and whether it counts: drawn once what was seen stands there. */
function WhatMayBeAdded({ tried: { head }, languages, dispatch }: Omit<AfterTryProps, 'mayPhotograph'>) {
  const { here } = useHere();
  const { kind, strategies } = taskOf(head.task);
  const ways = strategies ? waysSeen(head.task, strategies) : viewOf[kind].strategies(head.set.arrangement);
  const others = head.second === undefined ? languages.filter((tag) => tag !== head.language) : [];
  const { wantsReason } = taskOf(head.task);
  return (
    <>
      {ways.length > 0 && (
        <Choice
          label={words.after.strategy()}
          value={head.strategy ?? null}
          options={ways}
          onChoose={(one) => dispatch({ kind: 'strategy', strategy: one === head.strategy ? null : one })}
        />
      )}
      {others.length > 0 && (
        <Choice
          label={words.after.countedIn({ language: languageName(head.language, here.languages) })}
          value={head.mixedWith ?? 'alone'}
          options={[
            ['alone', words.after.onlyThat()],
            ...others.map(
              (tag) => [tag, words.after.mixedWith({ language: languageName(tag, here.languages) })] as const,
            ),
          ]}
          onChoose={(tag) => dispatch({ kind: 'mixed-with', language: tag === 'alone' ? null : tag })}
        />
      )}
      {wantsReason && (
        <Choice
          label={words.after.reasonGiven()}
          value={head.reason ?? null}
          options={reasonsGiven.map((one) => [one, words.after.reasons[one]()])}
          onChoose={(one) => dispatch({ kind: 'reason', reason: one === head.reason ? null : one })}
        />
      )}
      <Choice
        label={words.after.inView()}
        value={head.set.cue ?? 'none'}
        options={[
          ['none', words.after.nothingInView()],
          ...cues.map((one) => [one, words.after.cues[one]()] as const),
        ]}
        onChoose={(cue) => dispatch({ kind: 'cue', cue: cue === 'none' ? null : cue })}
      />
      <Choice
        label={words.after.howItEnded()}
        value={head.ended}
        options={endings.map((one) => [one, words.after.ended[one]()])}
        onChoose={(ended) => dispatch({ kind: 'end', ended })}
      />
    </>
  );
}

/** It was asked how many and answered, and nothing has been counted since: the child may check by counting again. */
function canCheck({ head, events }: SittingTry): boolean {
  const { kind, asksAgain } = taskOf(head.task);
  const last = settledEvents(events).at(-1);
  return kind === 'count' && !asksAgain && last?.kind === 'answer' && typeof last.value === 'number';
}

const reasons = () => [
  words.after.tired(),
  words.after.bumped(),
  words.after.joinedIn(),
  words.after.setOutWrong(),
];
