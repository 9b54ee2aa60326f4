import type { Room, RoomChildView, RoomOverview } from '@dotting/contract';
import { skillOf, type SkillId } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { roomQuery } from '../api/queries.js';
import { daysSince, sayAgo } from '../app/days.js';
import { Notice } from '../app/Notice.js';
import { capitalised } from '../app/text.js';
import { palette } from '../app/theme.js';
import { DotLine } from '../dotline/DotLine.js';
import { Choice } from '../sitting/Choice.js';
import { Together } from './Together.js';

const Months = lazy(() => import('./Months.js'));

type Sort = 'name' | 'last-look' | SkillId;

/** Children by skills, small; who could sit together; how the room moves; who looked. No order is a rank. */
export function RoomPage() {
  const room = useOutletContext<Room | undefined>();
  const { data, error, refetch } = useQuery({ ...roomQuery(room?.id ?? ''), enabled: room !== undefined });
  const [sort, setSort] = useState<Sort>('name');
  const [adult, setAdult] = useState<string>('all');
  if (error) return <Notice onRetry={() => void refetch()}>{error.message}</Notice>;
  if (!data || !room) return null;
  const shown = sorted(
    data.children.filter((child) => adult === 'all' || child.adults.includes(adult)),
    sort,
  );
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', gap: 4, alignItems: 'end' }}>
        <Typography variant="h1">{room.name}</Typography>
        <Box sx={{ flex: 1, maxWidth: 620, displayPrint: 'none' }}>
          <Choice
            label="Looked at by"
            value={adult}
            options={[
              ['all', 'anyone'],
              ...data.lookers.map(({ firstName }) => [firstName, firstName] as const),
            ]}
            onChoose={setAdult}
          />
        </Box>
      </Box>
      <Table overview={data} shown={shown} sort={sort} onSort={setSort} />
      <Together overview={data} />
      <Suspense>
        <Months overview={data} />
      </Suspense>
      <Box component="section" aria-label="Who looked">
        <Typography variant="h2">Who looked</Typography>
        {data.lookers.map(({ firstName, tries, children }) => (
          <Typography key={firstName} variant="body2">
            {firstName}: {tries} tries with {children} children
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

function sorted(children: readonly RoomChildView[], sort: Sort): readonly RoomChildView[] {
  const claimed = (child: RoomChildView): number =>
    child.glances.find((glance) => glance.skill === sort)?.claimed ?? 0;
  return children.toSorted((a, b) => {
    const byName = a.firstName.localeCompare(b.firstName);
    if (sort === 'name') return byName;
    if (sort === 'last-look') return (a.lastLook ?? '').localeCompare(b.lastLook ?? '') || byName;
    return claimed(a) - claimed(b) || byName;
  });
}

interface TableProps {
  readonly overview: RoomOverview;
  readonly shown: readonly RoomChildView[];
  readonly sort: Sort;
  readonly onSort: (sort: Sort) => void;
}

function Table({ overview, shown, sort, onSort }: TableProps) {
  const skills = overview.children[0]?.glances.map((glance) => glance.skill) ?? [];
  const head = (key: Sort, words: string) => (
    <Box component="th" key={key} scope="col" aria-sort={sort === key ? 'ascending' : 'none'} sx={th}>
      <button type="button" onClick={() => onSort(key)} aria-pressed={sort === key} style={headButton}>
        {words}
      </button>
    </Box>
  );
  return (
    <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
      <thead>
        <tr>
          {head('name', 'Child')}
          {head('last-look', 'Last look')}
          {skills.map((skill) => head(skill, capitalised(skillOf(skill).name)))}
        </tr>
      </thead>
      <tbody>
        {shown.map((child) => (
          <Box component="tr" key={child.childId} sx={{ borderTop: `1px solid ${palette.sand}` }}>
            <Box
              component="th"
              scope="row"
              sx={{ textAlign: 'left', pr: 1, fontWeight: 650, fontSize: 14, lineHeight: 1.3 }}
            >
              <Link to={`/children/${child.childId}`} style={{ color: 'inherit', textDecoration: 'none' }}>
                {child.firstName}
              </Link>
            </Box>
            <Box component="td" sx={{ fontSize: 13, color: palette.inkSoft }}>
              {child.lastLook === null ? 'none yet' : sayAgo(daysSince(child.lastLook, overview.day))}
            </Box>
            {child.glances.map(({ skill, dots }) => (
              <td key={skill} style={{ paddingRight: 14, height: 22 }}>
                <DotLine
                  radius={2.2}
                  label={`${child.firstName}, ${skillOf(skill).name}: ${inWords(dots)}`}
                  dots={dots.map((form, i) => ({ n: i + 1, form, tries: [] }))}
                />
              </td>
            ))}
          </Box>
        ))}
      </tbody>
    </Box>
  );
}

function inWords(dots: readonly string[]): string {
  const steady = dots.filter((form) => form === 'full').length;
  if (dots.every((form) => form === 'speck')) return 'nobody has looked';
  if (dots.length === 1) return steady === 1 ? 'steady' : 'comes and goes';
  return steady > 0 ? `steady at ${steady}` : 'not steady yet';
}

const th = { textAlign: 'left', verticalAlign: 'bottom', fontWeight: 500, p: 0 } as const;
const headButton = {
  all: 'unset',
  cursor: 'pointer',
  fontSize: 13,
  lineHeight: 1.2,
  padding: '14px 8px 6px 0',
  minHeight: 28,
} as const;
