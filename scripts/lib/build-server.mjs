// Bundles the server's own code: bundled it listens in a third of the time that it takes from its sources.
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { projectRoot } from './packages.mjs';

/** Two folders below the server, as its sources are: from both, its migrations have the same address. */
export const builtServer = join(projectRoot, 'server/dist/run');

const PROGRAMS = {
  main: 'main.ts',
  'stand-ins': 'stand-ins/main.ts',
  'calc-worker': 'calc/calc-worker.ts',
  'draw-worker': 'first-page/draw-worker.ts',
};

/**
 * Bundles the server from its sources as they are now. Packages of others stay where npm put them. A file
 * that is as it should be is not touched: another start may be reading it.
 */
export async function buildServer() {
  // Loaded only here: other scripts run before the packages are installed.
  const { build, stop } = await import('esbuild');
  const { dependencies } = JSON.parse(readFileSync(join(projectRoot, 'server/package.json'), 'utf8'));
  const { outputFiles } = await build({
    entryPoints: Object.fromEntries(
      Object.entries(PROGRAMS).map(([name, file]) => [name, join(projectRoot, 'server/src', file)]),
    ),
    outdir: builtServer,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    external: Object.keys(dependencies).filter((name) => !name.startsWith('@pike-stone/')),
    write: false,
    logLevel: 'error',
  });
  // The bundler's own process would live as long as this one.
  await stop();
  mkdirSync(builtServer, { recursive: true });
  for (const { path, contents } of outputFiles) {
    if (existsSync(path) && readFileSync(path).equals(contents)) continue;
    writeFileSync(`${path}.${process.pid}`, contents);
    renameSync(`${path}.${process.pid}`, path);
  }
}
