import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

const root = path.resolve(import.meta.dirname, '../../..');
const folders = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'apps/web/src'];

/** No child is measured against others, and none is found wanting. */
const notSaid =
  /\b(fail\w*|behind|delay\w*|below|normal\w*|abnormal|rank\w*|percentile|deficit|disorder|slow learner|gifted|poor|weak\w*|backward|worse|worst|at risk|average|expected level)\b/i;

interface Text {
  readonly file: string;
  readonly words: string;
}

/** Every text of a source file that could be shown: of two words at least, in quotes, templates or JSX. */
function textsOf(file: string): readonly Text[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const texts: Text[] = [];
  const add = (words: string): void => {
    if (/\p{L}\s+\p{L}/u.test(words)) texts.push({ file: path.relative(root, file), words: words.trim() });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteralLike(node) || ts.isJsxText(node)) add(node.text);
    else if (ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) add(node.text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts;
}

const files = folders.flatMap((folder) =>
  readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|migrations|parameters\.ts$|testing/.test(name))
    .map((name) => path.join(root, folder, name)),
);
const texts = files.flatMap(textsOf);

test('the texts are found', () => {
  expect(texts.length).toBeGreaterThan(500);
  expect(texts.some(({ words }) => words === 'What this sitting changed')).toBe(true);
});

test('no text the app can show measures a child against others or finds it wanting', () => {
  expect(texts.filter(({ words }) => notSaid.test(words))).toEqual([]);
});
