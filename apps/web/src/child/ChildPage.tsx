import type { ChildPage as Page, DotLineView, DotView } from '@dotting/contract';
import { ageInMonths, type ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { childQuery } from '../api/queries.js';
import { sayAge, todayHere } from '../app/days.js';
import { languageName } from '../app/language.js';
import { Notice } from '../app/Notice.js';
import { skillWords } from '../app/skills.js';
import { palette } from '../app/theme.js';
import { DotLegend, DotScale } from '../dotline/DotLine.js';
import { useHere } from '../entrance/here.js';
import { useWaiting } from '../outbox/outbox.js';
import { About } from './About.js';
import { SkillLine } from './SkillLine.js';
import { Tries } from './Tries.js';

interface Opened {
  readonly skill: DotLineView['skill'];
  readonly dot: DotView;
}

/** What is known of how a child counts, each claim opening the tries it rests on, and one next step. */
export function ChildPage() {
  const { childId } = useParams();
  return <PageOf key={childId} id={childId as ChildId} />;
}

function PageOf({ id }: { readonly id: ChildId }) {
  const { data, error, refetch } = useQuery(childQuery(id));
  const [opened, setOpened] = useState<Opened>();
  if (error) return <Notice onRetry={() => void refetch()}>{error.message}</Notice>;
  if (!data) return null;
  const open = (skill: Opened['skill']) => (dot: DotView) =>
    setOpened((before) => (before?.skill === skill && before.dot.n === dot.n ? undefined : { skill, dot }));

  return (
    <Box sx={page}>
      <Box>
        <Heading page={data} />
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: '170px auto 1fr',
            columnGap: 2.5,
            alignItems: 'center',
          }}
        >
          <span />
          <DotScale upTo={20} />
          <span />
          {data.lines.map((line) => (
            <SkillLine
              key={line.skill}
              line={line}
              opened={opened?.skill === line.skill ? opened.dot.n : undefined}
              onOpen={open(line.skill)}
            />
          ))}
        </Box>
        <Box sx={{ my: 2 }}>
          <DotLegend />
        </Box>
        <Tries
          tries={opened ? data.tries.filter((one) => opened.dot.tries.includes(one.id)) : data.tries}
          title={opened ? titleOf(opened) : 'All tries, newest first'}
          onShowAll={opened && (() => setOpened(undefined))}
          onStep={opened && ((by) => setOpened(stepped(data, opened, by)))}
        />
      </Box>
      <Box component="aside" sx={aside}>
        <Button
          component={Link}
          to={`/sit/${id}`}
          variant="contained"
          color="primary"
          fullWidth
          sx={{ minHeight: 56 }}
        >
          Sit down with {data.child.firstName}
        </Button>
        <NextStep page={data} />
        <About child={data.child} />
      </Box>
    </Box>
  );
}

/** Beside the skills where there is room for both, above them where there is not. */
const page = {
  display: 'grid',
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 260px' },
  gap: { xs: 2, lg: 4 },
} as const;

const aside = {
  order: { xs: -1, lg: 0 },
  display: 'grid',
  alignContent: 'start',
  alignItems: 'start',
  gridTemplateColumns: { xs: '180px 1fr 1fr', lg: '1fr' },
  gap: 3,
} as const;

function Heading({ page }: { readonly page: Page }) {
  const { child } = page;
  const waiting = useWaiting();
  const { here } = useHere();
  const today = todayHere();
  const facts = [
    child.birthDate === null ? 'no birth date entered' : sayAge(ageInMonths(child.birthDate, today)),
    child.hand && `${child.hand} hand`,
    `counts in ${child.languages.map((tag) => languageName(tag, here.languages)).join(' and ')}`,
  ].filter(Boolean);
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h1">{child.firstName}</Typography>
        <Typography color="textSecondary">{facts.join(' · ')}</Typography>
      </Box>
      {waiting.tries > 0 && (
        <Typography variant="body2" color="textSecondary">
          {waiting.tries === 1 ? 'A try' : `${waiting.tries} tries`} on this device not yet sent: not counted
          here yet.
        </Typography>
      )}
    </Box>
  );
}

/** The next number of the same skill that has tries, up or down the line; at its end, where it was. */
function stepped({ lines }: Page, opened: Opened, by: 1 | -1): Opened {
  const dots =
    lines.find((line) => line.skill === opened.skill)?.dots.filter((dot) => dot.tries.length > 0) ?? [];
  const at = dots.findIndex((dot) => dot.n === opened.dot.n);
  return { ...opened, dot: dots[at + by] ?? opened.dot };
}

function titleOf({ skill, dot }: Opened): string {
  return `${skillWords[skill].name}${dot.n === 0 ? '' : `, at ${dot.n}`}`;
}

function NextStep({ page: { next } }: { readonly page: Page }) {
  return (
    <Box component="section" aria-label="Next step">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Next step
      </Typography>
      <Box sx={{ bgcolor: palette.gate, border: `1px solid ${palette.line}`, borderRadius: '14px', p: 2 }}>
        <Typography variant="h3">{next.title}</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
          {next.why}
        </Typography>
      </Box>
    </Box>
  );
}
