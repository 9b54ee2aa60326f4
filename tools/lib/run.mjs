// @ts-check
import { spawn } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { diskFull, Sorry } from './say.mjs';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');

/**
 * Runs a program to its end.
 * @param {string} program
 * @param {readonly string[]} args
 * @param {import('node:child_process').SpawnOptions & { show?: boolean }} options
 * @returns {Promise<{ code: number | string, output: string }>} its exit code and what it printed, nothing where it
 *   was shown
 */
export function run(program, args, { show = false, ...options } = {}) {
  return new Promise((resolve, reject) => {
    const shown = show ? 'inherit' : 'pipe';
    const child = spawn(program, args, { cwd: root, stdio: ['ignore', shown, shown], ...options });
    let output = '';
    child.stdout?.on('data', (data) => (output += data));
    child.stderr?.on('data', (data) => (output += data));
    child.on('error', reject);
    child.on('close', (code, signal) => resolve({ code: code ?? signal ?? 'no code', output }));
  });
}

/** Like run, but anything but success ends the command with the sentence given and the end of the output. */
export async function runOrSorry(sentence, program, args, options) {
  const { code, output } = await run(program, args, options);
  if (code === 0) return output;
  if (/ENOSPC|No space left on device/.test(output)) throw new Sorry(diskFull);
  throw new Sorry(`${sentence}\n${output.trim().split('\n').slice(-15).join('\n')}`);
}
