import type { ChildView } from '@dotting/contract';
import { waitingFor, type Lesson, type Task } from '@dotting/core';
import { listOf, taskWords } from '@dotting/words';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { words } from '../wording/all.js';

interface LessonsFirstProps {
  readonly child: ChildView;
  readonly mayChange: boolean;
}

/** The lessons that come first, what waits for each, and that the child can do it now. */
export function LessonsFirst({ child, mayChange }: LessonsFirstProps) {
  const change = useMutation({
    mutationFn: (notYet: readonly Lesson[]) => request('PATCH', `children/${child.id}`, { notYet }),
    onSuccess: () => queryClient.invalidateQueries(),
  });
  return (
    <>
      {child.notYet.map((lesson) => (
        <Box
          key={lesson}
          role="group"
          aria-label={words.lessons[lesson].name()}
          sx={{ border: '1px solid', borderColor: 'sand', borderRadius: 1.5, p: 1.5 }}
        >
          <Typography variant="body2" color="textSecondary">
            {words.lessons.title()}
          </Typography>
          <Typography variant="h3">{words.lessons[lesson].name()}</Typography>
          <Typography variant="body2" sx={{ mt: 0.5 }}>
            {words.lessons[lesson].how()}
          </Typography>
          <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
            {words.lessons.heldBack({ tasks: namesOf(lesson) })}
          </Typography>
          {mayChange && (
            <Button
              disabled={change.isPending}
              onClick={() => change.mutate(child.notYet.filter((one) => one !== lesson))}
              sx={{ mt: 1, displayPrint: 'none' }}
            >
              {words.lessons.canNow()}
            </Button>
          )}
        </Box>
      ))}
      {change.error && <Alert>{change.error.message}</Alert>}
    </>
  );
}

const namesOf = (lesson: Lesson): string =>
  listOf(
    words,
    waitingFor(lesson).map((task) => nameOf(task, lesson)),
  );

/** A task, or the one way of it that waits. */
function nameOf({ id, lessonOfWay = {} }: Task, lesson: Lesson): string {
  const told = taskWords(words, id);
  const way = Object.keys(lessonOfWay).find((one) => lessonOfWay[one] === lesson);
  return way === undefined
    ? told.name()
    : words.lessons.oneWay({ task: told.name(), way: told.ways![way]!.name() });
}
