import { usualSchools } from '@dotting/core';
import type { Here, PresentAdult } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, type RenderResult } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
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

/** Draws a part of the app as it stands inside it: an adult is at the device, and nothing is asked of a server. */
export function draw(part: ReactElement, adult: PresentAdult = tomasz): RenderResult {
  return render(
    <ThemeProvider theme={theme}>
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <HereContext value={{ here, adult, leave: () => undefined }}>{part}</HereContext>
        </MemoryRouter>
      </QueryClientProvider>
    </ThemeProvider>,
  );
}
