import {
  captureKinds,
  counters,
  isHeldBack,
  largestOf,
  laysThings,
  openWays,
  sizeBySteps,
  smallestOf,
  strands,
  tasks,
  type Lesson,
  type Strand,
  type TaskId,
} from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { languageName } from '../../common/language.js';
import { useHere } from '../../common/here.js';
import { Choice } from '../../common/Choice.js';
import { Listed } from '../../common/Listed.js';
import { narrow, slim } from '../../common/theme.js';
import type { OwnTaskView } from '@dotting/contract';
import { countable } from '@dotting/contract/counters';
import { taskIn, type Plan, type Sitting } from '../../outbox/sitting.js';
import { useOwn } from '../../common/own.js';
import { taskWords, thingsWords } from '@dotting/words';
import { words } from '../../wording/all.js';

interface ChangePlanProps {
  readonly child: Sitting['child'];
  readonly plan: Plan;
  readonly onLay: (plan: Partial<Omit<Plan, 'layout'>>, way?: string) => void;
}

/** Another task, number or kind of thing than the one proposed, in place of the column's text. */
export function ChangePlan({ child, plan, onLay }: ChangePlanProps) {
  const task = taskIn(plan);
  const { ownTasks, ownThings } = useOwn(child.roomId);
  const inUse = ownTasks.filter(({ retired }) => !retired);
  const [strand, setStrand] = useState<Strand | 'own'>(plan.own ? 'own' : task.strand);
  const lay = (change: Partial<Omit<Plan, 'layout'>>, way?: string): void =>
    onLay({ ...change, why: words.plan.ownChoice() }, way);
  return (
    <Box sx={column}>
      <Listed
        label={words.plan.strand()}
        value={strand}
        options={[
          ...strands.map((one) => [one, words.strands[one]()] as const),
          ...(inUse.length > 0 ? [['own', words.ownTasks.ours()] as const] : []),
        ]}
        onChoose={setStrand}
      />
      {strand === 'own' ? (
        <WhichOwn
          tasks={inUse}
          chosen={plan.own?.id ?? null}
          onChoose={(own) => lay({ task: own.like, own })}
        />
      ) : (
        <WhichTask
          strand={strand}
          chosen={plan.own ? null : plan.task}
          notYet={child.notYet}
          onChoose={(id) => lay({ task: id, own: undefined })}
        />
      )}
      {task.onlyRungs ? (
        <Choice
          label={words.plan.howMany()}
          value={String(plan.size)}
          options={task.ladder.map((rung) => [String(rung), String(rung)])}
          onChoose={(rung) => lay({ size: Number(rung) })}
        />
      ) : (
        <HowMany plan={plan} onSize={(size) => lay({ size })} />
      )}
      {task.ways && (
        <Choice
          label={words.plan.way()}
          value={plan.layout?.way ?? null}
          options={openWays(task, child.notYet)!.map((id) => [
            id,
            taskWords(words, task.id).ways![id]!.name(),
          ])}
          onChoose={(way) => lay({}, way)}
        />
      )}
      <HowItCounts plan={plan} onLay={lay} />
      <InWhich child={child} plan={plan} onLay={lay} />
      {laysThings(task) && task.only === undefined && (
        <Choice
          label={words.plan.using()}
          value={plan.things}
          options={[...counters, ...countable(ownThings)].map(({ id }) => [id, thingsWords(words, id)])}
          onChoose={(things) => lay({ things })}
          columns={3}
        />
      )}
    </Box>
  );
}

interface PartOfPlanProps {
  readonly plan: Plan;
  readonly onLay: (change: Partial<Omit<Plan, 'layout'>>) => void;
}

/** From which number, and by how many. */
function HowItCounts({ plan, onLay }: PartOfPlanProps) {
  const task = taskIn(plan);
  const { step = 1 } = plan;
  return (
    <>
      {task.starts && step === 1 && (
        <Choice
          label={words.plan.startsAt()}
          value={String(plan.start ?? 1)}
          options={task.starts.map((start) => [
            String(start),
            start === 'any' ? words.plan.anywhere() : String(start),
          ])}
          onChoose={(start) => onLay({ start: task.starts!.find((one) => String(one) === start) })}
        />
      )}
      {task.steps && (
        <Choice
          label={words.plan.bySteps()}
          value={String(step)}
          options={task.steps.map((one) => [String(one), words.plan.step({ n: one })])}
          onChoose={(chosen) =>
            onLay({ start: undefined, step: task.steps!.find((one) => String(one) === chosen) })
          }
        />
      )}
    </>
  );
}

/** In which of the child’s languages, or in two at once. */
function InWhich({ child, plan, onLay }: PartOfPlanProps & Pick<ChangePlanProps, 'child'>) {
  const { here } = useHere();
  const { kind } = taskIn(plan);
  return (
    <>
      {child.languages.length > 1 && captureKinds[kind].asksForWords && (
        <Choice
          label={words.plan.both()}
          value={plan.second ?? 'alone'}
          options={[
            ['alone', words.plan.oneLanguage()],
            ...child.languages
              .filter((tag) => tag !== plan.language)
              .map((tag) => [tag, languageName(tag, here.languages)] as const),
          ]}
          onChoose={(tag) => onLay({ second: tag === 'alone' ? undefined : tag })}
        />
      )}
      {child.languages.length > 1 && (
        <Choice
          label={words.fields.countsInNow()}
          value={plan.language}
          options={child.languages.map((tag) => [tag, languageName(tag, here.languages)])}
          onChoose={(language) => onLay({ language, second: undefined })}
        />
      )}
    </>
  );
}

interface WhichTaskProps {
  /** Lessons that come first: what needs them waits. */
  readonly notYet: readonly Lesson[];
  readonly strand: Strand;
  readonly chosen: TaskId | null;
  readonly onChoose: (id: TaskId) => void;
}

/** So many lie side by side without pushing the rest off a small tablet. */
const mostSideBySide = 8;

/** The tasks of a strand: a button each, or a list where there are many. */
function WhichTask({ strand, chosen, notYet, onChoose }: WhichTaskProps) {
  const ofStrand = tasks.filter((one) => one.strand === strand && !one.inGroup && !isHeldBack(one, notYet));
  const options = ofStrand.map(({ id }) => [id, taskWords(words, id).name()] as const);
  if (ofStrand.length <= mostSideBySide)
    return (
      <Choice label={words.plan.task()} value={chosen} options={options} onChoose={onChoose} columns={2} />
    );
  const isOfStrand = ofStrand.some(({ id }) => id === chosen);
  return (
    <Listed
      label={words.plan.task()}
      value={isOfStrand ? chosen : null}
      options={options}
      onChoose={onChoose}
    />
  );
}

interface WhichOwnProps {
  readonly tasks: readonly OwnTaskView[];
  readonly chosen: string | null;
  readonly onChoose: (task: OwnTaskView) => void;
}

/** The tasks that the room has written. */
function WhichOwn({ tasks: own, chosen, onChoose }: WhichOwnProps) {
  return (
    <Listed<string>
      label={words.plan.task()}
      value={own.some(({ id }) => id === chosen) ? chosen : null}
      options={own.map(({ id, texts }) => [id, texts.name])}
      onChoose={(id) => onChoose(own.find((one) => one.id === id)!)}
    />
  );
}

/** How many to set out, or up to which number: one step fewer or more at a time. */
function HowMany({ plan, onSize }: { readonly plan: Plan; readonly onSize: (size: number) => void }) {
  const task = taskIn(plan);
  const { step = 1 } = plan;
  const smallest = step === 1 ? smallestOf(task) : sizeBySteps(task, 0, step);
  const largest = step === 1 ? largestOf(task) : sizeBySteps(task, Infinity, step);
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
        {laysThings(task) ? words.plan.howMany() : words.plan.toNumber()}
      </Typography>
      <Button
        aria-label={words.plan.oneFewer()}
        disabled={plan.size <= smallest}
        onClick={() => onSize(plan.size - step)}
        sx={{ fontSize: '1.4rem', minWidth: 48 }}
      >
        −
      </Button>
      <Typography
        sx={{ fontSize: '1.6rem', minWidth: 40, textAlign: 'center', fontWeight: 700 }}
        aria-live="polite"
        aria-label={words.plan.howManyOut()}
        role="status"
      >
        {plan.size}
      </Typography>
      <Button
        aria-label={words.plan.oneMore()}
        disabled={plan.size >= largest}
        onClick={() => onSize(plan.size + step)}
        sx={{ fontSize: '1.4rem', minWidth: 48 }}
      >
        +
      </Button>
    </Box>
  );
}

/** Upright in two columns, balanced, so that the plan below it keeps its room. */
const column = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr)',
  gap: 1.25,
  alignContent: 'start',
  // The name of the first list stands on its edge.
  pt: 1,
  flex: 1,
  overflow: 'auto',
  minHeight: 0,
  [narrow]: { display: 'block', columns: 2, columnGap: 3, '& > *': { breakInside: 'avoid', mb: 1.25 } },
  [slim]: { columns: 1 },
} as const;
