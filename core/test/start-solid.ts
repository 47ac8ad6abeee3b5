import { readFileSync } from 'node:fs';
import start from 'manifold-3d';
import type { SolidLibrary } from '../src/solid/exact-cut';

/** Starts the solid library in Node, from the file of its package. */
export async function startSolid(): Promise<SolidLibrary> {
  (globalThis as { __ExpoImportMetaRegistry?: unknown }).__ExpoImportMetaRegistry ??= {
    url: `file://${__filename}`,
  };
  const wasmBinary = readFileSync('node_modules/manifold-3d/manifold.wasm');
  const library = await start({ wasmBinary } as never);
  library.setup();
  return library;
}
