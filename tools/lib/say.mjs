// @ts-check
/** Ends a command with one sentence for the reader instead of a stack. */
export class Sorry extends Error {}

const beganAt = Date.now();

/** Says what is being done, with the seconds since the command began. */
export function say(text) {
  console.log(`[${((Date.now() - beganAt) / 1000).toFixed(1).padStart(5)} s] ${text}`);
}

/** One line that is written over, where a terminal shows it; a line now and then elsewhere. */
export function sayProgress(text, done, of) {
  if (process.stdout.isTTY)
    process.stdout.write(`\r          ${text}: ${done} of ${of}${done === of ? '\n' : ''}`);
  else if (done === of || done % 250 === 0) say(`${text}: ${done} of ${of}`);
}

/** Runs a command's main function; whatever goes wrong ends in a sentence and exit code 1. */
export function runCommand(main) {
  main().catch((error) => {
    if (error instanceof Sorry) console.error(`\n${error.message}`);
    else if (error.code === 'ENOSPC') console.error(`\n${diskFull}`);
    else if (error.code === 'EACCES')
      console.error(
        `\nThis user may not write ${error.path}. Give it the right, or run Dotting from a folder of its own.`,
      );
    else console.error(error);
    process.exit(1);
  });
}

export const diskFull =
  'The disk is full. Free some space (about 1 GB), then start again: what was stored is safe.';
