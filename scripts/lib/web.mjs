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
import { step, Stop } from './say.mjs';

export const webRoot = join(projectRoot, 'app/dist');
const STAMP = join(webRoot, '.sources');
const SOURCES = [
  'app',
  'contract/src',
  'core/src',
  'words/src',
  'package-lock.json',
  ...['web', 'frame', 'compress'].map((name) => `scripts/lib/${name}.mjs`),
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

/**
 * What every module says anew of its exports, as calls of three short functions. The bundler writes
 * each out in full, some two and a half thousand times.
 */
const IDIOMS = [
  [/Object\.defineProperty\((\w+),"__esModule",\{value:!0\}\)/g, '$$m($1)'],
  [
    /Object\.defineProperty\((\w+),("[^"]+"),\{enumerable:!0,get:function\(\)\{return ([\w$.]+)\}\}\)/g,
    '$$g($1,$2,()=>$3)',
  ],
  [
    /Object\.keys\((\w+)\)\.forEach\(function\((\w+)\)\{"default"===\2\|\|Object\.prototype\.hasOwnProperty\.call\((\w+),\2\)\|\|Object\.defineProperty\(\3,\2,\{enumerable:!0,get:function\(\)\{return \1\[\2\]\}\}\)\}\)/g,
    '$$s($1,$3)',
  ],
];
const SPOKEN_ONCE =
  'function $m(e){Object.defineProperty(e,"__esModule",{value:!0})}'
  + 'function $g(e,n,get){Object.defineProperty(e,n,{enumerable:!0,get})}'
  + 'function $s(m,e){Object.keys(m).forEach(n=>{"default"===n||Object.prototype.hasOwnProperty.call(e,n)||$g(e,n,()=>m[n])})}\n';

function shortened(code) {
  const short = IDIOMS.reduce((text, [idiom, call]) => text.replace(idiom, call), code);
  return short === code ? code : SPOKEN_ONCE + short;
}

/**
 * Names the variables of a whole script alike. The bundler names them module by
 * module, by what is frequent in each, which leaves little for the compression to fold together.
 */
async function namedAlike(script) {
  // Only here: a fresh clone reads this file before its packages are there.
  const { minify } = await import('terser');
  const { code } = await minify(shortened(script), {
    compress: false,
    // A function in brackets is compiled while the script is read, and not read a second time when it is called.
    format: { ascii_only: false, wrap_iife: true, wrap_func_args: true },
  });
  return code;
}

const HASH = /-[0-9a-f]{32}\.js$/;

/**
 * Names the variables of every script alike, and gives each a name by what is in it then: a file that is
 * kept for a year never changes under its name. A script names those that it loads, so they come first.
 */
async function renameScripts(folder, page) {
  const waiting = new Map(
    readdirSync(folder).map((name) => [name, readFileSync(join(folder, name), 'utf8')]),
  );
  const renamed = new Map();
  const named = (text) => [...renamed].reduce((all, [old, name]) => all.replaceAll(old, name), text);
  while (waiting.size > 0) {
    const ready = [...waiting].filter(
      ([name, text]) => ![...waiting.keys()].some((other) => other !== name && text.includes(other)),
    );
    if (ready.length === 0) throw new Stop('Scripts of the application load each other in a circle.');
    for (const [name, text] of ready) {
      const code = named(await namedAlike(text));
      const hash = createHash('sha256').update(code).digest('hex').slice(0, 32);
      renamed.set(name, name.replace(HASH, `-${hash}.js`));
      rmSync(join(folder, name));
      writeFileSync(join(folder, renamed.get(name)), code);
      waiting.delete(name);
    }
  }
  writeFileSync(page, named(readFileSync(page, 'utf8')));
}

/**
 * The service worker: it keeps the whole application on the device, so that every page opens without the
 * server. A newer one waits until the page asks it to take over; data of the shop is none of its business.
 */
async function makeServiceWorker(folder) {
  const { generateSW } = await import('workbox-build');
  const { warnings } = await generateSW({
    swDest: join(folder, 'sw.js'),
    globDirectory: folder,
    globPatterns: ['index.html', '*.{svg,png,webmanifest}', 'fonts/*', 'solid/*', '_expo/**/*.js'],
    maximumFileSizeToCacheInBytes: 8_000_000,
    // Names of the bundler carry a hash of their own.
    dontCacheBustURLsMatching: /_expo\/static\/js\/web\/.*-[0-9a-f]{32}\.js$/,
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/api\//],
    cacheId: 'pike-stone',
    skipWaiting: false,
    clientsClaim: false,
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
  });
  if (warnings.length > 0) throw new Stop(`The service worker could not be made: ${warnings.join(' ')}`);
}

/** Exports an application of the kit for the web, as Expo does it without asking anybody. */
export const exportApplication = (source, target) =>
  command(
    process.execPath,
    [join(projectRoot, 'node_modules/expo/bin/cli'), 'export', '-p', 'web', '--output-dir', target],
    {
      cwd: source,
      env: { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', NODE_ENV: 'production' },
    },
  );

export async function ensureWeb() {
  const hash = sourcesHash();
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === hash) return;
  await step('Building the web application', async () => {
    copyFonts();
    copySolid();
    const fresh = `${webRoot}-new`;
    rmSync(fresh, { recursive: true, force: true });
    await exportApplication(join(projectRoot, 'app'), fresh);
    await renameScripts(join(fresh, '_expo/static/js/web'), join(fresh, 'index.html'));
    await frameIn(fresh);
    await makeServiceWorker(fresh);
    compressFolder(fresh);
    rmSync(webRoot, { recursive: true, force: true });
    renameSync(fresh, webRoot);
  });
  writeFileSync(STAMP, hash);
}
