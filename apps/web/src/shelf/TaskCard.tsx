import { layoutFor, lessons, taskOf, tellingSlips, waitingFor, type TaskId } from '@dotting/core';
import { listOf, numbersIn, taskWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { Part } from '../common/Part.js';
import { headingFont, points } from '../common/theme.js';
import { useSchools } from '../common/schools.js';
import { words } from '../wording/words.js';

/** All there is to know of a task, at a number in the middle of its ladder: on one sheet of paper too. */
export function TaskCard({ id }: { readonly id: TaskId }) {
  const task = taskOf(id);
  const told = taskWords(words, id);
  const n = task.ladder[Math.floor(task.ladder.length / 2)]!;
  const numbers = numbersIn(n, layoutFor(task, n, task.only ?? 'cork', 1, task.ways?.[0]), useSchools());
  const first = lessons.filter((lesson) => waitingFor(lesson).includes(task));
  const slips = tellingSlips.filter((slip) => task.watchFor.some((one) => one === slip));
  return (
    <Box component="article" aria-label={told.name()} sx={{ display: 'grid', gap: 1.25 }}>
      <Typography variant="h2">{told.name()}</Typography>
      <Typography color="textSecondary">
        {words.shelf.childDoes({ what: told.childDoes(), n: task.minutes })}
      </Typography>
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
      <Part label={words.shelf.avoid()}>{told.avoid(numbers)}</Part>
      {told.setOut && (
        <Part label={words.say.setOut()}>
          {told.setOut(numbers)}
          {told.also && <div>{words.say.also({ things: told.also(numbers) })}</div>}
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
      <Part label={words.shelf.easier()}>{told.easier()}</Part>
      <Part label={words.shelf.harder()}>{told.harder()}</Part>
      <Part label={words.shelf.otherThings()}>{told.otherThings()}</Part>
      <Part label={words.shelf.routine()}>
        <Box component="ul" sx={points}>
          <li>{words.shelf.wholeGroup({ what: told.routine.wholeGroup() })}</li>
          <li>{words.shelf.smallGroup({ what: told.routine.smallGroup() })}</li>
          <li>{words.shelf.freeTable({ what: told.routine.freeTable() })}</li>
        </Box>
      </Part>
      {told.sheet && <Part label={words.shelf.sheet()}>{told.sheet()}</Part>}
      <Part label={words.shelf.home()}>{told.home()}</Part>
      {told.caution && <Part label={words.say.cautions()}>{told.caution()}</Part>}
    </Box>
  );
}
