import { readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, brotliDecompressSync, constants } from 'node:zlib';
import type { Told } from './told';

/** As it lies in the file: each name and each sentence once, then what every case has of them by its place in the lists. */
interface Kept {
  readonly names: readonly string[];
  readonly sentences: readonly string[];
  readonly cases: readonly (readonly [
    names: readonly number[],
    values: readonly number[],
    sentences: readonly number[],
  ])[];
}

/** The place of each text in a list that grows as new ones come. */
function indexed(): { readonly list: string[]; at(text: string): number } {
  const list: string[] = [];
  const places = new Map<string, number>();
  return {
    list,
    at(text) {
      const known = places.get(text);
      if (known !== undefined) return known;
      places.set(text, list.length);
      return list.push(text) - 1;
    },
  };
}

/** Writes what is told of all cases; returns the bytes it takes. */
export function keep(file: string, all: readonly Told[]): number {
  const names = indexed();
  const sentences = indexed();
  const cases = all.map(({ numbers, sentences: said }): Kept['cases'][number] => [
    Object.keys(numbers).map((name) => names.at(name)),
    Object.values(numbers) as number[],
    said.map((text) => sentences.at(text)),
  ]);
  const kept: Kept = { names: names.list, sentences: sentences.list, cases };
  const packed = brotliCompressSync(JSON.stringify(kept), {
    params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_LGWIN]: 24 },
  });
  writeFileSync(file, packed);
  return packed.length;
}

/** What was told of every case when the set was made. */
export function kept(file: string): readonly Told[] {
  const { names, sentences, cases } = JSON.parse(
    brotliDecompressSync(readFileSync(file)).toString('utf8'),
  ) as Kept;
  return cases.map(([which, values, said]) => ({
    numbers: Object.fromEntries(which.map((name, i) => [names[name]!, values[i]!])),
    sentences: said.map((place) => sentences[place]!),
  }));
}
