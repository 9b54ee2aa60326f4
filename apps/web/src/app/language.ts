const names = new Intl.DisplayNames(undefined, { type: 'language' });

/** A language tag by its name, as the reader's locale writes it. */
export const languageName = (tag: string): string => names.of(tag) ?? tag;
