import { taskFileFormat, taskFileVersion } from '@dotting/contract';
import { contractShapes, withLeftOut } from './shapes.js';

const parts = ['OwnTaskBody', 'OwnTextsBody', 'SharedThings'] as const;

/**
 * A shared task as a JSON Schema (draft 2020-12), drawn from the validators by which a file is taken in. What depends on
 * the shelf, such as which numbers a task can be put with, is beyond it.
 */
export function taskFileSchema(): object {
  const shapes = withLeftOut(contractShapes('#/$defs/'));
  const closed = (name: string): object => ({ ...shapes[name], additionalProperties: false });
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: `urn:${taskFileFormat}:${taskFileVersion}`,
    title: 'A task of a room’s own, saved from Dotting',
    ...closed('TaskFile'),
    $defs: Object.fromEntries(parts.map((name) => [name, closed(name)])),
  };
}
