// Draws the frame of the pages when the application is built, and puts it into the page.
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { projectRoot } from './packages.mjs';
import { Stop } from './say.mjs';

/** Endings by which packages keep what they do in a browser apart. */
const ENDINGS = ['.web.tsx', '.web.ts', '.web.js', '.tsx', '.ts', '.mjs', '.js', '.json'];

const bundled = async (entry, options) => {
  const { build } = await import('esbuild');
  const { outputFiles } = await build({
    entryPoints: [join(projectRoot, 'app/src/frame', entry)],
    write: false,
    bundle: true,
    minify: true,
    resolveExtensions: ENDINGS,
    define: { 'process.env.NODE_ENV': '"production"', __DEV__: 'false' },
    logLevel: 'silent',
    ...options,
  });
  return outputFiles[0].text.trim();
};

/** A program of the frame for Node, with the kit in it. */
const forNode = (entry) =>
  bundled(entry, {
    platform: 'node',
    mainFields: ['browser', 'module', 'main'],
    jsx: 'automatic',
    alias: { 'react-native': 'react-native-web' },
  });

/** Markup and styles of the frame, drawn by React's renderer for servers. */
async function drawnFrame() {
  const code = await forNode('render.tsx');
  const made = { exports: {} };
  new Function('module', 'exports', 'require', code)(made, made.exports, createRequire(import.meta.url));
  return made.exports.frame();
}

/** Puts a text in the place of a mark of the page, which has to be there once. */
function placed(html, mark, text) {
  if (html.split(mark).length !== 2) throw new Stop(`The page has no place for the frame: ${mark}`);
  return html.replace(mark, () => text);
}

/** The page with its frame, its styles and the script that fits the frame to the address; and what draws the first page. */
export async function frameIn(folder) {
  const { markup, styles } = await drawnFrame();
  const script = await bundled('start.ts', { format: 'iife', target: 'es2020' });
  const page = join(folder, 'index.html');
  const css = readFileSync(join(projectRoot, 'app/page.css'), 'utf8').replace(/\s+/g, ' ');
  let html = readFileSync(page, 'utf8');
  html = placed(html, '<!-- frame -->', markup);
  html = placed(html, '<!-- styles of the frame -->', css + styles);
  html = placed(html, '<!-- fits the frame -->', script);
  writeFileSync(page, html);
  // The server finds it by the name that contract/src/first-page.ts gives.
  writeFileSync(join(folder, '.first-page.cjs'), await forNode('first-page.tsx'));
}
