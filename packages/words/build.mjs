// @ts-check
// Compiles the catalogue: every message of every language becomes a function with typed arguments, in src/made/.
import { mkdir, readdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module.js';
import { parse } from '@messageformat/parser';
import { mirrored } from './mirrored.mjs';

const here = import.meta.dirname;
const made = path.join(here, 'src', 'made');
/** What a language is, beside its messages. */
const about = 'language.mjs';
/** The language that the others are held against, and that is spoken until another is asked for. */
const source = 'en';
/** What the first screen says, the frame and the door: the rest of the source is fetched after it. */
const first = [
  'common',
  'dates',
  'demo',
  'entrance',
  'frame',
  'search',
  'sending',
  'settings',
  'shelf',
  'things',
  'today',
  'tray',
];

/** The messages of a language: a file for each part of the job, a folder for what has one each, as the tasks. */
async function messagesOf(language, folder = path.join(here, 'messages', language)) {
  const entries = await readdir(folder, { withFileTypes: true });
  const parts = await Promise.all(
    entries
      .filter((entry) => entry.name !== about)
      .sort((a, b) => (a.name < b.name ? -1 : 1))
      .map(async (entry) => {
        const file = path.join(folder, entry.name);
        if (entry.isDirectory()) return [entry.name, await messagesOf(language, file)];
        return [path.basename(entry.name, '.mjs'), (await import(file)).default];
      }),
  );
  return Object.fromEntries(parts);
}

/** The arguments of a message with their types: numbers where it counts, the cases where it chooses. */
function argumentsOf(message) {
  const found = new Map();
  const visit = (tokens) => {
    for (const token of tokens) {
      if (token.type === 'argument' && !found.has(token.arg)) found.set(token.arg, 'string | number');
      if (token.type === 'plural' || token.type === 'selectordinal') found.set(token.arg, 'number');
      if (token.type === 'select') {
        const cases = token.cases.map(({ key }) => key);
        const open = cases.includes('other') ? ['string & {}'] : [];
        found.set(token.arg, [...cases.map((key) => `'${key}'`), ...open].join(' | '));
      }
      for (const { tokens: inner } of token.cases ?? []) visit(inner);
    }
  };
  visit(parse(message));
  return found;
}

const isName = (key) => /^[A-Za-z_$][\w$]*$/.test(key);

function typesOf(messages, indent = '  ') {
  return Object.entries(messages)
    .map(([key, message]) => {
      const name = isName(key) ? key : `'${key}'`;
      if (typeof message !== 'string')
        return `${indent}readonly ${name}: {\n${typesOf(message, `${indent}  `)}\n${indent}};`;
      const args = [...argumentsOf(message)].map(([arg, type]) => `readonly ${arg}: ${type}`);
      return `${indent}readonly ${name}: (${args.length > 0 ? `of: { ${args.join('; ')} }` : ''}) => string;`;
    })
    .join('\n');
}

/** Every message by its full name, with the names of its arguments. */
function flat(messages, before = '') {
  return Object.entries(messages).flatMap(([key, message]) =>
    typeof message === 'string'
      ? [[before + key, [...argumentsOf(message).keys()].sort().join(' ')]]
      : flat(message, `${before}${key}.`),
  );
}

/** @throws where a language lacks a message, has one too many, or asks for other arguments */
function holdAgainst(language, messages, expected) {
  const wanted = new Map(flat(expected));
  const there = new Map(flat(messages));
  const wrong = [
    ...[...wanted.keys()].filter((key) => !there.has(key)).map((key) => `${key} is missing`),
    ...[...there.keys()].filter((key) => !wanted.has(key)).map((key) => `${key} is not in ${source}`),
    ...[...there]
      .filter(([key, args]) => wanted.has(key) && wanted.get(key) !== args)
      .map(([key]) => `${key} has other arguments`),
  ];
  if (wrong.length > 0) throw new Error(`The words of “${language}”: ${wrong.join('; ')}.`);
}

await mkdir(made, { recursive: true });
const tags = (await readdir(path.join(here, 'messages'))).sort();
const expected = await messagesOf(source);
const languages = {};
for (const tag of tags) {
  const language = (await import(path.join(here, 'messages', tag, about))).default;
  languages[tag] = language;
  const messages = language.madeFrom ? mirrored(await messagesOf(language.madeFrom)) : await messagesOf(tag);
  holdAgainst(tag, messages, expected);
  const format = new MessageFormat(language.madeFrom ?? tag, { returnType: 'string' });
  if (tag === source) {
    const [begins, rest] = [partsOf(messages, (part) => first.includes(part)), partsOf(messages, isLater)];
    await keepWords(`${tag}.first`, compileModule(format, begins), 'FirstCatalogue');
    await keepWords(`${tag}.rest`, compileModule(format, rest), 'LaterCatalogue');
    const both = `import first from './${tag}.first.js';\nimport rest from './${tag}.rest.js';\n\nexport default { ...first, ...rest };`;
    await keepWords(tag, both, 'Catalogue');
  } else await keepWords(tag, compileModule(format, messages), 'Catalogue');
}
await writeFile(
  path.join(made, 'catalogue.d.ts'),
  `export interface FirstCatalogue {\n${typesOf(partsOf(expected, (part) => first.includes(part)))}\n}\n
export interface LaterCatalogue {\n${typesOf(partsOf(expected, isLater))}\n}\n
export type Catalogue = FirstCatalogue & LaterCatalogue;\n`,
);

const typed = tags.map((tag) => `  readonly ${tag}: LanguageOfApp;`).join('\n');
await keep(
  'languages',
  `export const languages = ${JSON.stringify(languages, null, 2)};`,
  `import type { LanguageOfApp } from '../languages.js';\n\nexport declare const languages: {\n${typed}\n};`,
);
// Each is fetched when somebody speaks it.
await keep(
  'loaders',
  `export const loaders = {\n${tags.map((tag) => `  ${tag}: () => import('./${tag}.js'),`).join('\n')}\n};`,
  `import type { Catalogue } from './catalogue.js';\n\nexport declare const loaders: Readonly<\n  Record<string, () => Promise<{ readonly default: Catalogue }>>\n>;`,
);
await keep(
  'all',
  `${tags.map((tag) => `import ${tag} from './${tag}.js';`).join('\n')}\n\nexport const all = { ${tags.join(', ')} };`,
  `import type { Catalogue } from './catalogue.js';\n\nexport declare const all: Readonly<Record<string, Catalogue>>;`,
);

/** The parts of a catalogue that are asked for. */
function partsOf(messages, isWanted) {
  return Object.fromEntries(Object.entries(messages).filter(([part]) => isWanted(part)));
}

function isLater(part) {
  return !first.includes(part);
}

async function keepWords(name, code, type) {
  await keep(
    name,
    code,
    `import type { ${type} } from './catalogue.js';\n\ndeclare const words: ${type};\nexport default words;`,
  );
}

async function keep(name, code, types) {
  await writeFile(path.join(made, `${name}.js`), `${code}\n`);
  await writeFile(path.join(made, `${name}.d.ts`), `${types}\n`);
}
