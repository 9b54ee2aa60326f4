// @ts-check
// Writes what the docs draw from the code: the model's figures and worked child, the shelf of tasks, the map
// of skills, the schema of a shared task.
// With --check it only says whether the pages are as the code has them.
import { loadCore } from './lib/core.mjs';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { figuresTable, workedChild } from './docs/model.mjs';
import { skillsPage } from './docs/skills.mjs';
import { tasksPage } from './docs/tasks.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/run.mjs';
import { runCommand, Sorry } from './lib/say.mjs';
import { loadWords } from './lib/words.mjs';

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  const core = { ...(await loadCore()), ...(await loadWords()) };
  const figures = await figuresTable();
  await keep('model.md', (before) =>
    between(between(before, 'figures', figures), 'worked child', workedChild(core)),
  );
  await keep('tasks.md', () => tasksPage(core));
  await keep('skills.md', () => skillsPage(core));
  const { taskFileSchema } = await import('../apps/server/dist/openApi/taskFileSchema.js');
  await keep('task-file.schema.json', () => `${JSON.stringify(taskFileSchema(), null, 2)}\n`);
});

/** Writes a page as the code has it, or only says that it is not. */
async function keep(name, drawn) {
  const page = path.join(root, 'docs', name);
  const before = await readFile(page, 'utf8');
  const after = drawn(before);
  if (!process.argv.includes('--check')) await writeFile(page, after);
  else if (after !== before) throw new Sorry(`docs/${name} is not as the code has it: run npm run docs.`);
}

/** The page with what stands between two marks of this name replaced. */
function between(text, name, content) {
  const [from, to] = [`<!-- ${name}, from the code -->`, `<!-- end of ${name} -->`];
  const [start, end] = [text.indexOf(from), text.indexOf(to)];
  if (start < 0 || end < start) throw new Sorry(`docs/model.md has no place for the ${name}.`);
  return `${text.slice(0, start + from.length)}\n\n${content}\n\n${text.slice(end)}`;
}
