import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Request } from 'express';
import { DiskFull } from '../db/database-faults';
import { HttpProblem } from '../http/problem';

/**
 * Keeps the body of a request as a file while `work` is done with it.
 * @param most  bytes
 * @throws HttpProblem when the body is longer
 */
export async function withUpload<R>(
  request: Request,
  most: number,
  work: (path: string) => Promise<R>,
): Promise<R> {
  const tooLarge = new HttpProblem(413, 'Too large', `The file is larger than ${most / 1024 ** 2} MB.`);
  if (Number(request.headers['content-length'] ?? 0) > most) throw tooLarge;
  const folder = await mkdtemp(join(tmpdir(), 'pike-stone-archive-'));
  try {
    const path = join(folder, 'archive.zip');
    let bytes = 0;
    const limit = new Transform({
      transform(chunk: Buffer, _encoding, done) {
        bytes += chunk.length;
        if (bytes > most) done(tooLarge);
        else done(null, chunk);
      },
    });
    await pipeline(request, limit, createWriteStream(path, { mode: 0o600 })).catch((error: unknown) => {
      if (error instanceof HttpProblem) throw error;
      if ((error as NodeJS.ErrnoException).code === 'ENOSPC') throw new DiskFull(error);
      throw new HttpProblem(400, 'Not readable', 'The file did not arrive whole.');
    });
    return await work(path);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
