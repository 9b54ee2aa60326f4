import { ownTextRules, type OwnTaskBody } from '@dotting/contract';
import { layoutFor, taskOf } from '@dotting/core';
import { asksSecond, numbersIn, ownTaskWords, textsOf, type OwnTextName } from '@dotting/words';
import TextField from '@mui/material/TextField';
import { useFormContext, useWatch } from 'react-hook-form';
import { useSchools } from '../common/schools.js';
import { words } from '../wording/all.js';

interface TextOfProps {
  readonly name: OwnTextName;
  readonly hint?: string;
  /** Over the whole line. */
  readonly isLong?: true;
}

/** What each text is called. */
const labels = (): Readonly<Record<OwnTextName, () => string>> => ({
  ...words.ownTasks.texts,
  ...words.options.needs,
});

/** One text of the task; where it names numbers, how it would be said. */
export function TextOf({ name, hint, isLong }: TextOfProps) {
  const { register, formState, getValues } = useFormContext<OwnTaskBody>();
  const [like, ladder] = useWatch<OwnTaskBody, ['like', 'ladder']>({ name: ['like', 'ladder'] });
  // Only what is said is read again at each key.
  const say = useWatch<OwnTaskBody, 'texts.say'>({ name: 'texts.say', disabled: name !== 'say' });
  const schools = useSchools();
  if (name === 'thenSay' && !asksSecond(words, like)) return null;
  const error = formState.errors.texts?.[name]?.message;
  const label = labels()[name];
  const n = ladder[Math.floor(ladder.length / 2)] ?? taskOf(like).ladder[0]!;
  const numbers = numbersIn(n, layoutFor(taskOf(like), n, 'cork', 1, taskOf(like).ways?.[0]), schools);
  const sample =
    name === 'say' && say.includes('{')
      ? words.ownTasks.sample({
          n,
          text: ownTaskWords(words, { like, texts: { ...getValues('texts'), say } }).say(numbers),
        })
      : undefined;
  return (
    <TextField
      label={label()}
      required={ownTextRules[name].isNeeded === true}
      multiline={name !== 'name'}
      error={error !== undefined}
      helperText={
        error ??
        sample ??
        hint ??
        (name === 'say' ? numbersHint(textsOf(words, like, schools).say) : undefined)
      }
      sx={isLong && { gridColumn: '1 / -1' }}
      {...register(`texts.${name}`)}
    />
  );
}

/** Where numbers go, and which of them a task like this has. */
function numbersHint(say: string): string {
  const { numberHint, moreNumbers } = words.ownTasks;
  const first = numberHint({ n: '{n}' });
  const hasMore = /\{(from|few|makes)\}/.test(say);
  return hasMore ? `${first} ${moreNumbers({ from: '{from}', few: '{few}', makes: '{makes}' })}` : first;
}
