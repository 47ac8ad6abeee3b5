// Logs that do not fill the disk: a file is set aside at its size, and the oldest go.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const SIZE = '4M';
const KEPT = 5;

/**
 * A log in a folder that several programs may write to. A full disk costs lines of the log, never a program.
 * Imports its package late: a fresh clone reads this file before its packages are there.
 */
export async function openLog(folder, name) {
  const { createStream } = await import('rotating-file-stream');
  const stream = createStream(name, { path: folder, size: SIZE, maxFiles: KEPT, mode: 0o600 });
  stream.on('error', () => undefined);
  stream.on('warning', () => undefined);
  const path = join(folder, name);
  return {
    path,
    write: (chunk) => {
      // A log that the disk no longer takes must not fill the memory instead.
      if (stream.writableLength < 1_000_000) stream.write(chunk);
    },
    /** Takes all that a program says. */
    takes: (child) => {
      for (const output of [child.stdout, child.stderr]) output?.on('data', (chunk) => stream.write(chunk));
    },
    /** The last lines, to be shown when a program did not start. */
    tail: () => (existsSync(path) ? readFileSync(path, 'utf8').slice(-2000) : ''),
    close: () => new Promise((closed) => stream.end(closed)),
  };
}
