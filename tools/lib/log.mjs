// @ts-check
import path from 'node:path';
import { createStream } from 'rotating-file-stream';

/** A log that is divided by size and age, for its owner alone; what is older than some fourteen parts is deleted. */
export function rotatingLog(file) {
  return createStream(path.basename(file), {
    path: path.dirname(file),
    size: '10M',
    interval: '1d',
    maxFiles: 14,
    compress: 'gzip',
    mode: 0o600,
  });
}
