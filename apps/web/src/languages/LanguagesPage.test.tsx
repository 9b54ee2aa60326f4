/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw, no, press, serve, tomasz } from '../common/testing.js';
import { hasUnsaved } from '../common/unsaved.js';
import { LanguagesPage } from './LanguagesPage.js';

const canal = { tag: 'x-canal', name: 'Canal', rightToLeft: false, words: ['lock', 'pound', 'sluice'] };
const here = { languages: [canal] };
const changes = 'GET languages/changes';
const page = async (answers: Readonly<Record<string, unknown>>, adult = tomasz) => {
  const asked = serve({ [changes]: [], 'GET here': here, ...answers });
  draw(<LanguagesPage />, { adult, here });
  return { asked, own: screen.getByRole('region', { name: 'Canal' }) };
};
const fill = async (field: string, text: string) => {
  await userEvent.clear(screen.getByLabelText(field));
  await userEvent.type(screen.getByLabelText(field), text);
};

test('those of the house stand first, then those that are shipped, with ten and some', async () => {
  const { own } = await page({});
  expect(own.textContent).toContain('lock, pound, sluice');
  const english = screen.getByRole('region', { name: 'English' });
  expect(english.textContent).toContain('one, two, three');
  const names = screen.getAllByRole('region').map((part) => part.getAttribute('aria-label'));
  expect(names[0]).toBe('Canal');
  expect(within(english).queryByRole('button')).toBeNull();
});

test('an assistant reads them and changes none', async () => {
  const { own } = await page({}, { ...tomasz, role: 'assistant' });
  expect(within(own).queryByRole('button')).toBeNull();
  expect(screen.queryByRole('form', { name: 'Add a language' })).toBeNull();
});

test('one is removed with a reason; what speaks against it is told', async () => {
  const removal = 'POST languages/x-canal/removal';
  const { asked, own } = await page({ [removal]: no('Wren counts in it.') });
  await press('Remove this language');
  expect(asked).toEqual([]);
  await press('it was added by mistake');
  await waitFor(() => expect(own.textContent).toContain('Wren counts in it.'));
  expect(asked).toEqual([[removal, { reason: 'it was added by mistake' }]]);
});

test('what was removed or changed says by whom and why, and is put back', async () => {
  const at = '2026-03-02T12:00:00.000Z';
  const back = 'POST languages/x-weir/back';
  const { asked } = await page({
    [changes]: [{ tag: 'x-weir', name: 'Weir', isRemoved: true, by: 'Orla', at, reason: 'twice the same' }],
    [back]: undefined,
  });
  const part = await screen.findByRole('region', { name: 'Changed or removed' });
  expect(part.textContent).toContain('Weir: removed by Orla');
  expect(part.textContent).toContain('Why: twice the same.');
  await press('Put back as before');
  await waitFor(() => expect(asked).toEqual([[back, null]]));
});

test('a list is added word by word, and one that cannot be is told by its field', async () => {
  const put = 'PUT languages/x-weir';
  const { asked } = await page({ [put]: undefined });
  expect(screen.queryByLabelText('Why the words change')).toBeNull();
  await fill('Name', 'Weir');
  await fill('Short code', 'x-weir');
  await fill('Number words', 'yan');
  await press('Add language');
  const field = screen.getByLabelText('Number words');
  await waitFor(() => expect(field.getAttribute('aria-invalid')).toBe('true'));
  expect(asked).toEqual([]);
  await fill('Number words', 'yan{Enter}{Enter} tan {Enter}tether');
  await press('Add language');
  await waitFor(() => expect(asked).toHaveLength(1));
  const list = { tag: 'x-weir', name: 'Weir', rightToLeft: false, words: ['yan', 'tan', 'tether'] };
  expect(asked).toEqual([[put, list]]);
  await waitFor(() => expect(hasUnsaved()).toBe(false));
});

test('words of one that is here already are changed with why; the server asks for it where it is missing', async () => {
  const put = 'PUT languages/x-canal';
  const { asked } = await page({ [put]: no('Say why they change.', 'reason') });
  await fill('Name', 'Canal');
  await fill('Short code', 'x-canal');
  await fill('Number words', 'pound{Enter}lock{Enter}sluice');
  await press('Add language');
  const why = screen.getByLabelText('Why the words change');
  await waitFor(() => expect(why.getAttribute('aria-invalid')).toBe('true'));
  expect(screen.getAllByText('Say why they change.')).not.toEqual([]);
  await fill('Why the words change', ' misheard ');
  await press('Add language');
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked[1]![1]).toMatchObject({ reason: 'misheard', words: ['pound', 'lock', 'sluice'] });
});
