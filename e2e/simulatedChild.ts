import { numbersIn, taskWords } from '@dotting/words';
import { english } from '@dotting/words/all';
import type { Page } from '@playwright/test';
import type { HiddenAbility } from '../packages/core/src/simulate/child.js';

import type { Random } from '../packages/core/src/common/random.js';
import { putOf, simulateTry } from '../packages/core/src/simulate/simulateTry.js';
import { setOf, tasks, type Task } from '../packages/core/src/shelf/tasks.js';
import { settledEvents } from '../packages/core/src/trace/settled.js';
import type { Happening } from '../packages/core/src/trace/trace.js';
import { mirror, press } from './sitting.js';

/** Lets a simulated child do what the screen says is put to it, and takes it down as an adult would. */
export async function letChildTry(page: Page, ability: HiddenAbility, random: Random): Promise<Task> {
  const task = await taskOnScreen(page);
  const n = Number(/\d+/.exec((await mirror(page).getAttribute('aria-label'))!)![0]);
  const put = putOf({ task, set: setOf(task, n, 'cork'), n, asksHowMany: task.thenAsks === true });
  let asked = false;
  for (const event of settledEvents(simulateTry(ability, put, random).events)) {
    if (event.kind === 'ask') {
      if (!asked || task.asksAgain) await press(page, 'How many?');
      asked = true;
    } else await takeDown(page, event, asked);
  }
  if (!asked) await press(page, 'Done counting');
  return task;
}

async function taskOnScreen(page: Page): Promise<Task> {
  const said = await page.getByRole('region', { name: 'Say and set out' }).innerText();
  return tasks.find(
    (task) =>
      task.kind === 'count' &&
      said.includes(`“${taskWords(english, task.id).say(numbersIn(0, undefined))}”`) &&
      (task.thenAsks === true) === said.includes('then “'),
  )!;
}

async function takeDown(page: Page, event: Happening, asked: boolean): Promise<void> {
  const tap = () => mirror(page).click({ position: { x: 150, y: 90 } });
  switch (event.kind) {
    case 'count':
      await tap();
      if (event.item === 'again' && !asked) await press(page, 'Counted twice');
      return;
    case 'say':
      await tap();
      return asked ? undefined : press(page, 'Word, no touch');
    case 'touch':
      await tap();
      return asked ? undefined : press(page, 'Touch, no word');
    case 'passed-over':
      return asked ? undefined : press(page, 'Missed one');
    case 'answer':
      return press(page, event.value === 'did-not-know' ? 'Didn’t know' : String(event.value));
    default:
      throw new Error(`A simulated child does not ${event.kind} here`);
  }
}
