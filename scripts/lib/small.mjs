// Makes a script of the application small: short names, nothing that never runs, one way of saying the same.

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
export async function small(script, waitedFor) {
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
