/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../../common/testing.js';
import type { Closing, Sitting } from '../../outbox/sitting.js';
import { after, type Action } from '../after.js';
import type { SittingStore } from '../sittingStore.js';
import { fresh, now } from '../testing.js';
import { ClosingPage } from './ClosingPage.js';

const counts = 'Wren counts 4 in a row – sure.';

/** The page of a sitting at its end; `fails` where the device cannot keep it. */
function closing(facts: Partial<Closing>, fails = false) {
  const closed = { changed: [], open: [], note: '', ...facts };
  let sitting: Sitting = { ...fresh, stage: 'closing', closing: closed };
  const listeners = new Set<() => void>();
  const failure = fails ? new Error('the disk is full') : null;
  const store = {
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    read: () => sitting,
    readFailure: () => failure,
    dispatch: (action: Action) => {
      sitting = after(sitting, action, now());
      for (const tell of listeners) tell();
    },
    close: () => Promise.resolve(!fails),
  };
  let isClosed = false;
  draw(<ClosingPage store={store as unknown as SittingStore} onClosed={() => (isClosed = true)} />);
  return { kept: () => sitting.closing!, isClosed: () => isClosed };
}

test('what was learned can be said in the adult’s words, and said as it was again', async () => {
  const { kept } = closing({ changed: [{ told: counts, words: counts }] });
  const line = screen.getByRole('textbox', { name: counts });
  await userEvent.clear(line);
  expect(screen.getByText('This line will be left out.')).toBeTruthy();
  await userEvent.type(line, 'Wren counted the boats herself.');
  expect(screen.getByText('In your words.')).toBeTruthy();
  expect(kept().changed).toEqual([{ told: counts, words: 'Wren counted the boats herself.' }]);
  await userEvent.click(screen.getByRole('button', { name: 'Use our words' }));
  expect(kept().changed).toEqual([{ told: counts, words: counts }]);
});

test('a line is left out by one tap', async () => {
  const { kept } = closing({ changed: [{ told: counts, words: counts }] });
  await userEvent.click(screen.getByRole('button', { name: 'Leave out' }));
  expect(kept().changed[0]!.words).toBe('');
});

test('where nothing is new it says so, and names what is open', () => {
  closing({ open: ['Counts a row: still needs another day'] });
  expect(screen.getByText(/^Nothing new we can say yet/)).toBeTruthy();
  const open = screen.getByRole('region', { name: 'Still to find out' });
  expect(
    within(open)
      .getAllByRole('listitem')
      .map((one) => one.textContent),
  ).toEqual(['Counts a row: still needs another day']);
});

test('a note longer than there is room for is cut, not refused', async () => {
  const { kept } = closing({ note: 'x'.repeat(999) });
  await userEvent.type(screen.getByLabelText('Anything else worth noting'), 'yz');
  expect(kept().note).toBe(`${'x'.repeat(999)}y`);
});

test('it is left once it is kept, and stays where the device cannot keep it', async () => {
  const good = closing({});
  await userEvent.click(screen.getByRole('button', { name: 'Save and finish' }));
  expect(good.isClosed()).toBe(true);
  document.body.replaceChildren();
  const bad = closing({}, true);
  await userEvent.click(screen.getByRole('button', { name: 'Save and finish' }));
  expect(bad.isClosed()).toBe(false);
  expect(screen.getByRole('alert').textContent).toContain('the disk is full');
});
