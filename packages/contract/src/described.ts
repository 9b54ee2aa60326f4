type Class<Fields> = abstract new () => Fields;

/** A class to extend, with rules for fields that a table describes. */
export function classOf<Fields>(
  rules: readonly (readonly [name: string, rules: readonly PropertyDecorator[]])[],
): Class<Fields> {
  abstract class Described {}
  // The last first, as decorators are applied where they are written above a field.
  for (const [name, ofName] of rules) for (const rule of ofName.toReversed()) rule(Described.prototype, name);
  return Described as Class<Fields>;
}
