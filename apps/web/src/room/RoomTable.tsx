import type { RoomChildView, RoomOverview } from '@dotting/contract';
import { skillOf, type DotForm, type SkillId } from '@dotting/core';
import { styled } from '@mui/material/styles';
import { useNavigate, type NavigateFunction } from 'react-router';
import type { MouseEvent } from 'react';
import { daysSince, sayShortAgo } from '../common/days.js';
import { palette, slim } from '../common/theme.js';
import { GlanceLine, glanceSize } from '../dotline/GlanceLine.js';
import { words } from '../wording/all.js';

export type Sort = 'name' | 'last-look' | SkillId;

interface RoomTableProps {
  readonly overview: RoomOverview;
  readonly shown: readonly RoomChildView[];
  /** The columns. */
  readonly skills: readonly SkillId[];
  readonly sort: Sort;
  readonly onSort: (sort: Sort) => void;
}

/** Children by skills, each a small dot-line. */
export function RoomTable({ overview, shown, skills, sort, onSort }: RoomTableProps) {
  const navigate = useNavigate();
  const head = (key: Sort, words: string) => (
    <th key={key} scope="col" aria-sort={sort === key ? 'ascending' : 'none'}>
      <button type="button" onClick={() => onSort(key)} aria-pressed={sort === key}>
        {words}
      </button>
    </th>
  );
  return (
    <Table>
      <colgroup>
        <col className="name" />
        <col className="look" />
        {skills.map((skill) => (
          <col key={skill} className={skillOf(skill).axis ? undefined : 'principle'} />
        ))}
      </colgroup>
      <thead>
        <tr>
          {head('name', words.room.child())}
          {head('last-look', words.room.lastSeen())}
          {skills.map((skill) => head(skill, words.skills[skill]()))}
        </tr>
      </thead>
      <tbody onClick={(event) => follow(event, navigate)}>
        {shown.map((child) => (
          <tr key={child.childId}>
            <th scope="row">
              <a href={`/children/${child.childId}`}>{child.firstName}</a>
            </th>
            <td>
              {child.lastLook === null
                ? words.frame.notSeen()
                : sayShortAgo(daysSince(child.lastLook, overview.day))}
            </td>
            {skills.map((skill) => {
              const dots = child.glances.find((glance) => glance.skill === skill)?.dots ?? [];
              const isOfNumerals = skillOf(skill).read.as === 'numerals';
              return (
                <td key={skill} data-skill={words.skills[skill]()}>
                  <GlanceLine
                    label={`${child.firstName}, ${words.skills[skill]()}: ${inWords(dots, isOfNumerals)}`}
                    dots={dots}
                    from={isOfNumerals ? 0 : 1}
                  />
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** One listener for the links of the whole table: a router's link in each row took a sixth of the drawing. */
function follow(event: MouseEvent, navigate: NavigateFunction): void {
  const link = (event.target as Element).closest('a');
  const isPlain = event.button === 0 && !(event.metaKey || event.ctrlKey || event.shiftKey || event.altKey);
  if (!link || !isPlain) return;
  event.preventDefault();
  void navigate(link.pathname);
}

function inWords(dots: readonly DotForm[], isOfNumerals: boolean): string {
  if (dots.every((form) => form === 'speck')) return words.dots.notAsked();
  const sure = dots.filter((form) => form === 'full').length;
  const likely = sure + dots.filter((form) => form === 'bead').length;
  if (likely === 0) return words.dots.notClear();
  if (isOfNumerals) return knownOf(dots);
  if (dots.length === 1) return sure === 1 ? words.dots.full() : words.dots.bead();
  const parts = [
    sure > 0 && words.dots.sureTo({ n: sure }),
    likely > sure && words.dots.likelyTo({ n: likely }),
  ];
  return parts.filter(Boolean).join(', ');
}

/** Of numerals it is said how many, not how far. */
function knownOf(dots: readonly DotForm[]): string {
  const many = (form: DotForm): number => dots.filter((one) => one === form).length;
  return [
    many('full') > 0 && words.dots.numeralsKnown({ n: many('full') }),
    many('bead') > 0 && words.dots.numeralsLikely({ n: many('bead') }),
  ]
    .filter(Boolean)
    .join(', ');
}

/** Styled as a whole: a style for every cell is too slow for a large room. */
const Table = styled('table')({
  borderCollapse: 'collapse',
  tableLayout: 'fixed',
  '& col.name': { width: 96 },
  '& col.look': { width: 88 },
  '& col.principle': { width: 84 },
  width: '100%',
  fontSize: 13,
  '& thead th': { textAlign: 'start', verticalAlign: 'bottom', fontWeight: 500, padding: 0 },
  '& thead button': {
    all: 'unset',
    cursor: 'pointer',
    lineHeight: 1.2,
    padding: '14px 8px 6px 0',
    minHeight: 28,
  },
  '& thead button[aria-pressed=true]': { fontWeight: 700 },
  '& thead button:focus-visible': { outline: `2px solid ${palette.ink}` },
  '& tbody tr': { borderTop: 1, borderColor: 'sand', breakInside: 'avoid' },
  '& tbody th': { textAlign: 'start', paddingInlineEnd: 8, fontWeight: 650, fontSize: 14, lineHeight: 1.3 },
  '& tbody a': {
    color: 'inherit',
    textDecoration: 'none',
    display: 'flex',
    alignItems: 'center',
    minHeight: 24,
  },
  '& td': { height: 22, padding: '0 14px 0 0', color: 'inkSoft' },
  '& svg': { display: 'block', overflow: 'visible', maxWidth: '100%', ...glanceSize(20) },
  // A child's lines one below the other, each with its skill.
  [slim]: {
    '&, thead, tbody, tbody th, tbody td': { display: 'block' },
    '& thead tr': { display: 'flex', flexWrap: 'wrap', columnGap: 16 },
    // Each line says its skill itself.
    '& thead th:nth-of-type(n + 3)': { display: 'none' },
    '& tbody tr': { display: 'block', paddingBlock: 8 },
    '& tbody td': { height: 'auto', minHeight: 24, display: 'flex', flexWrap: 'wrap', alignItems: 'center' },
    '& td[data-skill]::before': { content: 'attr(data-skill)', flex: '1 0 9rem' },
  },
});
