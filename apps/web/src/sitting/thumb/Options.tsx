import type { Word } from '@dotting/core';
import type { ChoosingWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ThumbColumnProps } from './props.js';
import { words } from '../../wording/all.js';

interface OptionsProps extends Pick<ThumbColumnProps, 'onAnswer'> {
  readonly question: string;
  readonly options: readonly (readonly [value: Word, told: string])[];
}

/** All look alike: none is the right one. */
export function Options({ question, options, onAnswer }: OptionsProps) {
  return (
    <Box role="group" aria-label={question} sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="body2" color="textSecondary">
        “{question}”
      </Typography>
      {options.map(([value, told], i) => (
        <Button key={value} onClick={() => onAnswer(value)} aria-keyshortcuts={String(i + 1)} size="large">
          {told}
        </Button>
      ))}
      <Button onClick={() => onAnswer(null)}>{words.thumb.noAnswer()}</Button>
    </Box>
  );
}

/** What a task has to choose from. */
export const OwnOptions = ({
  choosing,
  onAnswer,
}: { readonly choosing: ChoosingWords } & Pick<ThumbColumnProps, 'onAnswer'>) => (
  <Options
    question={choosing.question()}
    options={Object.entries(choosing.options).map(([value, told]) => [value, told()])}
    onAnswer={onAnswer}
  />
);
