import { PageTitle } from '../common/PageTitle.js';
import type { RegisterEntry, Room } from '@dotting/contract';
import { numbersFrom, seenInPassing, seenSkills, type SeenSkill } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useOutletContext } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { Notice } from '../common/Notice.js';
import { useHere } from '../common/here.js';
import { keepTry, type KeptTry } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/all.js';
import { outsideSitting } from './outsideSitting.js';

const numbers = numbersFrom(1, 20);

interface Seen {
  readonly kept: KeptTry;
  readonly told: string;
  readonly isTakenBack: boolean;
}

/** Something seen in play: the child, what, and the number, in three taps. It weighs half. */
export function PassingPage() {
  const room = useOutletContext<Room | undefined>();
  const { adult } = useHere();
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  const [child, setChild] = useState<RegisterEntry>();
  const [skill, setSkill] = useState<SeenSkill>();
  const [seen, setSeen] = useState<Seen>();
  if (!data) return <Notice>{words.passing.noChildren()}</Notice>;

  const record = async (n: number): Promise<void> => {
    if (!child || !skill) return;
    const { events, ...facts } = seenInPassing(skill, n);
    const kept = outsideSitting(
      { ...facts, answeredBy: 'alone', firstTime: false },
      events.length,
      child,
      adult,
    );
    await outbox.add(() => keepTry(kept, events));
    setSeen({ kept, told: words.passing.did[skill]({ name: child.firstName, n }), isTakenBack: false });
    setSkill(undefined);
    setChild(undefined);
  };
  const takeBack = async (): Promise<void> => {
    if (!seen) return;
    const head = { ...seen.kept.head, setAside: words.passing.reasonBack() };
    await outbox.add(() => keepTry({ ...seen.kept, head, revision: 1 }, []));
    setSeen({ ...seen, isTakenBack: true });
  };

  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{words.frame.passing()}</PageTitle>
        <Typography color="textSecondary">{words.passing.intro()}</Typography>
      </Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button component={Link} to="/hands">
          {words.passing.hands()}
        </Button>
        <Typography variant="body2">{words.passing.handsHint()}</Typography>
        <Button component={Link} to="/group">
          {words.group.title()}
        </Button>
        <Typography variant="body2">{words.group.hint()}</Typography>
      </Box>
      <Box role="status" sx={{ minHeight: 48, display: 'flex', gap: 2, alignItems: 'center' }}>
        {seen && (
          <>
            <Typography sx={{ fontWeight: 700 }}>
              {seen.isTakenBack ? words.passing.takenBack() : words.passing.recorded({ what: seen.told })}
            </Typography>
            {!seen.isTakenBack && <Button onClick={() => void takeBack()}>{words.passing.takeBack()}</Button>}
          </>
        )}
      </Box>
      <Row label={words.passing.who()}>
        {data.register
          .filter(({ mayRecord }) => mayRecord)
          .map((one) => (
            <Button
              key={one.id}
              aria-pressed={one.id === child?.id}
              onClick={() => setChild(one)}
              size="large"
            >
              {one.firstName}
            </Button>
          ))}
      </Row>
      <Row label={words.passing.what()}>
        {seenSkills.map((one) => (
          <Button
            key={one}
            aria-pressed={one === skill}
            disabled={!child}
            onClick={() => setSkill(one)}
            size="large"
          >
            {words.passing.saw[one]()}
          </Button>
        ))}
      </Row>
      <Row label={words.passing.number()}>
        {numbers.map((n) => (
          <Button
            key={n}
            disabled={!child || !skill}
            onClick={() => void record(n)}
            size="large"
            sx={{ minWidth: 64 }}
          >
            {n}
          </Button>
        ))}
      </Row>
    </Box>
  );
}

function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <Box role="group" aria-label={label}>
      <Typography variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>{children}</Box>
    </Box>
  );
}
