import type { Material } from './material';

/** Metals whose surface hardens under an edge that rubs: austenitic stainless steel, titanium, bronzes with tin or aluminium. */
const HARDENING: readonly string[] = [
  'austenitic-stainless',
  'titanium-alloy',
  'phosphor-bronze',
  'aluminium-bronze',
];

/** Whether a metal hardens where an edge rubs on it. */
export const workHardens = ({ key }: Pick<Material, 'key'>): boolean => HARDENING.includes(key);

/** Least feed, mm per turn, and least depth, mm, of a turning cut in a metal that hardens: the next cut must go under the layer. */
export const HARDENING_FLOOR = { feedMmRev: 0.08, depthMm: 0.1 } as const;
