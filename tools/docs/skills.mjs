// @ts-check
/** The page of the map of skills, drawn from its data. */
export function skillsPage({ skillMap, allStrands, tasksFor, english }) {
  const rows = skillMap.map((skill) => {
    const leans = skill.leansOn.map(({ on, offset }) =>
      offset === 0 ? on : `${on} at ${needed(skill, offset)}`,
    );
    const tasks = tasksFor(skill).map((task) => task.id);
    return `| \`${skill.id}\` | ${english.skills[skill.id]()} | ${skill.axis ? 'numbers' : 'holds or not'} | ${leans.join(', ') || 'nothing'} | ${tasks.join(', ') || 'to come'} |`;
  });
  const strands = allStrands.flatMap((strand) => [
    `  subgraph ${strand}`,
    ...skillMap
      .filter((skill) => skill.strand === strand)
      .map(({ id }) => `    ${id}["${english.skills[id]()}"]`),
    '  end',
  ]);
  const arrows = skillMap.flatMap((skill) => skill.leansOn.map(({ on }) => `  ${on} --> ${skill.id}`));
  return [
    '# The map of skills',
    '',
    'Made from `packages/core/src/skills/entries.ts` by `npm run docs`. An arrow leads from what is leaned on to what leans on',
    'it; there are no circles (tested). "At n + 3" means: to do it at n, the other is needed at n + 3.',
    '',
    '```mermaid',
    'flowchart LR',
    ...strands,
    ...arrows,
    '```',
    '',
    '| skill | what it is | axis | leans on | tasks |',
    '|---|---|---|---|---|',
    ...rows,
    '',
  ].join('\n');
}

const needed = ({ axis }, offset) =>
  axis ? `n ${offset > 0 ? '+' : '−'} ${Math.abs(offset)}` : String(offset);
