// Makes the service worker when the application is built: it knows every file that the device keeps.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { projectRoot } from './packages.mjs';
import { NAMED_BY_CONTENT } from './small.mjs';

const KEPT = /^(index\.html|[^/]+\.(svg|png|webmanifest)|(fonts|solid)\/.+|_expo\/.+\.js)$/;

/** Files of a folder that the device keeps; a file without a revision never changes under its name. */
const keptFiles = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((file) => KEPT.test(relative(folder, file)))
    .sort()
    .map((file) => ({
      url: `/${relative(folder, file)}`,
      revision: NAMED_BY_CONTENT.test(file)
        ? null
        : createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 32),
    }));

export async function makeServiceWorker(folder) {
  // Only here: a fresh clone reads this file before its packages are there.
  const { build } = await import('esbuild');
  await build({
    entryPoints: [join(projectRoot, 'app/src/workers/service-worker.ts')],
    outfile: join(folder, 'sw.js'),
    bundle: true,
    minify: true,
    target: 'es2020',
    define: { FILES: JSON.stringify(keptFiles(folder)), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'silent',
  });
}
