import Papa from 'papaparse';
import type { Sheet } from './mapping.js';
import { words } from '../../wording/all.js';

const largestBytes = 400_000;

/**
 * Reads a file of values set apart by commas, semicolons or tabs.
 * @throws Error in words for the reader where it is none
 */
export async function readSheet(file: Blob): Promise<Sheet> {
  if (file.size > largestBytes) throw new Error(words.importing.tooLarge());
  const text = decoded(new Uint8Array(await file.arrayBuffer()));
  if (text.includes('\0')) throw new Error(words.importing.notCsv());
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [heading, ...rows] = data;
  if (!heading || rows.length === 0) throw new Error(words.importing.noRows());
  return { heading, rows };
}

/** UTF-8, or what spreadsheets write instead where it cannot be that. */
function decoded(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
