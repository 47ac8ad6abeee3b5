// Makes the scripts of the application small: short names, nothing that never runs, one way of saying the same.
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Stop } from './say.mjs';

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

/** No variable of a script may take the names of the three. */
const THEIR_NAMES = ['$m', '$g', '$s'];

function shortened(code) {
  const short = IDIOMS.reduce((text, [idiom, call]) => text.replace(idiom, call), code);
  return short === code ? code : SPOKEN_ONCE + short;
}

/**
 * A whole script in as few characters as it needs. Made small as a whole, its variables are named alike in all
 * modules, which leaves more for the compression to fold together.
 * @param waitedFor  the page waits for it: what runs at once is marked so that it is compiled while it is read
 */
async function small(script, waitedFor) {
  // Only here: a fresh clone reads this file before its packages are there.
  const { minify } = await import('@swc/core');
  const { code } = await minify(script, {
    compress: { passes: 2 },
    mangle: { reserved: THEIR_NAMES },
    ecma: 2020,
    module: false,
  });
  return waitedFor ? inBrackets(shortened(code)) : shortened(code);
}

/** A function in brackets is compiled while the script is read, and not read a second time when it is called. */
async function inBrackets(script) {
  const { minify } = await import('terser');
  const { code } = await minify(script, {
    compress: false,
    mangle: false,
    format: { ascii_only: false, wrap_iife: true, wrap_func_args: true },
  });
  return code;
}

/** Scripts of the application carry a hash of what is in them in their names. */
export const NAMED_BY_CONTENT = /-[0-9a-f]{32}\.js$/;

/**
 * Makes every script small, and gives each a name by what is in it then: a file that is kept for a year never
 * changes under its name. A script names those that it loads, so they come first.
 */
export async function makeScriptsSmall(folder, page) {
  const waiting = new Map(
    readdirSync(folder).map((name) => [name, readFileSync(join(folder, name), 'utf8')]),
  );
  const markup = readFileSync(page, 'utf8');
  const renamed = new Map();
  const named = (text) => [...renamed].reduce((all, [old, name]) => all.replaceAll(old, name), text);
  while (waiting.size > 0) {
    const ready = [...waiting].filter(
      ([name, text]) => ![...waiting.keys()].some((other) => other !== name && text.includes(other)),
    );
    if (ready.length === 0) throw new Stop('Scripts of the application load each other in a circle.');
    for (const [name, text] of ready) {
      const code = named(await small(text, markup.includes(name)));
      const hash = createHash('sha256').update(code).digest('hex').slice(0, 32);
      renamed.set(name, name.replace(NAMED_BY_CONTENT, `-${hash}.js`));
      rmSync(join(folder, name));
      writeFileSync(join(folder, renamed.get(name)), code);
      waiting.delete(name);
    }
  }
  writeFileSync(page, named(markup));
}
