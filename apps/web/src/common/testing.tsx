import { usualSchools } from '@dotting/core';
import type { Here, PresentAdult } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClientProvider } from '@tanstack/react-query';
import { render, screen, type RenderResult } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { queryClient } from '../api/queries.js';
import { HereContext } from './here.js';
import { theme } from './theme.js';

export const tomasz: PresentAdult = {
  id: 'tomasz' as StaffId,
  firstName: 'Tomasz',
  role: 'practitioner',
  thumb: 'right',
  language: 'en',
  presence: 'stay',
};

const here: Here = {
  site: 'Pennywater Lock House',
  isDemo: false,
  sealing: { device: 'device', key: '' },
  rooms: [{ id: 'lower', name: 'Lower Pound', schools: usualSchools, ownTasks: [], ownThings: [] }],
  adults: [tomasz],
  languages: [],
  adult: tomasz,
};

export const orla: PresentAdult = { ...tomasz, id: 'orla' as StaffId, firstName: 'Orla', role: 'lead' };

interface Around {
  readonly adult?: PresentAdult;
  /** What the page around it hands on. */
  readonly context?: unknown;
  readonly here?: Partial<Here>;
}

/** Draws a part of the app as it stands inside it: an adult is at the device, and nothing is asked of a server. */
export function draw(
  part: ReactElement,
  { adult = tomasz, context, here: facts }: Around = {},
): RenderResult {
  // What another test was answered is not this one’s.
  queryClient.clear();
  const at = { here: { ...here, ...facts }, adult, leave: () => undefined };
  return render(
    <ThemeProvider theme={theme}>
      <QueryClientProvider client={queryClient}>
        <MemoryRouter>
          <HereContext value={at}>
            <Routes>
              <Route element={<Outlet context={context} />}>
                <Route index element={part} />
                <Route path="*" element={<p>another page</p>} />
              </Route>
            </Routes>
          </HereContext>
        </MemoryRouter>
      </QueryClientProvider>
    </ThemeProvider>,
  );
}

/** What a server says no with. */
interface No {
  readonly statusCode: number;
  readonly message: string;
  readonly fields: readonly { readonly field: string; readonly message: string }[];
}

export const no = (message: string, field?: string): No => ({
  statusCode: field === undefined ? 409 : 422,
  message,
  fields: field === undefined ? [] : [{ field, message }],
});

const isNo = (answer: unknown): answer is No =>
  typeof answer === 'object' && answer !== null && 'statusCode' in answer;

/**
 * A server that answers each `METHOD path` with what stands there, undefined being done without an answer; whatever
 * else is asked gets none, as without a connection.
 *
 * @returns what it is asked to change, as it comes
 */
export function serve(answers: Readonly<Record<string, unknown>>): (readonly [string, unknown])[] {
  const asked: [string, unknown][] = [];
  AbortSignal.timeout ??= () => new AbortController().signal;
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    const what = `${method} ${path.replace('/api/', '')}`;
    if (method !== 'GET') asked.push([what, body === undefined ? null : JSON.parse(body)]);
    if (!(what in answers)) throw new TypeError('no connection');
    const answer = answers[what];
    const status = isNo(answer) ? answer.statusCode : answer === undefined ? 204 : 200;
    return { ok: status < 300, status, headers: new Headers(), json: async () => answer };
  }) as never;
  return asked;
}

/** Presses what is called so. */
export const press = (name: string): Promise<void> => userEvent.click(screen.getByRole('button', { name }));
