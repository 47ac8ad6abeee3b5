// Exports the web application when its sources changed since the last time.
import { createHash } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join, relative } from 'node:path';
import { compressFolder } from './compress.mjs';
import { frameIn } from './frame.mjs';
import { command, projectRoot } from './packages.mjs';
import { step } from './say.mjs';
import { makeServiceWorker } from './service-worker.mjs';
import { makeScriptsSmall } from './small.mjs';

export const webRoot = join(projectRoot, 'app/dist');
const STAMP = join(webRoot, '.sources');
const SOURCES = [
  'app',
  'contract/src',
  'core/src',
  'words/src',
  'package-lock.json',
  ...['web', 'frame', 'small', 'service-worker', 'compress'].map((name) => `scripts/lib/${name}.mjs`),
];
const LEFT_OUT = new Set(['node_modules', 'dist', '.expo', 'fonts']);

function* files(path) {
  if (!statSync(path).isDirectory()) return yield path;
  for (const name of readdirSync(path).sort())
    if (!LEFT_OUT.has(name) && !/\.(test\.tsx?|fixture\.tsx?|wasm)$/.test(name))
      yield* files(join(path, name));
}

function sourcesHash() {
  const hash = createHash('sha256');
  for (const source of SOURCES)
    for (const file of files(join(projectRoot, source)))
      hash.update(relative(projectRoot, file)).update(readFileSync(file));
  return hash.digest('hex');
}

const FONTS = {
  'next-400.ttf': 'next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  'next-600.ttf': 'next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf',
  'mono-400.ttf': 'mono/400Regular/AtkinsonHyperlegibleMono_400Regular.ttf',
  'mono-600.ttf': 'mono/600SemiBold/AtkinsonHyperlegibleMono_600SemiBold.ttf',
};

/** The fonts leave their packages, so that the page can name them in a plain style sheet. */
function copyFonts() {
  const target = join(projectRoot, 'app/public/fonts');
  mkdirSync(target, { recursive: true });
  for (const [name, source] of Object.entries(FONTS))
    copyFileSync(
      join(projectRoot, `node_modules/@expo-google-fonts/atkinson-hyperlegible-${source}`),
      join(target, name),
    );
}

/** The solid library's machine code, which its worker asks for by name. */
function copySolid() {
  const target = join(projectRoot, 'app/public/solid');
  mkdirSync(target, { recursive: true });
  copyFileSync(join(projectRoot, 'node_modules/manifold-3d/manifold.wasm'), join(target, 'manifold.wasm'));
}

const EXPO = join(projectRoot, 'node_modules/expo/bin/cli');
/** The bundler makes many objects that live for a moment: with room for them, MiB, they are cleared up less often. */
const ROOM = '--max-semi-space-size=64';

/** Exports an application of the kit for the web, as Expo does it without asking anybody; its scripts are made small. */
export async function exportApplication(source, target) {
  await command(
    process.execPath,
    [ROOM, EXPO, 'export', '-p', 'web', '--no-minify', '--output-dir', target],
    {
      cwd: source,
      env: { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', NODE_ENV: 'production' },
    },
  );
  await makeScriptsSmall(join(target, '_expo/static/js/web'), join(target, 'index.html'));
}

export async function ensureWeb() {
  const hash = sourcesHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === hash) return;
  await step('Building the web application', async () => {
    copyFonts();
    copySolid();
    const fresh = `${webRoot}-new`;
    rmSync(fresh, { recursive: true, force: true });
    await exportApplication(join(projectRoot, 'app'), fresh);
    await frameIn(fresh);
    await makeServiceWorker(fresh);
    compressFolder(fresh);
    rmSync(webRoot, { recursive: true, force: true });
    renameSync(fresh, webRoot);
  });
  writeFileSync(STAMP, hash);
}
