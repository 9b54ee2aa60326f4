// @ts-check
const captures = {
  say: 'a run of words, one tap each',
  count: 'words and touches on the mirror of the tray, one tap for a word with a touch',
  give: 'how many were handed over, and what they were made into',
  share: 'things put one to a place, one tap each',
  choose: 'one of two or three, in one tap',
  order: 'several of a few, put or told one after the other, one tap each',
  answer: 'a number or nothing, asked once more after something was done to the things',
};

/** The page of the shelf, from its entries and their words. */
export function tasksPage(core) {
  const { tasks, strands, english, taskWords } = core;
  const rows = tasks.map(
    ({ id, looksAt, kind, ladder, minutes }) =>
      `| [${taskWords(english, id).name()}](#${id}) | ${looksAt} | ${kind} | ${ladder.join(', ')} | ${minutes} |`,
  );
  const parts = strands.flatMap((strand) => [
    `## ${english.strands[strand]()}`,
    '',
    ...tasks.filter((task) => task.strand === strand).flatMap((task) => entry(task, core)),
  ]);
  return [
    '# The shelf of tasks',
    '',
    'Made from `packages/core/src/shelf/tasks` and `packages/words/messages/en/tasks` by `npm run docs`. A task is one entry',
    'there and one file of words in each language. The counters and their cautions are in `counters.ts` and `cautions.ts`.',
    '',
    'How a try is taken down: ' +
      Object.entries(captures)
        .map(([kind, how]) => `*${kind}*, ${how}`)
        .join('; ') +
      '. What',
    'went otherwise is marked on the last tap, by thumb or by key ("?" lists the keys). "How many?" can be asked after any',
    'count.',
    '',
    'A room writes tasks of its own beside these: each goes like one of them, with its own numbers, things and texts. See',
    '[Formats](formats.md#a-task-of-the-rooms-own).',
    '',
    '| task | tells of | taken down as | ladder | minutes |',
    '|---|---|---|---|---|',
    ...rows,
    '',
    ...parts,
  ]
    .join('\n')
    .trimEnd()
    .concat('\n');
}

/** The numbers of a task: n, or, where something is done to it, those of one that is laid. */
function numbersOf(task, { layoutFor, numbersIn, usualSchools }) {
  const n = task.ladder[Math.floor(task.ladder.length / 2)];
  return task.strand === 'counting-on-and-back'
    ? numbersIn(n, layoutFor(task, n, 'cork', 1))
    : { ...usualSchools, n: 'n', from: 'n', few: 0, makes: 'n' };
}

function entry(task, core) {
  const { english, taskWords, adaptationOf, needs } = core;
  const words = taskWords(english, task.id);
  const n = numbersOf(task, core);
  const choosing = (of) => Object.values(of.options).map((one) => one());
  return [
    `### ${task.id}`,
    '',
    `**${words.name()}.** The child ${words.childDoes()}.`,
    '',
    `- **Say** "${words.say(n)}"${words.thenSay ? `, then "${words.thenSay(n)}"` : ''}${words.again ? ` ${words.again.setOut(n)} "${words.again.say()}"` : ''}`,
    ...(words.ways
      ? [
          `- **By turns**: ${Object.values(words.ways)
            .map((way) => (way.say ? `${way.name()} ("${way.say(n)}")` : way.name()))
            .join('; ')}`,
        ]
      : []),
    ...(words.midway ? [`- **Part-way** "${words.midway.question()}"`] : []),
    ...(words.choosing
      ? [`- **To choose** "${words.choosing.question()}" ${choosing(words.choosing).join(', ')}`]
      : []),
    `- **Do not**: ${words.avoid(n)}`,
    ...(words.setOut
      ? [
          `- **Set out** ${task.pile ? `${task.pile} things ` : ''}${words.setOut(n)}${words.also ? `; also ${words.also(n)}` : ''}`,
        ]
      : []),
    `- **Watch for** ${task.watchFor.join(', ')}`,
    `- **Easier**: ${task.easier}, ${words.easier()}. **Harder**: ${task.harder}, ${words.harder()}.`,
    `- **With other things**: ${words.otherThings()}`,
    ...(words.caution ? [`- **Take care**: ${words.caution()}`] : []),
    `- **The routine**: whole group: ${words.routine.wholeGroup()} Small group: ${words.routine.smallGroup()} Free table: ${words.routine.freeTable()}`,
    `- **On paper**: ${words.sheet ? words.sheet() : 'nothing'}. **At home**: ${words.home()}`,
    '- **Adapted for**',
    ...needs.map((need) => `  - ${english.needs[need]()}: ${adaptationOf(english, task.id, need)}`),
    '',
  ];
}
