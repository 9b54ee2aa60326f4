import { childColumns, type ChildColumn, type ChildColumnName, type ChildColumns } from '@dotting/contract';
import TextField from '@mui/material/TextField';
import { useFormContext } from 'react-hook-form';
import { words } from '../wording/all.js';
import { DayField } from './DayField.js';
import { useLanguages } from './language.js';
import { OneOf } from './OneOf.js';
import { Several } from './Several.js';

type Options = Readonly<Record<string, () => string>>;

/** The field for one column of a child, in the form around it, by what the column can hold. */
export function ChildField({ name }: { readonly name: ChildColumnName }) {
  const { register, control, formState } = useFormContext<ChildColumns>();
  const languages = useLanguages();
  const column: ChildColumn = childColumns[name];
  const options: Partial<Record<ChildColumnName, Options>> = words.options;
  const hints: Partial<Record<ChildColumnName, () => string>> = words.hints;
  const error = formState.errors[name]?.message;
  const about = { name, label: words.columns[name](), error };
  const wordsOf = (option: string) => options[name]![option]!();
  switch (column.kind) {
    case 'text':
      return (
        <TextField
          label={about.label}
          error={error !== undefined}
          helperText={error ?? hints[name]?.()}
          {...register(name)}
        />
      );
    case 'birth':
      return <DayField {...about} register={register} help={hints[name]?.()} />;
    case 'yes-no': {
      const said = [
        [null, 'unsaid'],
        [true, 'yes'],
        [false, 'no'],
      ] as const;
      return (
        <OneOf
          {...about}
          control={control}
          options={said.map(([value, option]) => [value, wordsOf(option)])}
        />
      );
    }
    case 'one-of':
      return (
        <OneOf
          {...about}
          control={control}
          options={[null, ...column.of].map((value) => [value, wordsOf(value ?? 'unsaid')])}
        />
      );
    case 'languages':
      return <Several {...about} control={control} options={languages.map((one) => [one.tag, one.name])} />;
    case 'several-of':
      return (
        <Several {...about} control={control} options={column.of.map((value) => [value, wordsOf(value)])} />
      );
  }
}
