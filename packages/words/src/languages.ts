import { languages } from './made/languages.js';

/** A language that the app itself speaks, as against those that children count in. */
export interface LanguageOfApp {
  /** Its own name for itself. */
  readonly name: string;
  /** What dates and numbers are formatted by. */
  readonly locale: string;
  readonly direction: 'ltr' | 'rtl';
  /** Whether somebody who grew up with it has read every sentence; said where it is chosen. */
  readonly isRead: boolean;
  /** Made from the words of another, to try the app with: it is spoken if asked for, and offered to nobody. */
  readonly madeFrom?: string;
}

export { languages };

export type AppLanguage = keyof typeof languages;

export const appLanguages = Object.keys(languages) as readonly AppLanguage[];
/** Those that an adult can choose. */
export const offeredLanguages = appLanguages.filter((one) => languages[one].madeFrom === undefined);
