import type { Material } from './material';

/** Metals as a machinist tells them apart at the chip; plastics stand among them. */
export const METAL_FAMILIES = [
  'steel',
  'stainless',
  'cast-iron',
  'aluminium',
  'brass',
  'bronze',
  'copper',
  'titanium',
  'zinc',
  'plastic',
] as const;
export type MetalFamily = (typeof METAL_FAMILIES)[number];

/** What the key of a metal of the library holds; the first that fits decides, so aluminium bronze is a bronze. */
const FAMILY_OF: readonly (readonly [RegExp, MetalFamily])[] = [
  [/stainless/, 'stainless'],
  [/iron/, 'cast-iron'],
  [/bronze/, 'bronze'],
  [/aluminium/, 'aluminium'],
  [/brass/, 'brass'],
  [/copper/, 'copper'],
  [/titanium/, 'titanium'],
  [/zinc/, 'zinc'],
  [/^(acetal|nylon|acrylic)$/, 'plastic'],
];

/** The family of a metal of the library, by its key; steel where nothing else fits. */
export const metalFamily = ({ key }: Pick<Material, 'key'>): MetalFamily =>
  FAMILY_OF.find(([part]) => part.test(key))?.[1] ?? 'steel';
