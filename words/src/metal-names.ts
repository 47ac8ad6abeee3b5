import { MATERIALS } from '@pike-stone/core';

/** What a metal is called in a small shop where that is shorter than its name, the commonest first. */
const SHOP_NAMES: readonly (readonly [key: string, name: string])[] = [
  ['low-carbon-cold-drawn', 'Mild steel'],
  ['low-carbon-hot-rolled', 'Black mild steel'],
  ['free-machining-steel', 'Free-cutting steel'],
  ['medium-carbon', 'Medium-carbon steel'],
  ['drill-rod', 'Silver steel'],
  ['tool-steel-annealed', 'Tool steel'],
  ['alloy-prehard', 'Pre-hard steel'],
  ['austenitic-stainless', 'Stainless 304, 316'],
  ['ferritic-martensitic-stainless', 'Stainless 416, 420'],
  ['grey-iron', 'Cast iron'],
  ['aluminium-wrought', 'Aluminium'],
  ['brass-free-cutting', 'Brass'],
  ['phosphor-bronze', 'Bronze'],
  ['copper', 'Copper'],
  ['titanium-alloy', 'Titanium'],
  ['acetal', 'Acetal'],
];

/** A metal of the library as it is picked: by its shop name where it has one. */
export interface MetalChoice {
  readonly key: string;
  readonly name: string;
  /** Its name in the library, with examples. */
  readonly about: string;
}

/** All metals of the library, those with a shop name first. */
export const METAL_CHOICES: readonly MetalChoice[] = [
  ...SHOP_NAMES.map(([key]) => key),
  ...MATERIALS.map(({ key }) => key).filter((key) => !SHOP_NAMES.some(([named]) => named === key)),
].map((key) => {
  const { name, examples } = MATERIALS.find((row) => row.key === key)!;
  return {
    key,
    name: SHOP_NAMES.find(([named]) => named === key)?.[1] ?? name,
    about: `${name}: ${examples}`,
  };
});

/** Metals of which a name or an example holds every word of a text; all of them for an empty text. */
export function metalsCalled(text: string): readonly MetalChoice[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return METAL_CHOICES.filter(({ name, about }) => {
    const called = `${name} ${about}`.toLowerCase();
    return words.every((word) => called.includes(word));
  });
}
