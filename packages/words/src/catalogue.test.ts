import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { allWords, english } from './all.js';

const root = path.resolve(__dirname, '../../..');
const folders = [
  'packages/core/src',
  'packages/words/src',
  'packages/contract/src',
  'apps/server/src',
  'apps/web/src',
];
const files = folders.flatMap((folder) =>
  readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|testing|made|\.d\.ts$/.test(name))
    .map((name) => path.join(folder, name)),
);
const sourceOf = new Map(files.map((file) => [file, readFileSync(path.join(root, file), 'utf8')]));

type Messages = { readonly [key: string]: ((of: never) => string) | Messages };

/** Every message by the names that lead to it. */
function pathsIn(messages: Messages, before: readonly string[] = []): readonly (readonly string[])[] {
  return Object.entries(messages).flatMap(([key, one]) =>
    typeof one === 'function' ? [[...before, key]] : pathsIn(one, [...before, key]),
  );
}
const { language: _, ...catalogue } = english;
const paths = pathsIn(catalogue as unknown as Messages);

test('every message is said somewhere', () => {
  const code = [...sourceOf.values()].join('\n');
  const escaped = (text: string): string => text.replace(/[-$]/g, '\\$&');
  const group = (name: string): RegExp => new RegExp(`\\b${escaped(name)}(?:\\[(?!')|\\b(?![.\\w(\\[-]))`);
  const isSaid = (names: readonly string[]): boolean => {
    const [parent, key] = names.slice(-2) as [string, string];
    const named = new RegExp(`\\b${escaped(parent)}(?:\\??\\.${escaped(key)}\\b|\\['${escaped(key)}'\\])`);
    // Chosen by a value, or handed on as a whole.
    return named.test(code) || names.slice(0, -1).some((one) => group(`.${one}`.slice(1)).test(code));
  };
  expect(paths.filter((names) => !isSaid(names)).map((names) => names.join('.'))).toEqual([]);
});

/** No child is measured against others, and none is found wanting. */
const notSaid =
  /\b(fail\w*|behind|delay\w*|below average|normal\w*|abnormal|rank\w*|percentile|score\w*|deficit|disorder|slow learner|gifted|poor|weak\w*|backward|worse|worst|at risk|average|expected level)\b/i;

test('no message measures a child against others or finds it wanting', () => {
  const folder = path.join(root, 'packages/words/messages/en');
  const texts = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.mjs'))
    .map((name) => readFileSync(path.join(folder, name), 'utf8'));
  expect(texts.length).toBeGreaterThan(40);
  expect(texts.flatMap((text) => notSaid.exec(text)?.[0] ?? [])).toEqual([]);
});

/** What is written for those who run the app or work on it: errors, logs, queries, styles, the API, the demo nursery. */
const notForReaders =
  /migrations|server\/src\/openApi|src\/settings\.ts|demo\/|theme\.ts|simulate\/|inkMl|numberWords/;
const isCode = (text: string): boolean =>
  /^(SELECT|INSERT|UPDATE|DELETE|ALTER|CREATE|DROP|READ|SET|UNION|AND) |\bpx\b|\bfr\b|minmax|^[\w ]+: |solid|dashed|double|charset=|filename=|max-age|^input, |^@media|^\(prefers-|^&[ ,]|^"[a-z ]+"|^data:|^unknown route$/.test(
    text,
  );

/** The same in every language. */
const nameOfTheApp = 'Dotting';
/** What of an element is read out or shown. */
const isReadOut =
  /^(label|title|placeholder|alt|helperText|primary|secondary|aria-(label|description|valuetext|roledescription))$/;

/** Whether a text is shown as it stands: inside an element, or as one of its names; a choice of two is looked into. */
function isShown(node: ts.Node): boolean {
  const { parent } = node;
  if (ts.isJsxText(node)) return true;
  if (ts.isJsxAttribute(parent)) return isReadOut.test(parent.name.getText());
  if (ts.isJsxExpression(parent)) return ts.isJsxAttribute(parent.parent) ? isShown(parent) : true;
  const isChosen =
    (ts.isConditionalExpression(parent) && parent.condition !== node) ||
    (ts.isBinaryExpression(parent) &&
      parent.right === node &&
      /^(&&|\|\||\?\?)$/.test(parent.operatorToken.getText())) ||
    ts.isParenthesizedExpression(parent);
  return isChosen && isShown(parent);
}

/** Words that are shown, and texts of two words at least wherever they stand in the code. */
function sentencesIn(file: string, code: string): readonly string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    // What is thrown or logged is for whoever looks into it.
    if (ts.isNewExpression(node) && /Error$/.test(node.expression.getText())) return;
    if (ts.isCallExpression(node) && /\b(log|logger|Does)\b/.test(node.expression.getText())) return;
    const text =
      ts.isJsxText(node) || ts.isStringLiteralLike(node)
        ? node.text
        : ts.isTemplateExpression(node)
          ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('{}')
          : '';
    const isSentence = /\p{L}{2,}[,.:;]? \p{L}{2,}/u.test(text) && !isCode(text.trim());
    if (isSentence || (/\p{L}{2,}/u.test(text) && text.trim() !== nameOfTheApp && isShown(node)))
      found.push(`${file}: ${text.trim()}`);
    ts.forEachChild(node, visit);
  };
  visit(
    ts.createSourceFile(
      file,
      code,
      ts.ScriptTarget.Latest,
      true,
      file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
    ),
  );
  return found;
}

test('a word that is shown is found, wherever it stands in an element; a name that is not read is none', () => {
  const found = (code: string) => sentencesIn('a.tsx', code);
  for (const shown of [
    '<p>Counted</p>',
    '<p>{isOpen ? "Counted" : words.a()}</p>',
    '<p>{isOpen && (n > 1 ? words.a() : `Counted ${n}`)}</p>',
    '<Field label="Counted" />',
    '<Field aria-label={isOpen ? words.a() : "Counted"} />',
  ])
    expect(found(shown)).toHaveLength(1);
  for (const other of [
    '<p>{words.a()}: 5 ✓</p>',
    '<Box component="section" sx={{ color: "ink" }} />',
    '<Choice value={kind === "say" ? 1 : 2} />',
    'const kind = "say";',
  ])
    expect(found(other)).toEqual([]);
});

test('no sentence that a person reads stands outside the catalogue', () => {
  const outside = [...sourceOf]
    .filter(([file]) => !notForReaders.test(file))
    .flatMap(([file, code]) => sentencesIn(file, code));
  expect(outside).toEqual([]);
});

/** Those that English says first come first in it. */
const byPart = (all: typeof paths): typeof paths =>
  all.toSorted(([one], [other]) => one!.localeCompare(other!));

test('every language has the same messages', () => {
  for (const words of Object.values(allWords)) {
    const { language: __, ...of } = words;
    expect(byPart(pathsIn(of as unknown as Messages))).toEqual(byPart(paths));
  }
});
