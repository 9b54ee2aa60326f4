import { amountOf, cautionsFor, describeSet, laysThings, setOf, taskOf, type Need } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { headingFont, palette } from '../../app/theme.js';
import { todayHere } from '../../app/days.js';
import { needWords } from '../../app/needs.js';
import { NumberStrip } from '../thumb/NumberStrip.js';
import { scriptFor, wayOf, type Standing } from './script.js';
import type { Plan, Sitting } from '../sitting.js';

interface SayAndLayProps {
  readonly child: Sitting['child'];
  readonly plan: Plan;
  readonly standing: Standing;
  readonly access: readonly Need[];
}

/** What to say, largest; what to lay, with its cautions and with what this child needs otherwise. */
export function SayAndLay({ child, plan, standing, access }: SayAndLayProps) {
  const task = taskOf(plan.task);
  const { say, then, avoid } = scriptFor(plan, standing);
  const isRead = standing.phase === 'read';
  const isLaying = isRead || standing.phase === 'laying';
  const way = wayOf(plan);
  return (
    <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start', overflow: 'auto', minHeight: 0, flex: 1 }}>
      <Box>
        <Label>{isRead ? 'Then say' : 'Say'}</Label>
        <Typography sx={spoken}>“{say}”</Typography>
        {then && isLaying && (
          <Typography sx={{ fontFamily: headingFont, fontSize: '1.15rem', mt: 0.75 }}>
            {task.midway ? 'on the way' : 'then'} “{then}”
          </Typography>
        )}
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.75 }}>
          {avoid}
        </Typography>
      </Box>
      <Box sx={{ borderTop: `1px solid ${palette.line}`, pt: 1.25 }}>
        <Label>{isRead ? 'Then lay' : 'Lay'}</Label>
        <Typography variant="h2">{layWords(plan)}</Typography>
        <Typography variant="body2">{[task.lay, way?.words].filter(Boolean).join('; ')}</Typography>
        {task.also.length > 0 && <Typography variant="body2">Also {task.also.join(', ')}</Typography>}
        <NumberStrip plan={plan} child={child} />
      </Box>
      {access.map((need) => (
        <Box key={need} role="note" aria-label={`For ${child.firstName}: ${need}`} sx={note}>
          <Typography variant="body2">
            <b>{needWords[need]}</b>: {task.adaptations[need]}
          </Typography>
        </Box>
      ))}
      <Box
        component="ul"
        aria-label="Cautions"
        sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}
      >
        {[...thingsOf(plan).flatMap((kind) => cautionsFor(kind, child, todayHere())), ...task.cautions].map(
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

/** Each kind that lies on the tray. */
function thingsOf({ task, things, layout }: Plan): readonly string[] {
  if (!laysThings(taskOf(task))) return [];
  return [
    ...new Set([
      ...(layout?.bowls?.map((bowl) => bowl.things) ?? [things]),
      ...(layout?.model ? [layout.model] : []),
    ]),
  ];
}

function layWords({ task: id, size, things, layout }: Plan): string {
  const task = taskOf(id);
  if (!laysThings(task)) return 'Nothing to lay';
  const set = setOf(task, size, things, layout);
  const isPile = set.pile !== undefined && layout?.places === undefined && layout?.model === undefined;
  return isPile ? amountOf(set.pile!, things) : describeSet(set);
}

function Label({ children }: { readonly children: string }) {
  return (
    <Typography variant="body2" color="textSecondary" component="p">
      {children}
    </Typography>
  );
}

const spoken = {
  fontFamily: headingFont,
  fontWeight: 600,
  fontSize: { xs: '1.5rem', lg: '1.8rem' },
  lineHeight: 1.22,
} as const;

const note = { borderLeft: `4px double ${palette.water}`, px: 1.5, py: 0.5 } as const;
