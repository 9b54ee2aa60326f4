// Compiles the catalogue: every message of every language becomes a function with typed arguments, in src/made/.
import { mkdir, readdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module.js';
import { parse } from '@messageformat/parser';

const here = import.meta.dirname;
const made = path.join(here, 'src', 'made');
/** The language that the others are held against. */
const source = 'en';

/** The messages of a language: a file for each part of the job, a folder for what has one each, as the tasks. */
async function messagesOf(language, folder = path.join(here, 'messages', language)) {
  const entries = await readdir(folder, { withFileTypes: true });
  const parts = await Promise.all(
    entries
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
const languages = (await readdir(path.join(here, 'messages'))).sort();
const expected = await messagesOf(source);
for (const language of languages) {
  const messages = await messagesOf(language);
  holdAgainst(language, messages, expected);
  const format = new MessageFormat(language, { returnType: 'string' });
  const code = compileModule(format, messages);
  await writeFile(path.join(made, `${language}.js`), `${code}\n`);
  await writeFile(
    path.join(made, `${language}.d.ts`),
    `import type { Catalogue } from './catalogue.js';\n\ndeclare const words: Catalogue;\nexport default words;\n`,
  );
}
await writeFile(path.join(made, 'catalogue.d.ts'), `export interface Catalogue {\n${typesOf(expected)}\n}\n`);
