import { digitByDigit } from '@dotting/core';
import Button from '@mui/material/Button';
import type { ThumbColumnProps } from './props.js';
import { NumberPad } from './NumberPad.js';
import { words } from '../../wording/all.js';

interface AnswerProps extends Pick<ThumbColumnProps, 'onAnswer'> {
  /** A numeral of two digits is to be named, and may be said digit by digit. */
  readonly digits?: boolean;
}

/** What the child said when asked how many, or what number it is. */
export function Answer({ onAnswer, digits = false }: AnswerProps) {
  return (
    <>
      <NumberPad
        title={words.thumb.answerWas()}
        onSay={onAnswer}
        leaveWords={words.thumb.noAnswer()}
        onLeave={() => onAnswer(null)}
      />
      {digits && (
        <Button sx={{ mt: 1 }} fullWidth onClick={() => onAnswer(digitByDigit)}>
          {words.thumb.digitByDigit()}
        </Button>
      )}
    </>
  );
}
