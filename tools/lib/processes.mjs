// @ts-check
import { existsSync, readFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';

/** Whether the process lives and its command line holds the text: a number alone may be another's by now. */
export function isAlive(pid, commandHolds) {
  const file = `/proc/${pid}/cmdline`;
  return existsSync(file) && readFileSync(file, 'utf8').includes(commandHolds);
}

/** Asks a process to end, and ends it when it does not within the time. */
export async function stopProcess(pid, commandHolds, withinMs = 20_000) {
  const until = Date.now() + withinMs;
  if (isAlive(pid, commandHolds)) process.kill(pid, 'SIGTERM');
  while (isAlive(pid, commandHolds)) {
    if (Date.now() > until) process.kill(pid, 'SIGKILL');
    await wait(50);
  }
}
