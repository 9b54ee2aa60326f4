/** A field's name as a column's: `birthDate` as `birth_date`. */
export function underscored(name: string): string {
  return name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
}
