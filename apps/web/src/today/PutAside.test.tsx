/** @jest-environment jsdom */
import type { AsideView, TodayView } from '@dotting/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../common/testing.js';
import { PutAside } from './PutAside.js';

const today = {
  register: [
    { id: 'wren', firstName: 'Wren', lastName: 'Lock' },
    { id: 'abeni', firstName: 'Abeni', lastName: 'Coker' },
  ],
} as unknown as TodayView;

const aside = (facts: Partial<AsideView>): AsideView => ({
  id: 'one',
  what: 'try',
  childId: 'wren' as never,
  child: 'Wren',
  recorder: 'Tomasz',
  at: '2026-03-02T09:30:00.000+01:00',
  title: '4 corks in a row',
  why: 'startedAt must be a day from 2024 until now.',
  field: 'startedAt',
  leftOut: null,
  ...facts,
});

/** What the server has put aside, how it answers to settling, and what it was asked. */
const server = {
  asides: [] as AsideView[],
  refuses: null as string | null,
  asked: [] as [string, unknown][],
};

beforeEach(() => {
  Object.assign(server, { asides: [], refuses: null, asked: [] });
  AbortSignal.timeout ??= () => new AbortController().signal;
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    const answer = (status: number, what?: unknown) => ({
      ok: status < 300,
      status,
      headers: new Headers(),
      json: async () => what,
    });
    if (method === 'GET') return answer(200, server.asides);
    server.asked.push([path, JSON.parse(body!)]);
    if (server.refuses) return answer(403, { statusCode: 403, message: server.refuses, fields: [] });
    server.asides = server.asides.filter(({ id }) => !path.includes(id));
    return answer(204);
  }) as never;
});

const drawn = async (...asides: AsideView[]): Promise<HTMLElement> => {
  server.asides = asides;
  draw(<PutAside today={today} />);
  return screen.findByRole('region', { name: 'Put aside' });
};
const isOpen = (name: string): boolean =>
  !(screen.getByRole('button', { name }) as HTMLButtonElement).disabled;
const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

test('nothing is shown where nothing is put aside', async () => {
  draw(<PutAside today={today} />);
  await waitFor(() => expect(screen.queryByRole('region')).toBeNull());
});

test('a try of a bad date is told in plain words and taken on the day that a lead says', async () => {
  const part = await drawn(aside({ at: '1970-01-01T09:30:00.000+01:00' }));
  expect(part.textContent).toContain('4 corks in a row – Wren');
  expect(part.textContent).toContain('1970');
  expect(part.textContent).toContain('Its date can’t be right.');
  expect(part.textContent).not.toContain('startedAt');
  const day = screen.getByLabelText('It was on');
  await userEvent.clear(day);
  expect(isOpen('Take it')).toBe(false);
  await userEvent.type(day, '2026-03-04');
  await press('Take it');
  await waitFor(() => expect(server.asked).toHaveLength(1));
  expect(server.asked).toEqual([['/api/set-aside/one/taken', { childId: 'wren', day: '2026-03-04' }]]);
});

test('of a child in no register a child is chosen first', async () => {
  const part = await drawn(
    aside({ childId: null, child: '', field: '', why: 'There is no such child here.' }),
  );
  expect(part.textContent).toContain('a child who is not in the register');
  expect(part.textContent).toContain('There is no such child here.');
  expect(screen.queryByLabelText('It was on')).toBeNull();
  expect(isOpen('Take it')).toBe(false);
  await userEvent.click(screen.getByRole('combobox'));
  await userEvent.click(screen.getByRole('option', { name: 'Abeni Coker' }));
  await press('Take it');
  await waitFor(() => expect(server.asked).toEqual([['/api/set-aside/one/taken', { childId: 'abeni' }]]));
});

test('a step that cannot be is named by its number, and the steps before it can be taken', async () => {
  const part = await drawn(aside({ field: 'events.2.t', why: 'events.2.t: …' }));
  expect(part.textContent).toContain('Step 3 can’t be right.');
  await press('Take it up to there');
  await waitFor(() =>
    expect(server.asked).toEqual([['/api/set-aside/one/taken', { childId: 'wren', steps: 2 }]]),
  );
});

test('a child of another room is offered beside those of this one', async () => {
  await drawn(aside({ childId: 'nadia' as never, child: 'Nadia' }));
  await userEvent.click(screen.getByRole('combobox'));
  const names = within(screen.getByRole('listbox')).getAllByRole('option');
  expect(names.map((one) => one.textContent)).toEqual(['Nadia', 'Wren Lock', 'Abeni Coker']);
});

test('leaving it out wants a reason; what the server says against it is shown', async () => {
  server.refuses = 'Wren’s family has objected.';
  const part = await drawn(aside({ field: '' }));
  await press('Take it');
  await waitFor(() => expect(part.textContent).toContain('Wren’s family has objected.'));
  server.refuses = null;
  await press('Leave it out …');
  expect(server.asked).toHaveLength(1);
  await press('just trying the app');
  await waitFor(() =>
    expect(server.asked.at(-1)).toEqual(['/api/set-aside/one/left-out', { reason: 'just trying the app' }]),
  );
});

test('what was left out says by whom and why, and can be taken after all', async () => {
  const part = await drawn(aside({ field: '', leftOut: { by: 'Orla', reason: 'trying out' } }));
  expect(part.textContent).toContain('Left out by Orla: trying out.');
  expect(screen.queryByRole('button', { name: 'Leave it out …' })).toBeNull();
  await press('Take it after all');
  await waitFor(() => expect(server.asked).toHaveLength(1));
});

test('notes of a sit-down, and a moment that is none', async () => {
  const part = await drawn(aside({ what: 'closing', title: '', at: 'noon', field: 'closedAt' }));
  expect(part.textContent).toContain('Notes from the end of a sit-down – Wren, noon');
});
