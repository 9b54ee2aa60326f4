import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from '@mui/material/styles';
import rightToLeft from '@mui/stylis-plugin-rtl';
import type { ReactNode } from 'react';
import { prefixer } from 'stylis';
import { theme } from './theme.js';

const cache = createCache({ key: 'rtl', stylisPlugins: [prefixer, rightToLeft] });
const mirrored = { ...theme, direction: 'rtl' as const };

/** Draws what is inside for a language from right to left: the styles of the components turned round. Fetched only then. */
export default function RightToLeft({ children }: { readonly children: ReactNode }) {
  return (
    <CacheProvider value={cache}>
      <ThemeProvider theme={mirrored}>{children}</ThemeProvider>
    </CacheProvider>
  );
}
