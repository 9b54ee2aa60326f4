import type { RegisterEntry, Room } from '@dotting/contract';
import { numbersFrom, votedFor, type ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { Choice } from '../common/Choice.js';
import { Notice } from '../common/Notice.js';
import { useHere } from '../common/here.js';
import { newId } from '../common/ids.js';
import { PageTitle } from '../common/PageTitle.js';
import { keepTry } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/all.js';
import { Faces, withOther } from './Faces.js';
import { keepGroupTime } from './keepGroupTime.js';
import { outsideSitting } from './outsideSitting.js';

const numbers = numbersFrom(1, 12);
const mostOffered = 3;
const whoIsHere = 'here';

/** The whole group decides how many fell into a tin: who is here, a hand for each number, and what there was. */
export function ShowOfHands() {
  const room = useOutletContext<Room | undefined>();
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  if (!data) return <Notice>{words.passing.noChildren()}</Notice>;
  return (
    <Hands
      key={room!.id}
      roomId={room!.id}
      register={data.register.filter(({ mayRecord }) => mayRecord)}
      notHere={data.notHere}
    />
  );
}

interface HandsProps {
  readonly roomId: string;
  readonly register: readonly RegisterEntry[];
  readonly notHere: readonly ChildId[];
}

function Hands({ roomId, register, notHere }: HandsProps) {
  const [away, setAway] = useState<ReadonlySet<ChildId>>(new Set(notHere));
  const [offered, setOffered] = useState<readonly number[]>([]);
  const [eyesShut, setEyesShut] = useState(true);
  const [isNew, setNew] = useState(false);
  const [tapping, setTapping] = useState<string>(whoIsHere);
  const [votes, setVotes] = useState<ReadonlyMap<ChildId, number>>(new Map());
  const [were, setWere] = useState<number>();
  const [told, setTold] = useState<string>();
  // The same id until it is kept: the game played is one time as a group.
  const [gameId, setGameId] = useState(newId<string>);
  const [isKeeping, setKeeping] = useState(false);
  const { adult } = useHere();

  const offer = (n: number): void => {
    const now = offered.includes(n)
      ? offered.filter((one) => one !== n)
      : [...offered, n].slice(-mostOffered);
    setOffered(now.toSorted((a, b) => a - b));
    setVotes(new Map([...votes].filter(([, vote]) => now.includes(vote))));
    setTapping(whoIsHere);
  };
  const tap = ({ id }: RegisterEntry): void => {
    const n = Number(tapping);
    const isThere = tapping === whoIsHere;
    if (isThere) setAway(withOther(away, id));
    setVotes(isThere || votes.get(id) === n ? without(votes, id) : new Map([...votes, [id, n]]));
  };
  const keepHand = async (child: RegisterEntry): Promise<void> => {
    const { events, ...facts } = votedFor(votes.get(child.id)!, { were: were!, offered, eyesShut });
    const kept = outsideSitting({ ...facts, firstTime: isNew }, events.length, child, adult);
    await outbox.add(() => keepTry(kept, events));
    // What is kept leaves the list: should the next fail, what is left is what is still to be kept.
    setVotes((left) => without(left, child.id));
  };
  /** Whoever was there has met the game, with a hand up or without. */
  const keepWhoWasThere = async (): Promise<string> => {
    const children = register.flatMap(({ id }) => (away.has(id) ? [] : [id]));
    const time = { kind: 'shown', task: 'show-of-hands', togetherTo: null, note: '' } as const;
    try {
      await keepGroupTime(roomId, gameId, { ...time, children });
      setGameId(newId<string>());
      return words.hands.thereKept({ n: children.length });
    } catch (error) {
      return words.hands.thereNotKept({ problem: (error as Error).message });
    }
  };
  const keep = async (): Promise<void> => {
    setKeeping(true);
    const children = register.filter(({ id }) => votes.has(id));
    try {
      for (const child of children) await keepHand(child);
      const kept = words.hands.kept({ n: children.length, were: were! });
      setTold(kept);
      setWere(undefined);
      setTold(`${kept} ${await keepWhoWasThere()}`);
      setTapping(whoIsHere);
    } catch (error) {
      setTold(words.hands.notKept({ problem: (error as Error).message }));
    }
    setKeeping(false);
  };
  const canKeep = !isKeeping && votes.size > 0 && were !== undefined && offered.length >= 2;

  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 2 }}>
      <Box>
        <PageTitle>{words.hands.title()}</PageTitle>
        <Typography color="textSecondary">{words.hands.intro()}</Typography>
      </Box>
      <Typography role="status" sx={{ fontWeight: 700, minHeight: 28 }}>
        {told}
      </Typography>
      <Numbers label={words.hands.offered()} chosen={offered} onChoose={offer} />
      <HowPlayed eyesShut={eyesShut} onEyes={setEyesShut} isNew={isNew} onNew={setNew} />
      <Choice
        label={words.hands.nowTap()}
        value={tapping}
        options={[
          [whoIsHere, words.hands.whoIsHere()],
          ...offered.map((n) => [String(n), words.hands.handsFor({ n })] as const),
        ]}
        onChoose={setTapping}
      />
      <Faces register={register} away={away} votes={votes} isVoting={tapping !== whoIsHere} onTap={tap} />
      <Numbers label={words.hands.were()} chosen={were === undefined ? [] : [were]} onChoose={setWere} />
      <Button
        size="large"
        variant="contained"
        color="secondary"
        disabled={!canKeep}
        onClick={() => void keep()}
        sx={{ justifySelf: 'start' }}
      >
        {words.hands.keep({ n: votes.size })}
      </Button>
    </Box>
  );
}

const without = <Value,>(votes: ReadonlyMap<ChildId, Value>, child: ChildId): ReadonlyMap<ChildId, Value> =>
  new Map([...votes].filter(([id]) => id !== child));

interface HowPlayedProps {
  readonly eyesShut: boolean;
  readonly onEyes: (shut: boolean) => void;
  readonly isNew: boolean;
  readonly onNew: (isNew: boolean) => void;
}

/** With eyes shut or open, and whether the group knows the game: both are weighed. */
function HowPlayed({ eyesShut, onEyes, isNew, onNew }: HowPlayedProps) {
  return (
    <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap' }}>
      <Choice
        label={words.hands.eyes()}
        value={eyesShut ? 'shut' : 'open'}
        options={[
          ['shut', words.hands.shut()],
          ['open', words.hands.open()],
        ]}
        onChoose={(eyes) => onEyes(eyes === 'shut')}
      />
      <Choice
        label={words.hands.known()}
        value={isNew ? 'new' : 'usual'}
        options={[
          ['usual', words.hands.usual()],
          ['new', words.hands.firstTime()],
        ]}
        onChoose={(known) => onNew(known === 'new')}
      />
    </Box>
  );
}

interface NumbersProps {
  readonly label: string;
  readonly chosen: readonly number[];
  readonly onChoose: (n: number) => void;
}

function Numbers({ label, chosen, onChoose }: NumbersProps) {
  return (
    <Box role="group" aria-label={label}>
      <Typography variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
        {numbers.map((n) => (
          <Button key={n} aria-pressed={chosen.includes(n)} onClick={() => onChoose(n)} sx={{ minWidth: 52 }}>
            {n}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
