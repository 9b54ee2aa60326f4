// @ts-check
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import ts from 'typescript';
import { root } from '../lib/run.mjs';

/** Every figure of the estimates with its unit and reason. */
export async function figuresTable() {
  const file = path.join(root, 'packages/core/src/common/parameters.ts');
  const source = ts.createSourceFile(file, await readFile(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const rows = [];
  const visit = (node) => {
    if (ts.isPropertyAssignment(node)) {
      const told = ts
        .getJSDocCommentsAndTags(node)
        .map(({ comment }) => comment)
        .join(' ');
      const [, why, unit] = /^(.*) \(([^()]*)\)$/s.exec(told.replace(/\s+/g, ' ')) ?? [];
      if (!unit) throw new Error(`No unit is told of ${node.name.getText()}`);
      const value = node.initializer.getText().replace(/[[\]]/g, '');
      rows.push(`| \`${node.name.getText()}\` | ${value} | ${unit} | ${why} |`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return ['| figure | value | unit | why |', '|---|---|---|---|', ...rows].join('\n');
}

const days = ['2026-03-02', '2026-03-09', '2026-03-23'];

/**
 * What a child does, try by try: the day, the task, the number, the things, and what happened.
 * @type {[number, string, number, string, any][]}
 */
const tries = [
  [0, 'row', 5, 'corks', 'clean'],
  [0, 'row', 8, 'corks', 'one counted twice'],
  [0, 'row', 6, 'corks', 'clean'],
  [0, 'give', 3, 'corks', 3],
  [0, 'give', 4, 'corks', 7],
  [1, 'row', 6, 'shells', 'clean'],
  [1, 'row', 7, 'shells', 'clean'],
  [1, 'row', 9, 'shells', 'one counted twice'],
  [1, 'say', 20, '', '1 … 12, then 14, 16'],
  [1, 'give', 3, 'shells', 3],
  [2, 'row', 7, 'corks', 'clean'],
  [2, 'row', 8, 'corks', 'clean'],
  [2, 'say', 20, '', '1 … 12, then 14, 16'],
  [2, 'give', 4, 'corks', 2],
  [2, 'give', 3, 'corks', 3],
  [2, 'give', 3, 'shells', 3],
];

/** A made-up child's tries and what the code says of her, on the last day and ten weeks later. */
export function workedChild(core) {
  const traces = tries.map(traceOf);
  const list = tries.map(
    ([day, task, n, things, had]) => `| ${days[day]} | ${say(task, n, things)} | ${tell(task, had)} |`,
  );
  const said = (date) => core.saidFor(traces, date).map((one) => `| ${row(one, core).join(' | ')} |`);
  const head =
    '| of | is said | sure to | likely to | 90 % interval | tried to | reaching for |\n|---|---|---|---|---|---|---|';
  return [
    '| day | put to her | what happened |',
    '|---|---|---|',
    ...list,
    '',
    'On 2026-03-23:',
    '',
    head,
    ...said('2026-03-23'),
    '',
    'On 2026-06-01, with no look between:',
    '',
    head,
    ...said('2026-06-01'),
  ].join('\n');
}

const say = (task, n, things) =>
  task === 'row'
    ? `count ${n} ${things} in a row`
    : task === 'give'
      ? `give me ${n} ${things}`
      : `say the numbers to ${n}`;
const tell = (task, had) => (task === 'give' ? `gave ${had}` : had);

function traceOf([day, task, n, things, had], i) {
  return {
    id: `try ${i + 1}`,
    childId: 'child',
    sittingId: `sitting ${day}`,
    recordedBy: 'adult',
    startedAt: `${days[day]}T09:${String(i + 10)}:00.000+00:00`,
    task: { row: 'count-row', give: 'give-n', say: 'say-far' }[task],
    language: 'en',
    set: {
      size: task === 'say' ? 0 : n,
      things,
      arrangement: { row: 'row', give: 'movable', say: 'none' }[task],
      ...(task === 'give' && { pile: 15 }),
    },
    start: 1,
    direction: 1,
    target: n,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: 'finished',
    events: happeningsOf(task, n, had).map((happening, seq) => ({ ...happening, seq, t: 1000 * (seq + 1) })),
  };
}

function happeningsOf(task, n, had) {
  const upTo = (last) => Array.from({ length: last }, (_, i) => i + 1);
  if (task === 'say') return [...upTo(12), 14, 16].map((word) => ({ kind: 'say', word }));
  if (task === 'give')
    return [
      { kind: 'ask', question: 'give' },
      { kind: 'given', value: had },
    ];
  const clean = upTo(n).map((word) => ({ kind: 'count', word }));
  return had === 'clean'
    ? clean
    : [
        clean[0],
        { kind: 'count', word: 2, item: 'again' },
        ...upTo(n + 1)
          .slice(2)
          .map((word) => ({ kind: 'count', word })),
      ];
}

function row(one, core) {
  const numbers = [one.sureTo, one.likelyTo, one.interval?.join(' to '), one.triedTo, one.reachingFor ?? ''];
  return [
    one.skill,
    core.tellStatement(core.english, one),
    ...('sureTo' in one ? numbers : numbers.map(() => '')),
  ];
}
