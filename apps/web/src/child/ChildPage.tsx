import { PageTitle } from '../common/PageTitle.js';
import type { ChildPage as Page, DotView, HowView, SkillLineView } from '@dotting/contract';
import { ageInMonths, allStrands, type ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { childQuery } from '../api/queries.js';
import { sayAge, todayHere } from '../common/days.js';
import { languageName } from '../common/language.js';
import { LeftOut } from '../common/LeftOut.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { capitalised } from '../common/text.js';
import { DotLegend, DotScale } from '../dotline/DotLine.js';
import { useHere } from '../common/here.js';
import { useWaiting } from '../outbox/outbox.js';
import { About } from './About.js';
import { Closings } from './Closings.js';
import { NextSteps } from './NextSteps.js';
import { useOpenedTries, type OpenedTries } from './opened.js';
import { Revised } from './Revised.js';
import { AllRound } from './AllRound.js';
import { lineRadius, SkillLine } from './SkillLine.js';
import { slim, tight } from '../common/theme.js';
import { Tries } from './Tries.js';
import { words } from '../wording/all.js';
import { childIdOf } from '../common/ids.js';

/** What is known of how a child counts, each claim opening the tries it rests on, and what comes next. */
export function ChildPage() {
  const { childId } = useParams();
  return <PageOf key={childId} id={childIdOf(childId)} />;
}

function PageOf({ id }: { readonly id: ChildId }) {
  const { data, error, refetch } = useQuery(childQuery(id));
  if (!data) return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
  return <Known id={id} data={data} />;
}

function Known({ id, data }: { readonly id: ChildId; readonly data: Page }) {
  const { adult } = useHere();
  const [opened, setOpened] = useOpenedTries(data);
  const open = (skill: SkillLineView['skill']) => (dot: DotView) =>
    setOpened(opened?.skill === skill && opened.dot.n === dot.n ? undefined : { skill, dot });

  return (
    <Box sx={page}>
      <Heading page={data} />
      <Box sx={act}>
        {data.child.recording === false ? (
          <Notice>{words.child.recordingObjected({ name: data.child.firstName })}</Notice>
        ) : (
          <>
            <Button
              component={Link}
              to={`/sit/${id}`}
              variant="contained"
              color="primary"
              size="large"
              sx={{ flex: '1 1 11rem' }}
            >
              {words.common.sitDownWith({ name: data.child.firstName })}
            </Button>
            <AllRound childId={id} usual={data.schools.number} />
          </>
        )}
        <Button onClick={() => window.print()}>{words.common.print()}</Button>
      </Box>
      <Box sx={{ gridArea: 'known' }}>
        <LeftOut leftOut={data.leftOut} />
        {data.revised && (
          <Revised
            childId={id}
            firstName={data.child.firstName}
            revised={data.revised}
            mayClose={adult.role !== 'assistant'}
          />
        )}
        <Box sx={lines}>
          <span />
          <DotScale upTo={20} radius={lineRadius} />
          <span />
          {allStrands
            .filter((strand) => data.lines.some((line) => line.strand === strand))
            .map((strand) => (
              <Strand
                key={strand}
                childId={id}
                name={words.strands[strand]()}
                lines={data.lines.filter((line) => line.strand === strand)}
                how={
                  strand === 'counting-on-and-back'
                    ? data.how
                    : strand === 'comparing'
                      ? data.comparing
                      : null
                }
                opened={opened}
                onOpen={open}
              />
            ))}
        </Box>
        <Box sx={{ my: 2 }}>
          <DotLegend />
        </Box>
        <Closings closings={data.closings} />
        <Box sx={{ displayPrint: 'none' }}>
          <Tries
            tries={opened ? data.tries.filter((one) => opened.dot.tries.includes(one.id)) : data.tries}
            title={opened ? titleOf(data, opened) : words.child.allTries()}
            onShowAll={opened && (() => setOpened(undefined))}
            onStep={opened && ((by) => setOpened(stepped(data, opened, by)))}
          />
        </Box>
      </Box>
      <Box sx={{ gridArea: 'next' }}>
        {data.child.recording !== false && <NextSteps page={data} mayDecide={adult.role !== 'assistant'} />}
      </Box>
      <Box sx={{ gridArea: 'about' }}>
        <About child={data.child} />
      </Box>
    </Box>
  );
}

interface StrandProps {
  readonly childId: string;
  readonly name: string;
  readonly lines: readonly SkillLineView[];
  /** How what a number comes to was worked out, where the strand asks for it. */
  readonly how: HowView | null;
  readonly opened: OpenedTries | undefined;
  readonly onOpen: (skill: SkillLineView['skill']) => (dot: DotView) => void;
}

/** A strand's skills that have been looked at; the others in a line, so that the page stays one to read. */
function Strand({ childId, name, lines: all, how, opened, onOpen }: StrandProps) {
  const looked = all.filter((line) => line.tries.length > 0);
  const open = all.filter((line) => line.tries.length === 0);
  return (
    <>
      <Typography variant="h3" component="h2" sx={{ gridColumn: '1 / -1', mt: 1.25, mb: 0.25 }}>
        {name}
      </Typography>
      {looked.map((line) => (
        <SkillLine
          key={line.skill}
          childId={childId}
          line={line}
          opened={opened?.skill === line.skill ? opened.dot.n : undefined}
          onOpen={onOpen(line.skill)}
        />
      ))}
      {how && (
        <Box
          sx={{ gridColumn: '1 / -1', display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1 }}
        >
          <Typography>{how.statement}</Typography>
          {how.tries.map((id, i) => (
            <Button
              key={id}
              component={Link}
              to={`/tries/${id}`}
              variant="text"
              sx={{ px: 1, displayPrint: 'none' }}
            >
              {words.child.tryN({ n: i + 1 })}
            </Button>
          ))}
        </Box>
      )}
      {open.length > 0 && (
        <Typography variant="body2" color="textSecondary" sx={{ gridColumn: '1 / -1', pb: 0.5 }}>
          {words.child.notAskedYet({ skills: open.map((line) => line.name).join('; ') })}
        </Typography>
      )}
    </>
  );
}

const lines = {
  display: 'grid',
  gridTemplateColumns: '9.25rem auto minmax(0, 1fr)',
  columnGap: 2,
  alignItems: 'center',
  // The words below the dots, with the whole width their own.
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)', rowGap: 0 },
} as const;

/** What comes next lies beside the skills where there is room for both, above them on a tablet, below on a telephone. */
const page = {
  display: 'grid',
  gridTemplateAreas: '"name act" "known next" "known about"',
  gridTemplateColumns: 'minmax(0, 1fr) 17.5rem',
  gridTemplateRows: 'auto auto minmax(0, 1fr)',
  columnGap: 3,
  rowGap: 2,
  [tight]: {
    gridTemplateAreas: '"name act" "next next" "known known" "about about"',
    gridTemplateColumns: 'minmax(0, 1fr) auto',
    gridTemplateRows: 'auto',
  },
  [slim]: {
    gridTemplateAreas: '"name" "act" "known" "next" "about"',
    gridTemplateColumns: 'minmax(0, 1fr)',
  },
  // All of it on one A4 page, within the frame's own zoom.
  '@media print': {
    gridTemplateAreas: '"name next" "known next" "known about"',
    gridTemplateColumns: 'minmax(0, 1fr) 270px',
    gridTemplateRows: 'auto auto minmax(0, 1fr)',
    columnGap: 2,
    rowGap: 1.5,
    zoom: 0.78,
  },
} as const;

const act = {
  gridArea: 'act',
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1,
  alignContent: 'start',
  displayPrint: 'none',
} as const;

function Heading({ page }: { readonly page: Page }) {
  const { child } = page;
  const waiting = useWaiting();
  const { here } = useHere();
  const today = todayHere();
  const facts = [
    child.birthDate === null ? words.child.noBirthDate() : sayAge(ageInMonths(child.birthDate, today)),
    child.hand && words.child.hand({ hand: child.hand }),
    words.child.countsIn({
      languages: child.languages.map((tag) => languageName(tag, here.languages)).join(words.common.and()),
    }),
  ].filter(Boolean);
  return (
    <Box sx={{ gridArea: 'name' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
        <PageTitle>{child.firstName}</PageTitle>
        <Typography color="textSecondary">{facts.join(' · ')}</Typography>
      </Box>
      {waiting.tries > 0 && (
        <Typography variant="body2" color="textSecondary">
          {words.child.unsent({ n: waiting.tries })}
        </Typography>
      )}
    </Box>
  );
}

/** The next number of the same skill that has tries, up or down the line; at its end, where it was. */
function stepped({ lines: all }: Page, opened: OpenedTries, by: 1 | -1): OpenedTries {
  const dots =
    all.find((line) => line.skill === opened.skill)?.dots.filter((dot) => dot.tries.length > 0) ?? [];
  const at = dots.findIndex((dot) => dot.n === opened.dot.n);
  return { ...opened, dot: dots[at + by] ?? opened.dot };
}

function titleOf({ lines: all }: Page, { skill, dot }: OpenedTries): string {
  const name = capitalised(all.find((line) => line.skill === skill)?.name ?? skill);
  return `${name}${dot.n === 0 ? '' : words.child.triesAt({ n: dot.n })}`;
}
