/** @jest-environment jsdom */
import type { ToldTry } from '@dotting/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { queryClient, tryQuery } from '../api/queries.js';
import { draw, no, press, serve } from '../common/testing.js';
import { MoveTry } from './MoveTry.js';
import { Overrule } from './Overrule.js';

const tried = (facts: object = {}): ToldTry =>
  ({
    id: 'one',
    childId: 'wren',
    task: 'count-row',
    set: { size: 2, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    events: [
      { seq: 0, t: 900, kind: 'count', word: 1, items: [0] },
      { seq: 1, t: 1900, kind: 'count', word: 2, items: [1] },
    ],
    rulings: [],
    doubles: [],
    ...facts,
  }) as unknown as ToldTry;
const address = 'POST tries/one/rulings';
const matters = () => screen.getAllByRole('group', { name: 'About' })[0]!.textContent;

describe('what was read is overruled', () => {
  const form = (answers: Readonly<Record<string, unknown>>, facts: object = {}) => {
    const asked = serve(answers);
    const done = jest.fn();
    draw(<Overrule tried={tried(facts)} onDone={done} />);
    return { asked, done };
  };

  test('for what the try says anything about, and with a reason', async () => {
    const told = tried({ told: 'now otherwise' });
    const { asked, done } = form({ [address]: told });
    expect(matters()).toBe('the words in orderone-to-one');
    expect(screen.queryByRole('group', { name: 'Why?' })).toBeNull();
    await press('one-to-one');
    await press('not yet');
    expect(asked).toEqual([]);
    await press('I saw it differently');
    await waitFor(() => expect(done).toHaveBeenCalled());
    expect(asked).toEqual([[address, { on: 'one-to-one', holds: false, reason: 'I saw it differently' }]]);
    expect(queryClient.getQueryData(tryQuery('one').queryKey)).toEqual(told);
  });

  test('a ruling is taken back by saying that it is as it was read', async () => {
    const ruling = {
      on: 'order',
      holds: false,
      reason: 'misheard',
      by: 'Orla',
      at: '2026-03-02T12:00:00.000Z',
    };
    const { asked } = form({ [address]: tried() }, { rulings: [ruling] });
    await press('as it was read');
    await press('others prompted');
    await waitFor(() => expect(asked).toHaveLength(1));
    expect(asked[0]![1]).toEqual({ on: 'order', holds: null, reason: 'others prompted' });
  });

  test('without one, nothing is there to be taken back', () => {
    form({});
    expect(screen.queryByRole('button', { name: 'as it was read' })).toBeNull();
  });

  test('what the server says against it is shown, and the form stays', async () => {
    const { done } = form({ [address]: no('Your role does not allow this. Ask the lead.') });
    await press('it went well');
    await press('I saw it differently');
    expect((await screen.findByRole('alert')).textContent).toMatch(/Ask the lead/);
    expect(done).not.toHaveBeenCalled();
    await press('Cancel');
    expect(done).toHaveBeenCalled();
  });
});

describe('a try of another child', () => {
  const today = {
    register: [
      { id: 'wren', firstName: 'Wren', lastName: 'Lock', mayRecord: true },
      { id: 'abeni', firstName: 'Abeni', lastName: 'Coker', mayRecord: true },
      { id: 'dilys', firstName: 'Dilys', lastName: 'Pugh', mayRecord: false },
    ],
  };
  const put = 'PUT tries/one/child';
  const form = async (answers: Readonly<Record<string, unknown>>) => {
    const asked = serve({ 'GET rooms/lower/today': today, ...answers });
    const done = jest.fn();
    draw(<MoveTry tried={tried()} onDone={done} />, { context: { id: 'lower' } });
    await waitFor(async () => {
      await userEvent.click(screen.getByRole('combobox', { name: 'Move it to' }));
      expect(screen.queryAllByRole('option').length).toBeGreaterThan(0);
    });
    return { asked, done };
  };

  test('goes to a child who may be recorded, and to no other', async () => {
    await form({});
    expect(screen.getAllByRole('option').map((one) => one.textContent)).toEqual(['Abeni Coker']);
  });

  test('goes with a reason', async () => {
    const { asked, done } = await form({ [put]: tried({ childId: 'abeni' }) });
    await userEvent.click(screen.getByRole('option', { name: 'Abeni Coker' }));
    await press('tapped the wrong face');
    await waitFor(() => expect(done).toHaveBeenCalled());
    expect(asked).toEqual([[put, { childId: 'abeni', reason: 'tapped the wrong face' }]]);
  });

  test('stays where the server says no', async () => {
    const { done } = await form({ [put]: no('It is this child’s already. Choose another.') });
    await userEvent.click(screen.getByRole('option', { name: 'Abeni Coker' }));
    await press('the wrong sit-down was open');
    expect((await screen.findByRole('alert')).textContent).toMatch(/Choose another/);
    expect(done).not.toHaveBeenCalled();
  });
});
