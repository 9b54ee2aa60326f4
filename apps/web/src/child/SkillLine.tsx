import type { DotLineView, DotView } from '@dotting/contract';
import type { DotForm } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { skillWords } from '../app/skills.js';
import { palette } from '../app/theme.js';
import { DotLine } from '../dotline/DotLine.js';

interface SkillLineProps {
  readonly line: DotLineView;
  /** The number whose tries are shown below. */
  readonly opened: number | undefined;
  readonly onOpen: (dot: DotView) => void;
}

/** One skill of a child: its name (plain words on demand), its dots, and the same in words. */
export function SkillLine({ line, opened, onOpen }: SkillLineProps) {
  const [isExplained, setIsExplained] = useState(false);
  const { name, plain } = skillWords[line.skill];
  const cell = { borderTop: `1px solid ${palette.sand}`, alignSelf: 'stretch', alignContent: 'center' };
  return (
    <>
      <Box sx={cell}>
        <Button
          variant="text"
          onClick={() => setIsExplained(!isExplained)}
          aria-expanded={isExplained}
          sx={{ px: 0, textAlign: 'left', justifyContent: 'flex-start', fontWeight: 700 }}
        >
          {name}
        </Button>
        {isExplained && (
          <Typography variant="body2" color="textSecondary" sx={{ pb: 1 }}>
            {plain}
          </Typography>
        )}
      </Box>
      <Box sx={{ ...cell, minHeight: 52 }}>
        <DotLine dots={line.dots.slice(0, 20)} label={name} onOpen={onOpen} opened={opened} />
      </Box>
      <Typography variant="body2" color="textSecondary" sx={cell}>
        {inWords(line)}
      </Typography>
    </>
  );
}

/** "steady at 5 to 8; comes and goes at 9, 10". */
function inWords({ dots }: DotLineView): string {
  const tries = dots.reduce((sum, dot) => sum + dot.tries.length, 0);
  if (tries === 0) return 'nobody has looked';
  if (dots.length === 1)
    return { full: 'steady', half: 'comes and goes', ring: 'not there yet', speck: '' }[dots[0]!.form];
  const at = (form: DotForm, words: string): string[] => {
    const numbers = dots.filter((dot) => dot.form === form).map((dot) => dot.n);
    return numbers.length === 0 ? [] : [`${words} ${runs(numbers)}`];
  };
  return [...at('full', 'steady at'), ...at('half', 'comes and goes at'), ...at('ring', 'not yet at')].join(
    '; ',
  );
}

/** Rising numbers with runs drawn together: "3, 5–8". */
function runs(numbers: readonly number[]): string {
  const parts: [number, number][] = [];
  for (const n of numbers) {
    const last = parts.at(-1);
    if (last && last[1] === n - 1) last[1] = n;
    else parts.push([n, n]);
  }
  return parts.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ');
}
