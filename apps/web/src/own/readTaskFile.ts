import type { FieldRefusal } from '@dotting/contract';
import { findNodeAtLocation, parseTree, getNodeValue, type Node, type ParseError } from 'jsonc-parser';
import { words } from '../wording/all.js';

type Read = { readonly text: string; readonly content: object } | { readonly wrong: string };

/** A larger file is no task. (bytes) */
const largest = 200_000;

/** A file as JSON (RFC 8259), or what keeps it from being read, with the line. */
export async function readTaskFile(file: Blob): Promise<Read> {
  if (file.size > largest) return { wrong: words.ownTasks.file.notText() };
  const bytes = await file.arrayBuffer();
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return { wrong: words.ownTasks.file.notText() };
  }
  const errors: ParseError[] = [];
  const tree = parseTree(text, errors, { disallowComments: true });
  const [first] = errors;
  if (first || tree?.type !== 'object')
    return { wrong: words.ownTasks.file.notJson(placeOf(text, first?.offset ?? 0)) };
  return { text, content: getNodeValue(tree) as object };
}

/** Line and column of a place in a text, both from 1. */
export function placeOf(text: string, offset: number): { readonly line: number; readonly column: number } {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: before.at(-1)!.length + 1 };
}

/** A field that is wrong, and the line on which it stands in the file. */
export interface Placed {
  readonly line: number;
  readonly field: string;
  readonly message: string;
}

/** Where in the text the fields stand that were refused, by their paths, each once; one that is missing where it should be. */
export function whereIn(text: string, fields: readonly FieldRefusal[]): readonly Placed[] {
  const tree = parseTree(text)!;
  // What it has to be at all is asked first, and told last.
  const once = fields.filter((one, i) => fields.findLastIndex(({ field }) => field === one.field) === i);
  return once.map(({ field, message }) => ({
    line: placeOf(text, nearest(tree, field.split('.')).offset).line,
    field: field || words.ownTasks.file.whole(),
    message,
  }));
}

/** What stands at a path, or, where nothing does, what it should stand in. */
function nearest(tree: Node, path: readonly string[]): Node {
  const steps = path.map((step) => (/^\d+$/.test(step) ? Number(step) : step));
  for (let length = steps.length; length > 0; length--) {
    const node = findNodeAtLocation(tree, steps.slice(0, length));
    if (node) return node;
  }
  return tree;
}
