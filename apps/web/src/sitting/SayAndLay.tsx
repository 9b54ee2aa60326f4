import { amountOf, cautionsFor, describeSet, howManyQuestion, setOf, taskOf, type Task } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { languageName } from '../app/language.js';
import { headingFont, palette } from '../app/theme.js';
import type { Phase, Plan, Sitting } from './sitting.js';

interface SayAndLayProps {
  readonly child: Sitting['child'];
  readonly plan: Sitting['plan'];
  readonly phase: Phase;
  readonly hasAnswered: boolean;
}

/** What to say, largest; what to lay, with its cautions. */
export function SayAndLay({ child, plan, phase, hasAnswered }: SayAndLayProps) {
  const task = taskOf(plan.task);
  const today = new Date().toLocaleDateString('sv-SE');
  const isAsking = phase === 'asked';
  const again = phase !== 'read' && hasAnswered ? task.again : undefined;
  const say = task.say.replace('{n}', String(plan.size));
  return (
    <Box sx={{ display: 'grid', gap: 1.75, alignContent: 'start', overflow: 'auto', minHeight: 0, flex: 1 }}>
      <Box>
        <Label>{phase === 'read' ? 'Then say' : 'Say'}</Label>
        <Typography
          sx={{
            fontFamily: headingFont,
            fontWeight: 600,
            fontSize: { xs: '1.5rem', lg: '1.8rem' },
            lineHeight: 1.22,
          }}
        >
          “{again ? again.say : isAsking ? howManyQuestion : say}”
        </Typography>
        {task.thenSay && !isAsking && !again && (
          <Typography sx={{ fontFamily: headingFont, fontSize: '1.15rem', mt: 0.75 }}>
            then “{task.thenSay}”
          </Typography>
        )}
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.75 }}>
          {again ? again.lay : isAsking ? 'Ask once, as if you did not know.' : task.avoid}
        </Typography>
      </Box>
      <Box sx={{ borderTop: `1px solid ${palette.line}`, pt: 1.5 }}>
        <Label>{phase === 'read' ? 'Then lay' : 'Lay'}</Label>
        <Typography variant="h2">{layWords(task, plan)}</Typography>
        <Typography variant="body2">
          {task.lay}
          {child.language !== 'en' && `; ${child.firstName} counts in ${languageName(child.language)}`}
        </Typography>
      </Box>
      <Box
        component="ul"
        aria-label="Cautions"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}
      >
        {[...(task.kind === 'say' ? [] : cautionsFor(plan.things, child, today)), ...task.cautions].map(
          (caution) => (
            <Typography
              component="li"
              key={caution}
              variant="body2"
              sx={{ borderLeft: `4px solid ${palette.brass}`, bgcolor: palette.brassPale, px: 1.5, py: 0.75 }}
            >
              {caution}
            </Typography>
          ),
        )}
      </Box>
    </Box>
  );
}

function layWords(task: Task, { size, things }: Plan): string {
  if (task.kind === 'say') return 'Nothing to lay';
  return task.pile === undefined ? describeSet(setOf(task, size, things)) : amountOf(task.pile, things);
}

function Label({ children }: { readonly children: string }) {
  return (
    <Typography variant="body2" color="textSecondary" component="p">
      {children}
    </Typography>
  );
}
