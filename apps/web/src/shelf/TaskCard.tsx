import type { OwnTask } from '@dotting/words';
import {
  entryOf,
  layoutFor,
  lessons,
  needs,
  taskOf,
  tellingSlips,
  waitingFor,
  type Task,
  type TaskId,
} from '@dotting/core';
import { listOf, numbersIn, ownTaskWords, taskWords, thingsWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { Part } from '../common/Part.js';
import { headingFont, points } from '../common/theme.js';
import { useSchools } from '../common/schools.js';
import { words } from '../wording/all.js';

interface TaskCardProps {
  readonly id: TaskId;
  /** The room’s own task that goes like it, where it is one. */
  readonly own?: OwnTask | undefined;
}

/** All there is to know of a task, at a number in the middle of its ladder: on one sheet of paper too. */
export function TaskCard({ id, own }: TaskCardProps) {
  const task = own ? entryOf(own) : taskOf(id);
  const told = own ? ownTaskWords(words, own) : taskWords(words, id);
  const n = task.ladder[Math.floor(task.ladder.length / 2)]!;
  // By a kind that is on the shelf: only numbers are read from it.
  const numbers = numbersIn(n, layoutFor(task, n, 'cork', 1, task.ways?.[0]), useSchools());
  const first = lessons.filter((lesson) => waitingFor(lesson).some((one) => one.id === id));
  const slips = tellingSlips.filter((slip) => task.watchFor.some((one) => one === slip));
  const beside = (own?.beside ?? []).map((kind) => thingsWords(words, kind));
  const also = listOf(words, [...(told.also ? [told.also(numbers)] : []), ...beside]);
  const routine = [
    told.routine.wholeGroup() && words.shelf.wholeGroup({ what: told.routine.wholeGroup() }),
    told.routine.smallGroup() && words.shelf.smallGroup({ what: told.routine.smallGroup() }),
    told.routine.freeTable() && words.shelf.freeTable({ what: told.routine.freeTable() }),
  ].filter(Boolean);
  const adapted = own
    ? needs.flatMap((need) => (own.texts[need] ? [{ need, how: own.texts[need] }] : []))
    : [];
  return (
    <Box component="article" aria-label={told.name()} sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h2">{told.name()}</Typography>
      <Typography color="textSecondary">
        {words.shelf.childDoes({ what: told.childDoes(), n: task.minutes })}
      </Typography>
      {own && (
        <Typography variant="body2" color="textSecondary">
          {words.ownTasks.goesLike({ task: taskWords(words, id).name() })}
        </Typography>
      )}
      <Typography sx={{ fontFamily: headingFont, fontSize: '1.35rem' }}>“{told.say(numbers)}”</Typography>
      {first.length > 0 && (
        <Part label={words.lessons.title()}>
          {first.map((lesson) => (
            <div key={lesson}>
              <b>{words.lessons[lesson].name()}.</b> {words.lessons[lesson].how()}
            </div>
          ))}
        </Part>
      )}
      {told.ways && (
        <Part label={words.shelf.byTurns()}>
          {listOf(
            words,
            Object.values(told.ways).map((way) => way.name()),
          )}
        </Part>
      )}
      <Said label={words.shelf.avoid()}>{told.avoid(numbers)}</Said>
      {(told.setOut || (own && also)) && (
        <Part label={words.say.setOut()}>
          {told.setOut?.(numbers)}
          {also && <div>{words.say.also({ things: also })}</div>}
        </Part>
      )}
      {task.standIn && (
        <Box sx={{ displayPrint: 'none' }}>
          <Link to={`/turned?kind=${task.standIn}`} style={{ color: 'inherit' }}>
            {words.standIns.onScreen()}: {words.standIns.kinds[task.standIn].name()}
          </Link>
        </Box>
      )}
      {slips.length > 0 && (
        <Part label={words.shelf.watchFor()}>
          <Box component="ul" sx={points}>
            {slips.map((slip) => (
              <li key={slip}>{words.moves[slip].saw()}</li>
            ))}
          </Box>
        </Part>
      )}
      <Step label={words.shelf.easier()} how={told.easier()} from={task} to={task.easier} />
      <Step label={words.shelf.harder()} how={told.harder()} from={task} to={task.harder} />
      <Said label={words.shelf.otherThings()}>{told.otherThings()}</Said>
      {adapted.length > 0 && (
        <Part label={words.ownTasks.adapted()}>
          <Box component="ul" sx={points}>
            {adapted.map(({ need, how }) => (
              <li key={need}>
                {words.options.needs[need]()}: {how}
              </li>
            ))}
          </Box>
        </Part>
      )}
      {routine.length > 0 && (
        <Part label={words.shelf.routine()}>
          <Box component="ul" sx={points}>
            {routine.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Box>
        </Part>
      )}
      <Said label={words.shelf.sheet()}>{told.sheet?.() ?? ''}</Said>
      <Said label={words.shelf.home()}>{told.home()}</Said>
      <Said label={words.say.cautions()}>{told.caution?.() ?? ''}</Said>
    </Box>
  );
}

interface StepProps {
  readonly label: string;
  readonly how: string;
  readonly from: Task;
  /** The task that is a step away; where it is the same, only how it is put changes. */
  readonly to: string;
}

function Step({ label, how, from, to }: StepProps) {
  const isOther = to !== from.id;
  if (how === '' && !isOther) return null;
  return (
    <Part label={label}>
      {how}
      {isOther && (
        <Box sx={{ displayPrint: 'none' }}>
          <Link to={`/shelf?task=${to}`} style={{ color: 'inherit' }}>
            {taskWords(words, taskOf(to).id).name()}
          </Link>
        </Box>
      )}
    </Part>
  );
}

/** A part where there is something to say. */
function Said({ label, children }: { readonly label: string; readonly children: string }) {
  return children === '' ? null : <Part label={label}>{children}</Part>;
}
