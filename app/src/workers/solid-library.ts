import type { SolidLibrary } from '@pike-stone/core/grind';
import start from 'manifold-3d';

const ADDRESS = '/solid/manifold.wasm';
const KEPT_AS = 'pike-solid';

/** The library's machine code from the shop's computer, or as it was kept on this device. */
async function machineCode(): Promise<ArrayBuffer> {
  const kept = await caches.open(KEPT_AS).catch(() => null);
  try {
    const answer = await fetch(ADDRESS);
    if (!answer.ok) throw new Error(`The solid library is not there (${answer.status}).`);
    await kept?.put(ADDRESS, answer.clone()).catch(() => undefined);
    return await answer.arrayBuffer();
  } catch (error) {
    const before = await kept?.match(ADDRESS);
    if (!before) throw error;
    return before.arrayBuffer();
  }
}

/** Starts the solid library in a worker. */
export async function startLibrary(): Promise<SolidLibrary> {
  // The bundler leaves the address of a module to be filled in, which the library asks for.
  (globalThis as { __ExpoImportMetaRegistry?: { url: string } }).__ExpoImportMetaRegistry ??= {
    url: self.location.href,
  };
  const wasmBinary = await machineCode();
  const library = await start({ wasmBinary, locateFile: () => ADDRESS } as Parameters<typeof start>[0]);
  library.setup();
  return library;
}
