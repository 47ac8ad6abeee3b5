// Compresses what the server sends, once, when the application is built.
import { readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const KINDS = /\.(js|html|css|svg|ttf|wasm|json|webmanifest)$/;

/** The browser asks for the service worker again and again: it is sent as it lies, and never from an older copy. */
const ALONE = 'sw.js';

/** Writes a brotli and a gzip copy beside each file of a folder that gains from it. */
export function compressFolder(folder) {
  for (const name of readdirSync(folder)) {
    const file = join(folder, name);
    if (statSync(file).isDirectory()) compressFolder(file);
    else if (KINDS.test(name) && name !== ALONE) compressFile(file);
  }
}

function compressFile(file) {
  const whole = readFileSync(file);
  const copies = {
    br: brotliCompressSync(whole, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
        [constants.BROTLI_PARAM_LGWIN]: constants.BROTLI_MAX_WINDOW_BITS,
        [constants.BROTLI_PARAM_SIZE_HINT]: whole.length,
      },
    }),
    gz: gzipSync(whole, { level: 9 }),
  };
  for (const [ending, copy] of Object.entries(copies))
    if (copy.length < whole.length) writeFileSync(`${file}.${ending}`, copy);
}
