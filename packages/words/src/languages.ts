/** A language that the app itself speaks, as against those that children count in. */
export interface AppLanguageEntry {
  /** Its own name for itself. */
  readonly name: string;
  /** What dates and numbers are formatted by. */
  readonly locale: string;
  readonly direction: 'ltr' | 'rtl';
  /** Whether somebody who grew up with it has read every sentence; said where it is chosen. */
  readonly isRead: boolean;
}

export const languages = {
  en: { name: 'English', locale: 'en-GB', direction: 'ltr', isRead: true },
  es: { name: 'Español', locale: 'es-ES', direction: 'ltr', isRead: false },
} as const satisfies Record<string, AppLanguageEntry>;

export type AppLanguage = keyof typeof languages;

export const appLanguages = Object.keys(languages) as readonly AppLanguage[];
