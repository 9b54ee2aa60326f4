import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bitter';
import '@fontsource-variable/noto-naskh-arabic';
import { createTheme } from '@mui/material/styles';

/** Canal, lock gate, brick and brass. Form carries the meaning; colour only helps. */
export const palette = {
  ink: '#17302c',
  inkSoft: '#4d625d',
  gate: '#fbf9f3',
  paper: '#f3eee1',
  sand: '#e4dac3',
  line: '#cfc3a7',
  /** The same under a finger, and where nothing can be pressed. */
  inkLit: '#24423d',
  inkFaint: '#2c4641',
  /** What the mirror of the tray is drawn on. */
  tray: '#fffefb',
  /** A dot-line's speck. */
  speck: '#8a917f',
  /** The one colour of action, and of a dot-line's ring. */
  brick: '#a8482a',
  /** The same on ink. */
  brickPale: '#d98a6f',
  /** Cautions. */
  brass: '#b98a1f',
  brassPale: '#f6ecd0',
  /** Sent and safe. */
  water: '#2f6f7e',
} as const;

type Colours = typeof palette;

// So that a style names a colour of ours as it names the theme’s own: `borderColor: 'line'`.
declare module '@mui/material/styles' {
  interface Palette extends Colours {}
  interface PaletteOptions extends Partial<Colours> {}
}

/** What things are made of where they are drawn: on the mirror, at the table, Otter. */
export const materials = {
  cork: '#c9a36a',
  corkEdge: '#8a6630',
  shell: '#efe0cd',
  shellEdge: '#a58a6a',
  lid: '#d9d4c4',
  lidEdge: '#77756a',
  acornCup: '#a9844f',
  acornEdge: '#6b4f28',
  acornInside: '#c9a775',
  tinTop: '#cfd2cf',
  tin: '#b9bfbc',
  tinLit: '#ffd65c',
  furDark: '#6f5237',
  fur: '#8a6a4a',
  furPale: '#e8d9c2',
  jar: '#eef3f1',
  faceReed: '#d7e3df',
  faceClay: '#f0d9c8',
  faceStraw: '#e9e0bd',
  faceSky: '#d5dcea',
  faceMallow: '#e6d6e4',
  faceMoss: '#dbe5c9',
} as const;

/** Letters that neither font has: Urdu's number words. */
const arabicFont = '"Noto Naskh Arabic Variable"';
export const headingFont = `"Bitter Variable", ${arabicFont}, Georgia, serif`;
const textFont = `"Atkinson Hyperlegible Next Variable", ${arabicFont}, "Liberation Sans", sans-serif`;

/** Least height of anything to press, in px: more where it is pressed without looking. */
export const target = { usual: 48, sitting: 56 } as const;

/**
 * Where there is room for less: by the width in letters, so that larger text narrows a page as a smaller screen
 * does. Tight is a small tablet, narrow one held upright, slim a telephone.
 */
export const tight = '@container (width < 75rem)';
export const narrow = '@container (width < 62rem)';
export const slim = '@container (width < 40rem)';

/** Where the keyboard is. On dark ground a page says so with a light colour of its own. */
const focusRing = { outline: `3px solid var(--focus, ${palette.water})`, outlineOffset: 2 } as const;

/** On the dark ground on which the children stand. */
export const onInk = { bgcolor: palette.ink, color: palette.gate, '--focus': palette.sand } as const;

/** A list whose lines each have a point. */
export const points = { listStyle: 'disc', my: 0.5, paddingInlineStart: 2.5 } as const;

/** A link to one part of a page that has several; the one that is open is underlined. */
export const partLink = {
  color: palette.inkSoft,
  minHeight: target.usual,
  display: 'inline-flex',
  alignItems: 'center',
  textDecoration: 'none',
  '&[aria-current=page]': { color: palette.ink, fontWeight: 700, boxShadow: `inset 0 -3px ${palette.brick}` },
} as const;

export const theme = createTheme({
  palette: {
    ...palette,
    primary: { main: palette.brick, contrastText: palette.gate },
    secondary: { main: palette.ink, dark: palette.inkLit, contrastText: palette.gate },
    text: { primary: palette.ink, secondary: palette.inkSoft },
    background: { default: palette.gate, paper: palette.gate },
    divider: palette.line,
    error: { main: palette.brick },
  },
  shape: { borderRadius: 14 },
  shadows: Array.from({ length: 25 }, () => 'none') as ReturnType<typeof createTheme>['shadows'],
  typography: {
    fontFamily: textFont,
    fontSize: 16,
    htmlFontSize: 16,
    h1: {
      fontFamily: headingFont,
      fontWeight: 700,
      fontSize: '2.1rem',
      letterSpacing: '-0.01em',
      lineHeight: 1.15,
    },
    h2: { fontFamily: headingFont, fontWeight: 650, fontSize: '1.25rem', lineHeight: 1.3 },
    h3: { fontFamily: headingFont, fontWeight: 650, fontSize: '1.1rem', lineHeight: 1.3 },
    body1: { fontSize: '1rem', lineHeight: 1.45 },
    body2: { fontSize: '0.9rem', lineHeight: 1.4 },
    button: { textTransform: 'none', fontWeight: 650, fontSize: '1rem', lineHeight: 1.25 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        // What the keyboard comes to is not hidden under the head of the page.
        html: { height: '100%', scrollPaddingTop: 84 },
        body: { height: '100%', overscrollBehavior: 'none' },
        '#root': { height: '100%', containerType: 'inline-size' },
        '@media print': { '#root': { height: 'auto', containerType: 'normal' } },
        // A list of lines; one with points says so itself.
        'ul, ol': { listStyle: 'none', margin: 0, padding: 0 },
        '*:focus-visible': focusRing,
        // Where the system paints the backgrounds, a chosen thing is told by its frame.
        '@media (forced-colors: active)': {
          '[aria-pressed=true], [aria-current=page]': {
            outline: '3px solid Highlight !important',
            outlineOffset: '-3px !important',
          },
        },
        '@media (prefers-reduced-motion: reduce)': {
          '*': { transition: 'none !important', animation: 'none !important' },
        },
      },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      // The base takes the outline away, and comes after the rule for all.
      styleOverrides: { root: { '&.Mui-focusVisible': focusRing } },
    },
    MuiButton: {
      defaultProps: { variant: 'outlined', color: 'inherit', disableElevation: true },
      styleOverrides: {
        root: { minHeight: target.usual, borderRadius: 14, paddingInline: 18 },
        outlined: {
          borderColor: palette.line,
          backgroundColor: palette.gate,
          '&[aria-pressed=true], &[aria-current=step]': { backgroundColor: palette.ink, color: palette.gate },
        },
      },
      // Pressed without looking, with a child to look at.
      variants: [
        {
          props: { size: 'large' },
          style: { minHeight: target.sitting, paddingInline: 8, fontSize: '1rem' },
        },
      ],
    },
    MuiToggleButtonGroup: {
      styleOverrides: {
        root: { flexWrap: 'wrap', gap: 4 },
        // Each by itself, not joined to its neighbours.
        grouped: { margin: 0, border: `1px solid ${palette.line}`, borderRadius: 14 },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          flex: 1,
          // A word is never cut: what has no room goes to the next line.
          minWidth: 'min-content',
          minHeight: target.usual,
          padding: '6px 4px',
          lineHeight: 1.25,
          fontSize: '0.92rem',
          fontWeight: 500,
          color: palette.ink,
          backgroundColor: palette.gate,
          [tight]: { fontSize: '0.84rem' },
          '&.Mui-selected, &.Mui-selected:hover': { backgroundColor: palette.ink, color: palette.gate },
        },
      },
    },
    // Its own height is less from 600 px on.
    MuiMenuItem: {
      styleOverrides: {
        root: { minHeight: target.usual, '@media (min-width:600px)': { minHeight: target.usual } },
      },
    },
    MuiTextField: { defaultProps: { variant: 'outlined', fullWidth: true } },
    MuiAlert: {
      defaultProps: { severity: 'error', icon: false },
      styleOverrides: {
        root: {
          padding: '2px 12px',
          borderRadius: 0,
          borderInlineStart: `4px solid ${palette.brick}`,
          backgroundColor: 'transparent',
          color: palette.ink,
          fontSize: '1rem',
        },
      },
    },
    MuiLink: { defaultProps: { color: 'inherit' } },
  },
});
