// Bundles the server with the packages it uses: so it listens far sooner than from its sources.
import { existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { command, projectRoot } from './packages.mjs';

/** Two folders below the server, as its sources are: from both, its migrations have the same address. */
const built = join(projectRoot, 'server/dist/run');
const RUN = join(projectRoot, 'scripts/lib/run-program.cjs');

/** Programs that are started, and those that they run in threads. */
const STARTED = { main: 'main.ts', 'stand-ins': 'stand-ins/main.ts' };
const THREADS = { 'calc-worker': 'calc/calc-worker.ts', 'draw-worker': 'first-page/draw-worker.ts' };

/** Arguments for Node.js to run a started program. */
export const programToRun = (name) => [RUN, join(built, `${name}.cjs`)];

/**
 * Bundles the server from its sources as they are now. A file that is as it should be is not touched: another
 * start may be reading it.
 */
export async function buildServer() {
  // Loaded only here: other scripts run before the packages are installed.
  const { build, stop } = await import('esbuild');
  const { outputFiles } = await build({
    entryPoints: Object.fromEntries(
      Object.entries({ ...STARTED, ...THREADS }).map(([name, file]) => [
        name,
        join(projectRoot, 'server/src', file),
      ]),
    ),
    outdir: built,
    outExtension: { '.js': '.cjs' },
    bundle: true,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    // It loads a file of its own package in each thread; the other is an addition of the driver that we do not use.
    external: ['piscina', 'pg-native'],
    banner: {
      js: 'const import_meta={url:require("node:url").pathToFileURL(__filename).href,dirname:__dirname,filename:__filename};',
    },
    define: { 'import.meta': 'import_meta' },
    write: false,
    logLevel: 'error',
  });
  // The bundler's own process would live as long as this one.
  await stop();
  mkdirSync(built, { recursive: true });
  for (const { path, contents } of outputFiles) {
    if (existsSync(path) && readFileSync(path).equals(contents)) continue;
    // What was compiled of another program of the same length would be taken for it.
    rmSync(`${path}.compiled`, { force: true });
    writeFileSync(`${path}.${process.pid}`, contents);
    renameSync(`${path}.${process.pid}`, path);
  }
  for (const name of Object.keys(STARTED)) {
    const [run, file] = programToRun(name);
    if (!existsSync(`${file}.compiled`)) await command(process.execPath, [run, file, 'compile']);
  }
}
