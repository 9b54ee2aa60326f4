import type { DotView, SkillLineView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { capitalised } from '../common/text.js';
import { slim } from '../common/theme.js';
import { DotLine } from '../dotline/DotLine.js';
import { words } from '../wording/all.js';
import { useOpenedSkill } from './opened.js';

const SkillDetail = lazy(() => import('./SkillDetail.js'));

interface SkillLineProps {
  readonly childId: string;
  readonly line: SkillLineView;
  /** The number whose tries are shown below. */
  readonly opened: number | undefined;
  readonly onOpen: (dot: DotView) => void;
}

/** So that the words have room beside the dots, in px. */
export const lineRadius = 4.8;

const trendWords: Record<SkillLineView['trend'], () => string> = {
  rising: () => words.child.more(),
  steady: () => '',
  falling: () => words.child.less(),
  new: () => '',
};

/** One skill of a child: its name, its dots, what may be said, and on demand how it came about. */
export function SkillLine({ childId, line, opened, onOpen }: SkillLineProps) {
  const [isDetailed, toggleDetail] = useOpenedSkill(line.skill);
  const name = capitalised(line.name);
  const said = line.overruled?.words ?? line.statement;
  return (
    <>
      <Box sx={cell}>
        <Button
          variant="text"
          onClick={toggleDetail}
          aria-expanded={isDetailed}
          sx={{ px: 0, textAlign: 'start', justifyContent: 'flex-start', fontWeight: 700, lineHeight: 1.2 }}
        >
          {name}
        </Button>
      </Box>
      <Box sx={{ ...further, minHeight: 52 }}>
        <DotLine
          radius={lineRadius}
          dots={line.dots.slice(0, 20)}
          label={name}
          onOpen={onOpen}
          opened={opened}
        />
      </Box>
      <Box sx={{ ...further, py: 0.5 }}>
        <Typography variant="body2">
          {capitalised(said)}.{line.overruled && <i> {words.child.inWordsOf({ name: line.overruled.by })}</i>}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {[wantingWords(line), trendWords[line.trend](), line.obstacle]
            .flatMap((one) => (one ? capitalised(one) : []))
            .join(' · ')}
        </Typography>
      </Box>
      {isDetailed && (
        <Box sx={{ gridColumn: '1 / -1', pb: 2 }}>
          <Suspense>
            <SkillDetail childId={childId} line={line} />
          </Suspense>
        </Box>
      )}
    </>
  );
}

/** What is still to be seen before what is likely can be sure. */
const wantingWords = ({ wanting }: SkillLineView): string =>
  wanting.length === 0 ? '' : words.child.stillWanting({ what: wanting.join(', ') });

const cell = {
  borderTop: 1,
  borderColor: 'sand',
  alignSelf: 'stretch',
  alignContent: 'center',
} as const;
/** Below the name, where the parts of a skill lie one under the other. */
const further = { ...cell, [slim]: { borderTop: 0 } } as const;
