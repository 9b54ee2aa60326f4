/** @jest-environment jsdom */
import type { ChildPage, PresentAdult } from '@dotting/contract';
import { blankChild } from '@dotting/contract';
import {
  layoutFor,
  schoolChoices,
  schoolNames,
  schoolsOf,
  shippedLanguages,
  strokesOf,
  tenAndSome,
  taskOf,
  usualSchools,
  waysBySchool,
  type School,
  type Schools,
  type TaskId,
} from '@dotting/core';
import { render, screen } from '@testing-library/react';
import type { ReactNode } from 'react';
import { SchoolsContext } from '../common/schools.js';
import type { Plan } from '../outbox/sitting.js';
import { firstKind } from '../passing/firstKind.js';
import { freshSitting } from './freshSitting.js';
import { scriptFor } from './say/script.js';
import { placesOf } from './tray/mirrorLayout.js';
import { RecordDrawing } from './tray/RecordDrawing.js';
import { TrayFoot } from './tray/TrayFoot.js';

const now = { t: 0, iso: '2026-03-02T09:30:00.000+00:00', ms: 0, newId: 'new' } as never;
const adult = { id: 'adult', presence: 'presence' } as unknown as PresentAdult;

/** What is laid and said of a task at a number. */
const planOf = (task: TaskId, n: number, schools: Schools, way?: string): Plan => ({
  task,
  size: n,
  things: 'cork',
  why: '',
  language: 'en',
  layout: layoutFor(taskOf(task), n, 'cork', 1, way, { schools }),
});
const said = (task: TaskId, n: number, schools: Schools, way?: string): string =>
  scriptFor(planOf(task, n, schools, way), {
    phase: 'laying',
    asksMore: false,
    schools,
    hasAnswered: false,
    hasPut: false,
  }).say;
const avoided = (task: TaskId, schools: Schools): string =>
  scriptFor(planOf(task, 4, schools), {
    phase: 'laying',
    asksMore: false,
    schools,
    hasAnswered: false,
    hasPut: false,
  }).avoid;
const firstWay = (task: TaskId, schools: Schools) => waysBySchool(taskOf(task).ways, schools)![0];
const drawn = (schools: Schools, shown: ReactNode): string => {
  const { container, unmount } = render(<SchoolsContext value={schools}>{shown}</SchoolsContext>);
  const { innerHTML } = container;
  unmount();
  return innerHTML;
};
const begun = (schools: Schools) => {
  const child = { ...blankChild, id: 'child', roomId: 'room', firstName: 'Ines', languages: ['cy', 'en'] };
  const page = { child, steps: [], easier: null, metTasks: [], recent: [], schools } as unknown as ChildPage;
  const { language, second } = freshSitting(adult, 'key', page, { task: 'count-row' }, now).plan;
  return second === undefined ? language : `${language}+${second}`;
};
const tallied = {
  size: 5,
  things: 'cork',
  arrangement: 'movable',
  layout: { records: 'tally' },
} as const;

/** What each choice leads to, in the order of its choices. */
const leadsTo: { readonly [Of in School]: readonly [(schools: Schools) => unknown, readonly unknown[]] } = {
  frames: [
    (schools) => {
      const set = {
        size: 3,
        things: 'cork',
        arrangement: 'frame' as const,
        layout: planOf('count-cells', 6, schools).layout!,
      };
      const [one, two] = placesOf({ ...set, layout: { ...set.layout, places: 10 } });
      // The second goes to the right of the first, or below it.
      return two!.x > one!.x ? 'to the right' : 'below';
    },
    ['to the right', 'below'],
  ],
  extras: [(schools) => planOf('count-cells', 13, schools).layout!.places, [20, 10]],
  tally: [
    (schools) =>
      /M86 465H|465H/.test(
        drawn(
          schools,
          <svg>
            <RecordDrawing set={tallied} put={['recorded=5']} />
          </svg>,
        ),
      ),
    [false, true],
  ],
  zero: [
    (schools) => [
      firstWay('in-order', schools),
      planOf('in-order', 9, schools, 'gaps').layout!.cards!.cards[0],
    ],
    [
      ['from-one', 1],
      ['from-nought', 0],
    ],
  ],
  teens: [
    (schools) => waysBySchool(taskOf('say-teens-two-ways').ways, schools),
    [['usual', 'ten-and-some'], ['usual']],
  ],
  twenty: [({ twenty }) => tenAndSome(shippedLanguages[0]!, 20, twenty), ['twenty', 'two ten']],
  fewer: [
    (schools) => said('which-fewer', 5, schools),
    ['Which one has fewer?', 'Which one has fewer? Which has less?'],
  ],
  recorded: [(schools) => firstWay('track', schools), ['leave-them', 'take-away']],
  startAgain: [
    (schools) => said('go-on-from', 5, schools),
    ['I’m at 5. You carry on.', 'I’m at 5. Say 5 too, and carry on.'],
  ],
  pictures: [
    (schools) => said('count-pictures', 5, schools),
    [
      'How many are in the picture? Touch each one as you count.',
      'How many are in the picture? Tick each one as you count.',
    ],
  ],
  organise: [
    (schools) => /Put them so that you can count them/.test(said('count-handful', 5, schools)),
    [false, true],
  ],
  checks: [(schools) => /Cover them before you ask/.test(avoided('how-many', schools)), [false, true]],
  chorus: [firstKind, ['shown', 'chorus']],
  hands: [
    (schools) => {
      const foot = (
        <TrayFoot help="none" answeredBy="alone" why="" phase="going-on" dispatch={() => undefined} />
      );
      const { unmount } = render(<SchoolsContext value={schools}>{foot}</SchoolsContext>);
      const isOnMine = screen.queryByRole('button', { name: 'child’s hand on mine' }) !== null;
      unmount();
      return isOnMine;
    },
    [false, true],
  ],
  languages: [begun, ['cy', 'en', 'en+cy']],
  braille: [
    (schools) => planOf('read-dots', 5, schools).layout!.cards!.code,
    ['literary', 'maths', 'raised'],
  ],
  nought: [
    (schools) =>
      layoutFor(taskOf('write-it'), 0, 'cork', 1, undefined, { schools, hand: 'left' })!.writing!
        .eitherWayRound === true,
    [false, true],
  ],
  ruled: [(schools) => planOf('write-it', 5, schools).layout!.writing!.ruled, [true, false]],
  photos: [({ photos }) => photos === 'allowed', [false, true]],
  week: [({ week }) => week === 'one', [false, true]],
};

test.each(schoolNames)('%s: each choice leads to what it says, and no two to the same', (school) => {
  const [output, expected] = leadsTo[school];
  const outputs = schoolChoices[school].map((choice) => output({ ...usualSchools, [school]: choice }));
  expect(outputs).toEqual(expected);
  expect(new Set(outputs.map((one) => JSON.stringify(one))).size).toBe(outputs.length);
});

test('a digit is drawn as the room forms it, and as the child does where it has a way of its own', () => {
  const room = schoolsOf({ forms: { 7: 'crossed' } });
  const strokes = (schools: Schools) => strokesOf(7, schools.forms).digits[0]!.strokes.length;
  expect(strokes(room)).toBe(2);
  expect(strokes(schoolsOf({ forms: { 7: 'crossed' } }, { forms: { 7: 'plain' } }))).toBe(1);
});
