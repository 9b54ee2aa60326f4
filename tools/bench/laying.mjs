// A task chosen by hand and begun in a sit-down, whatever is proposed.
import { loadWords } from '../lib/words.mjs';

export async function layAndBegin(page, strand, task) {
  const { sitting, strands, tasks, plan } = (await loadWords()).english;
  const column = page.getByRole('region', { name: sitting.sayAndSetOut() });
  await page.getByRole('button', { name: sitting.changeTask() }).click();
  await column.getByRole('combobox', { name: plan.strand() }).click();
  await page.getByRole('option', { name: strands[strand](), exact: true }).click();
  await chooseTask(page, column, { name: tasks[task].name(), list: plan.task() });
  await page.getByRole('button', { name: sitting.useThis() }).click();
  await page.getByRole('button', { name: sitting.start() }).click();
}

/** Few tasks are shown as buttons, many in a list. */
async function chooseTask(page, column, { name, list }) {
  const button = column.getByRole('button', { name, exact: true });
  const tasks = column.getByRole('combobox', { name: list });
  await button.or(tasks).first().waitFor();
  if (await button.isVisible()) return button.click();
  await tasks.click();
  await page.getByRole('option', { name, exact: true }).click();
}
