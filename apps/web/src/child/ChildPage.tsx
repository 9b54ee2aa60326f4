import type { ChildPage as Page, DotLineView, DotView } from '@dotting/contract';
import { ageInMonths, type ChildId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { childQuery } from '../api/queries.js';
import { sayAge } from '../app/days.js';
import { languageName } from '../app/language.js';
import { Notice } from '../app/Notice.js';
import { skillWords } from '../app/skills.js';
import { palette } from '../app/theme.js';
import { DotLegend, DotLine, DotScale } from '../dotline/DotLine.js';
import { useWaiting } from '../outbox/outbox.js';
import { About } from './About.js';
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
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 270px', gap: 4 }}>
      <Box>
        <Heading page={data} />
        <Box
          sx={{ display: 'grid', gridTemplateColumns: '210px auto 1fr', columnGap: 2, alignItems: 'center' }}
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
        />
      </Box>
      <Box>
        <Button
          component={Link}
          to={`/sit/${id}`}
          variant="contained"
          color="primary"
          fullWidth
          sx={{ minHeight: 56, mb: 3 }}
        >
          Sit down with {data.child.firstName}
        </Button>
        <NextStep page={data} />
        <About child={data.child} />
      </Box>
    </Box>
  );
}

function Heading({ page }: { readonly page: Page }) {
  const { child } = page;
  const waiting = useWaiting();
  const today = new Date().toLocaleDateString('sv-SE');
  const facts = [
    child.birthDate === null ? 'no birth date entered' : sayAge(ageInMonths(child.birthDate, today)),
    child.hand && `${child.hand} hand`,
    `counts in ${languageName(child.language)}`,
  ].filter(Boolean);
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Typography variant="h1">{child.firstName}</Typography>
        <Typography color="text.secondary">{facts.join(' · ')}</Typography>
      </Box>
      {waiting.tries > 0 && (
        <Typography variant="body2" color="text.secondary">
          {waiting.tries === 1 ? 'A try' : `${waiting.tries} tries`} on this device not yet sent: not counted
          here yet.
        </Typography>
      )}
    </Box>
  );
}

interface SkillLineProps {
  readonly line: DotLineView;
  readonly opened: number | undefined;
  readonly onOpen: (dot: DotView) => void;
}

function SkillLine({ line, opened, onOpen }: SkillLineProps) {
  const { name, plain } = skillWords[line.skill];
  const cell = {
    borderTop: `1px solid ${palette.sand}`,
    alignSelf: 'stretch',
    display: 'flex',
    alignItems: 'center',
  };
  return (
    <>
      <Typography sx={{ ...cell, fontWeight: 700 }}>{name}</Typography>
      <Box sx={{ ...cell, minHeight: 52 }}>
        <DotLine dots={line.dots.slice(0, 20)} label={name} onOpen={onOpen} opened={opened} />
      </Box>
      <Typography variant="body2" color="text.secondary" sx={cell}>
        {line.dots.every((dot) => dot.form === 'speck') ? 'nobody has looked' : plain}
      </Typography>
    </>
  );
}

function titleOf({ skill, dot }: Opened): string {
  return `${skillWords[skill].name}${dot.n === 0 ? '' : `, at ${dot.n}`}`;
}

function NextStep({ page: { next } }: { readonly page: Page }) {
  return (
    <Box component="section" aria-label="Next step" sx={{ mb: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Next step
      </Typography>
      <Box sx={{ bgcolor: palette.gate, border: `1px solid ${palette.line}`, borderRadius: '14px', p: 2 }}>
        <Typography variant="h3">{next.title}</Typography>
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
          {next.why}
        </Typography>
      </Box>
    </Box>
  );
}
