import { PageTitle } from '../common/PageTitle.js';
import { PutLanguage } from '@dotting/contract';
import { shippedLanguages, tenAndSome, type NumberWords } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Checkbox from '@mui/material/Checkbox';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { request } from '../api/http.js';
import { sending } from '../common/sending.js';
import { Reasons } from '../common/Reasons.js';
import { Changes, languagesChanged } from './Changes.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';
import { useUnsaved } from '../common/unsaved.js';

/** The number words children here may count in: those that are shipped, and the site's own lists. */
export function LanguagesPage() {
  const { here, adult } = useHere();
  const mayChange = adult.role !== 'assistant';
  return (
    <Box sx={{ maxWidth: 980, display: 'grid', gap: 3 }}>
      <Box>
        <PageTitle>{words.languages.title()}</PageTitle>
        <Typography color="textSecondary">{words.languages.intro()}</Typography>
      </Box>
      {here.languages.map((list) => (
        <Words
          key={list.tag}
          list={list}
          onRemove={mayChange ? (reason) => remove(list.tag, reason) : undefined}
        />
      ))}
      {mayChange && <Changes />}
      {mayChange && <AddList />}
      {shippedLanguages.map((list) => (
        <Words key={list.tag} list={list} />
      ))}
    </Box>
  );
}

async function remove(tag: string, reason: string): Promise<void> {
  await request('POST', `languages/${tag}/removal`, { reason });
  await languagesChanged();
}

interface WordsProps {
  readonly list: NumberWords;
  readonly onRemove?: ((reason: string) => Promise<void>) | undefined;
}

function Words({ list, onRemove }: WordsProps) {
  const [isLeaving, setLeaving] = useState(false);
  const [refused, setRefused] = useState<string>();
  const comma = list.rightToLeft ? '، ' : ', ';
  return (
    <Box component="section" aria-label={list.name}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography variant="h2">{list.name}</Typography>
        {onRemove && (
          <Button aria-expanded={isLeaving} onClick={() => setLeaving(!isLeaving)}>
            {words.languages.remove()}
          </Button>
        )}
      </Box>
      {onRemove && isLeaving && (
        <Reasons
          title={words.languages.whyRemoved()}
          usual={[words.languages.nobodyCounts(), words.languages.byMistake()]}
          onReason={(reason) => void onRemove(reason).catch((error: Error) => setRefused(error.message))}
        />
      )}
      {refused && <Alert>{refused}</Alert>}
      <Box
        lang={list.tag}
        dir={list.rightToLeft ? 'rtl' : 'ltr'}
        sx={{ borderTop: 1, borderColor: 'line', pt: 0.5 }}
      >
        {list.words.join(comma)}
        {list.words.length > 12 && (
          <Typography color="textSecondary" component="div">
            {[11, 12, 13].map((n) => tenAndSome(list, n)).join(comma)} …
          </Typography>
        )}
      </Box>
    </Box>
  );
}

/** A list of the site's own, a word to a line. */
function AddList() {
  const { here } = useHere();
  const { register, handleSubmit, setError, reset, control, formState } = useForm<PutLanguage>({
    resolver: classValidatorResolver(PutLanguage),
    defaultValues: { tag: '', name: '', rightToLeft: false, words: [], reason: undefined },
  });
  const { errors, isDirty, isSubmitting } = formState;
  useUnsaved(isDirty);
  const tag = useWatch({ control, name: 'tag' });
  const isHere = here.languages.some((list) => list.tag === tag);
  const add = handleSubmit((list) =>
    sending(setError, async () => {
      await request('PUT', `languages/${list.tag}`, list);
      await languagesChanged();
      reset();
    }),
  );
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void add(event)}
      sx={form}
      aria-label={words.languages.add()}
    >
      <Typography variant="h2" sx={{ gridColumn: '1 / -1' }}>
        {words.languages.add()}
      </Typography>
      <TextField
        label={words.fields.name()}
        error={!!errors.name}
        helperText={errors.name?.message ?? words.languages.nameHint()}
        {...register('name')}
      />
      <TextField
        label={words.languages.tag()}
        error={!!errors.tag}
        helperText={errors.tag?.message ?? words.languages.tagHint()}
        {...register('tag')}
      />
      <TextField
        label={words.languages.wordsField()}
        multiline
        minRows={4}
        sx={{ gridColumn: '1 / -1' }}
        error={!!errors.words}
        helperText={errors.words?.message ?? words.languages.wordsHint()}
        slotProps={{ htmlInput: { dir: 'auto' } }}
        {...register('words', { setValueAs: linesOf })}
      />
      {isHere && (
        <TextField
          label={words.languages.whyChanged()}
          sx={{ gridColumn: '1 / -1' }}
          error={!!errors.reason}
          helperText={errors.reason?.message ?? words.languages.whyChangedHint()}
          {...register('reason', { setValueAs: (text: string | undefined) => text?.trim() || undefined })}
        />
      )}
      <FormControlLabel
        control={<Checkbox {...register('rightToLeft')} />}
        label={words.languages.rightToLeft()}
      />
      {errors.root && <Alert sx={{ gridColumn: '1 / -1' }}>{errors.root.message}</Alert>}
      <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
        {words.languages.save()}
      </Button>
    </Box>
  );
}

const linesOf = (text: string | string[]): string[] =>
  Array.isArray(text)
    ? text
    : text
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line !== '');

const form = {
  display: 'grid',
  gridTemplateColumns: '1fr 1fr',
  gap: 2,
  bgcolor: 'gate',
  border: 1,
  borderColor: 'line',
  borderRadius: '14px',
  p: 2,
} as const;
