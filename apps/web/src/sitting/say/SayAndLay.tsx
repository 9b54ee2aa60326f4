import { cautionsFor, laysThings, setOf, type Need } from '@dotting/core';
import {
  adaptationOf,
  amountOf,
  describeSet,
  layingOf,
  listOf,
  numbersIn,
  tellCautions,
  thingsWords,
} from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { headingFont, narrow, palette, slim, tight } from '../../common/theme.js';
import { todayHere } from '../../common/days.js';
import { NumberStrip } from '../thumb/NumberStrip.js';
import { planWords, scriptFor, wayWords, type Standing } from './script.js';
import { taskIn, type Plan, type Sitting } from '../../outbox/sitting.js';
import { useOwn } from '../../common/own.js';
import { CardButton } from '../../shelf/CardButton.js';
import { words } from '../../wording/all.js';

interface SayAndLayProps {
  readonly child: Sitting['child'];
  readonly plan: Plan;
  readonly standing: Standing;
  readonly access: readonly Need[];
}

/** What to say, largest; what to lay, with its cautions and with what this child needs otherwise. */
export function SayAndLay({ child, plan, standing, access }: SayAndLayProps) {
  const task = taskIn(plan);
  const { counters } = useOwn(child.roomId);
  const { say, then, avoid } = scriptFor(plan, standing);
  const isRead = standing.phase === 'read';
  const isLaying = isRead || standing.phase === 'laying';
  const told = planWords(plan);
  const numbers = numbersIn(plan.size, plan.layout, standing.schools);
  const way = wayWords(plan);
  const beside = (plan.own?.beside ?? []).map((kind) => thingsWords(words, kind));
  const also = listOf(words, [...(told.also ? [told.also(numbers)] : []), ...beside]);
  // Where no counters are, what else is used is what is set out.
  const laid = laysThings(task) ? layWords(plan) : also || words.say.nothingToSetOut();
  const cautions = tellCautions(
    words,
    [...thingsOf(plan), ...(plan.own?.beside ?? [])].flatMap((kind) =>
      cautionsFor(kind, child, todayHere(), counters),
    ),
    child,
  );
  return (
    <Box sx={column}>
      <Box>
        <Label>{isRead ? words.say.thenSay() : words.say.say()}</Label>
        <Typography sx={spoken}>“{say}”</Typography>
        {then && isLaying && (
          <Typography sx={{ fontFamily: headingFont, fontSize: '1.15rem', mt: 0.75 }}>
            {task.midway ? words.say.onTheWay() : words.say.then()} “{then}”
          </Typography>
        )}
        <Typography variant="body2" color="textSecondary" sx={{ mt: 0.75 }}>
          {avoid}
        </Typography>
      </Box>
      <Box sx={layColumn}>
        <Label>{isRead ? words.say.thenSetOut() : words.say.setOut()}</Label>
        <Typography variant="h2">{laid}</Typography>
        <Typography variant="body2">
          {[(task.asksAgain ? told : { ...told, ...way }).setOut?.(numbers), way?.name()]
            .filter(Boolean)
            .join('; ')}
        </Typography>
        {plan.layout?.comparison && (
          <Box component="ul" sx={{ my: 0.5 }}>
            {layingOf(words, plan.layout.comparison).map((line) => (
              <Typography component="li" key={line} variant="body2">
                {line}
              </Typography>
            ))}
          </Box>
        )}
        {laid !== also && also && <Typography variant="body2">{words.say.also({ things: also })}</Typography>}
        <NumberStrip plan={plan} child={child} twenty={standing.schools.twenty} />
        {isLaying && <CardButton task={plan.task} own={plan.own} />}
      </Box>
      {access.map((need) => (
        <Box
          key={need}
          role="note"
          aria-label={words.say.forChild({ name: child.firstName, what: words.needs[need]() })}
          sx={note}
        >
          <Typography variant="body2">
            <b>{words.options.needs[need]()}</b>: {adaptationOf(words, task.id, need, told)}
          </Typography>
        </Box>
      ))}
      <Box component="ul" aria-label={words.say.cautions()} sx={{ display: 'grid', gap: 1 }}>
        {[...cautions, ...(told.caution ? [told.caution()] : [])].map((caution) => (
          <Typography
            component="li"
            key={caution}
            variant="body2"
            sx={{
              borderInlineStart: `4px solid ${palette.brass}`,
              bgcolor: 'brassPale',
              px: 1.5,
              py: 0.75,
            }}
          >
            {caution}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** Each kind that lies on the tray. */
function thingsOf({ size, things, layout, ...plan }: Plan): readonly string[] {
  if (!laysThings(taskIn(plan)) || size === 0) return [];
  return [
    ...new Set([
      ...((layout?.bowls ?? layout?.sorted ?? layout?.comparison?.sets)?.map((set) => set.things) ?? [
        things,
      ]),
      ...(layout?.model ? [layout.model] : []),
      ...(layout?.carry?.unit ?? []),
    ]),
  ];
}

function layWords({ size, things, layout, ...plan }: Plan): string {
  if (layout?.comparison) {
    return listOf(
      words,
      layout.comparison.sets.map((set) => amountOf(words, set.n, set.things)),
    );
  }
  if (layout?.pairs) return amountOf(words, size, things);
  if (layout?.parts)
    return listOf(
      words,
      [things, layout.model!].map((kind) => amountOf(words, size, kind)),
    );
  const set = setOf(taskIn(plan), size, things, layout);
  const isPile =
    set.pile !== undefined &&
    layout?.change === undefined &&
    layout?.places === undefined &&
    layout?.model === undefined;
  return isPile ? amountOf(words, set.pile!, things) : describeSet(words, set);
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
  fontSize: '1.8rem',
  [tight]: { fontSize: '1.5rem' },
  lineHeight: 1.22,
} as const;

/** Upright, what to say lies beside what to lay. */
const column = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr)',
  gap: 1.5,
  alignContent: 'start',
  overflow: 'auto',
  minHeight: 0,
  flex: 1,
  [narrow]: { gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)', columnGap: 3 },
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)' },
} as const;

/** Below what to say there is a line between them. */
const layColumn = {
  borderTop: 1,
  borderColor: 'line',
  pt: 1.25,
  [narrow]: { borderTop: 0, pt: 0 },
} as const;

const note = { borderInlineStart: `4px double ${palette.water}`, px: 1.5, py: 0.5 } as const;
