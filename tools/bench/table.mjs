export const percent = (share) => (Number.isNaN(share) ? '–' : `${(100 * share).toFixed(1)} %`);

/** A table as docs/performance.md has it. */
export const table = (head, rows) =>
  [head, head.map(() => '---'), ...rows].map((cells) => `| ${cells.join(' | ')} |`).join('\n');
