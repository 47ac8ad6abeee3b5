// Times of grinding a bit as a solid, printed as JSON: one flat grind, one hollow, a whole bit, memory.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { exactCut, solidOf, type SolidCut } from '@pike-stone/core/grind';
import { bitOf } from '@pike-stone/core/grind-fixture';
import start from 'manifold-3d';

const ROUNDS = 40;
const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const timed = (run: () => unknown): number => {
  run();
  return Number(
    middle(
      Array.from({ length: ROUNDS }, () => {
        const begun = performance.now();
        run();
        return performance.now() - begun;
      }),
    ).toFixed(1),
  );
};
const first = (cuts: readonly SolidCut[]) => cuts.slice(0, 1);
const all = (cuts: readonly SolidCut[]) => cuts;

async function main(): Promise<void> {
  const wasmBinary = readFileSync(createRequire(import.meta.url).resolve('manifold-3d/manifold.wasm'));
  const library = await start({ wasmBinary } as unknown as Parameters<typeof start>[0]);
  library.setup();
  const cut = (hollow: boolean, which: (cuts: readonly SolidCut[]) => readonly SolidCut[]) => {
    const { blank, cuts } = solidOf(bitOf('general', { wheel: { diameterMm: 150, contactMm: 0, hollow } }));
    return () => exactCut(library, blank, which(cuts));
  };
  const whole = cut(true, all);
  const { facets } = whole();
  const corners = facets.reduce((sum, facet) => sum + facet.corners.length, 0);
  const times = {
    flatMs: timed(cut(false, first)),
    hollowMs: timed(cut(true, first)),
    bitFlatMs: timed(cut(false, all)),
    bitHollowMs: timed(whole),
  };
  const before = process.memoryUsage().rss;
  for (let i = 0; i < ROUNDS; i += 1) whole();
  console.log(
    JSON.stringify({
      ...times,
      facets: facets.length,
      // Three numbers of eight bytes for each corner and each normal.
      solidKb: Math.round(((corners + facets.length) * 3 * 8) / 1024),
      grownMb: Math.round((process.memoryUsage().rss - before) / 2 ** 20),
      rounds: ROUNDS,
    }),
  );
}

void main();
