/** @jest-environment jsdom */
import type { DueEntry, TodayView } from '@dotting/contract';
import type { TraySet } from '@dotting/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw, no, press, serve } from '../common/testing.js';
import { Away } from './Away.js';
import { ChangedWays } from './ChangedWays.js';
import { DueLine } from './DueLine.js';
import { SeveralAtTable } from './SeveralAtTable.js';
import { ToSetOut } from './ToSetOut.js';

const children = ['Wren', 'Abeni', 'Dilys', 'Farid', 'Kamala', 'Lowri', 'Mateusz'].map((firstName) => ({
  id: firstName.toLowerCase(),
  firstName,
  lastName: 'Lock',
  lastLook: '2026-02-23',
  mayRecord: firstName !== 'Lowri',
}));
const today = (facts: object = {}): TodayView =>
  ({ register: children, notHere: [], due: [], ...facts }) as unknown as TodayView;
const row: TraySet = { size: 8, things: 'cork', arrangement: 'row' };
const due = (set: TraySet = row, facts: object = {}): DueEntry =>
  ({
    childId: 'wren',
    because: 'fading',
    forWhat: 'one-to-one',
    last: '2026-02-02',
    step: { task: 'count-row', n: 8, set, title: 'count a row of 8', why: 'Steady to 7 a month ago.' },
    ...facts,
  }) as unknown as DueEntry;

describe('a child on Today’s list', () => {
  const line = (entry = due(), answers: Readonly<Record<string, unknown>> = {}) => {
    const asked = serve(answers);
    draw(
      <ol>
        <DueLine due={entry} child={children[0] as never} day="2026-03-02" />
      </ol>,
    );
    return { asked, told: screen.getByRole('listitem').textContent };
  };

  test('what first, in short why, and when it was looked at last', () => {
    const { told } = line();
    expect(told).toContain('Count a row of 8');
    expect(told).toContain('One-to-one: time to check again, last 2 Feb');
    expect(told).toContain('last seen 7 days ago');
    expect(screen.getByRole('link', { name: 'Sit down with Wren' }).getAttribute('href')).toBe('/sit/wren');
  });

  test('what was never asked has no day, and what waits for eight weeks says no other', () => {
    expect(line(due(row, { because: 'never', last: null })).told).toContain('One-to-one: not seen yet');
    document.body.innerHTML = '';
    expect(line(due(row, { because: 'weeks' })).told).not.toContain('last 2 Feb');
  });

  test('all of why is shown when it is asked for', async () => {
    line();
    const why = screen.getByText('Steady to 7 a month ago.');
    expect(why.hidden).toBe(true);
    await press('Why count a row of 8 for Wren?');
    expect(why.hidden).toBe(false);
    await press('Why count a row of 8 for Wren?');
    expect(why.hidden).toBe(true);
  });

  test('who is not here is moved on in one press; without a connection it says so', async () => {
    const { asked } = line(due(), { 'PUT children/wren/not-here-today': undefined });
    await press('Wren is not here today');
    await waitFor(() => expect(asked).toEqual([['PUT children/wren/not-here-today', null]]));
    serve({});
    await press('Wren is not here today');
    expect((await screen.findByRole('alert')).textContent).toMatch(/No connection/);
  });
});

test('who is not here is brought back by name', async () => {
  const asked = serve({ 'DELETE children/abeni/not-here-today': no('There is no such child here.') });
  draw(<Away today={today({ notHere: ['abeni'] })} />);
  expect(screen.getAllByRole('button')).toHaveLength(1);
  await press('Abeni is here after all');
  expect((await screen.findByRole('alert')).textContent).toBe('There is no such child here.');
  expect(asked).toEqual([['DELETE children/abeni/not-here-today', null]]);
});

describe('what is to be fetched', () => {
  const told = (...sets: TraySet[]): string =>
    draw(<ToSetOut due={sets.map((set) => due(set))} />).container.textContent;

  test('is added up over the children, by kind', () => {
    const shells: TraySet = { size: 3, things: 'shell', arrangement: 'scattered' };
    const five: TraySet = { ...row, size: 5 };
    expect(told(row, shells, five)).toBe('To set out this morning: 13 corks and 3 shells.');
  });

  test('is nothing where numbers are only said', () => {
    expect(told({ size: 0, things: 'cork', arrangement: 'none' })).toBe('');
  });
});

describe('several at one table', () => {
  const choose = async (...names: string[]) => {
    for (const name of names) await press(name);
  };
  const sit = () => screen.queryByRole('link', { name: /Sit down with/ });

  test('two at least, six at most, in the order they were tapped', async () => {
    draw(<SeveralAtTable today={today()} />);
    await choose('Dilys');
    expect(sit()).toBeNull();
    await choose('Wren');
    expect(sit()!.getAttribute('href')).toBe('/sit/dilys+wren');
    await choose('Dilys');
    expect(sit()).toBeNull();
  });

  test('a child whose family objects is not offered', () => {
    draw(<SeveralAtTable today={today()} />);
    expect(screen.queryByRole('button', { name: 'Lowri' })).toBeNull();
  });

  test('a table that is full takes none more, and gives one back', async () => {
    const more = [...children, { ...children[0]!, id: 'nadia', firstName: 'Nadia' }];
    draw(<SeveralAtTable today={today({ register: more })} />);
    await choose('Wren', 'Abeni', 'Dilys', 'Farid', 'Kamala', 'Mateusz');
    const nadia = screen.getByRole('button', { name: 'Nadia' }) as HTMLButtonElement;
    expect([nadia.disabled, sit()!.textContent]).toEqual([true, 'Sit down with 6']);
    await choose('Wren');
    expect(nadia.disabled).toBe(false);
  });
});

test('a way of the room that was changed leads to where it is', async () => {
  draw(<ChangedWays changes={[{ by: 'Orla', day: '2026-03-02', what: 'frames two by two' }]} />);
  const link = screen.getByRole('link', { name: /Orla changed a way of the room on .*: frames two by two/ });
  await userEvent.click(link);
  expect(screen.getByText('another page')).toBeTruthy();
});
