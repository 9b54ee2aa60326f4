const strandNames = {
  'stable-order': 'Stable order',
  'one-to-one': 'One-to-one',
  cardinality: 'Cardinality',
};
const captures = {
  say: 'a run of words, one tap each',
  count: 'words and touches on the mirror of the tray, one tap for a word with a touch',
  give: 'how many were handed over, and what they were made into',
  share: 'things put one to a place, one tap each',
  choose: 'one of two or three, in one tap',
  answer: 'a number or nothing, asked once more after something was done to the things',
};

/** The page of the shelf, from its entries. */
export function tasksPage({ tasks, strands }) {
  const rows = tasks.map(
    ({ id, name, skill, kind, ladder, minutes }) =>
      `| [${name}](#${id}) | ${skill} | ${kind} | ${ladder.join(', ')} | ${minutes} |`,
  );
  const parts = strands.flatMap((strand) => [
    `## ${strandNames[strand]}`,
    '',
    ...tasks.filter((task) => task.strand === strand).flatMap(entry),
  ]);
  return [
    '# The shelf of tasks',
    '',
    'Made from `packages/core/src/shelf/tasks` by `npm run docs`. A task is one entry there; adding one of a known kind',
    'touches that file alone. The counters and their cautions are in `counters.ts` and `cautions.ts`.',
    '',
    'How a try is taken down: ' +
      Object.entries(captures)
        .map(([kind, how]) => `*${kind}*, ${how}`)
        .join('; ') +
      '. What',
    'went otherwise is marked on the last tap, by thumb or by key ("?" lists the keys). "How many?" can be asked after any',
    'count.',
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

function entry(task) {
  const needs = Object.entries(task.adaptations).map(([need, how]) => `  - ${need}: ${how}`);
  return [
    `### ${task.id}`,
    '',
    `**${task.name}.** The child ${task.childDoes}.`,
    '',
    `- **Say** "${task.say}"${task.thenSay ? `, then "${task.thenSay}"` : ''}${task.again ? ` ${task.again.lay} "${task.again.say}"` : ''}`,
    ...(task.ways
      ? [
          `- **By turns**: ${task.ways.map((way) => (way.say ? `${way.words} ("${way.say}")` : way.words)).join('; ')}`,
        ]
      : []),
    ...(task.midway ? [`- **On the way** "${task.midway.question}"`] : []),
    ...(task.choosing
      ? [
          `- **To choose** "${task.choosing.question}" ${task.choosing.options.map((option) => option.words).join(', ')}`,
        ]
      : []),
    `- **Do not**: ${task.avoid}`,
    ...(task.lay
      ? [
          `- **Lay** ${task.pile ? `${task.pile} things ` : ''}${task.lay}${task.also.length > 0 ? `; also ${task.also.join(', ')}` : ''}`,
        ]
      : []),
    `- **Watch for** ${task.watchFor.join(', ')}`,
    `- **Down**: ${task.stepDown.task}, ${task.stepDown.how}. **Up**: ${task.stepUp.task}, ${task.stepUp.how}.`,
    `- **With other things**: ${task.otherThings}`,
    ...(task.cautions.length > 0 ? [`- **Caution**: ${task.cautions.join(' ')}`] : []),
    `- **The routine**: whole group: ${task.routine.wholeGroup} Small group: ${task.routine.smallGroup} Free table: ${task.routine.freeTable}`,
    `- **On paper**: ${task.sheet ?? 'nothing'}. **At home**: ${task.home}`,
    '- **Otherwise, for**',
    ...needs,
    '',
  ];
}
