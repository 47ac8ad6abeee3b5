import type { Material } from '../material/material';
import type { MilledGroup } from './end-mill-choice';

const BY_KEY: Readonly<Record<string, MilledGroup>> = {
  copper: 'copper',
  acetal: 'plastic',
  nylon: 'plastic',
  acrylic: 'plastic',
  'ferritic-martensitic-stainless': 'stainless',
  'free-machining-steel': 'low-carbon-steel',
  'low-carbon-cold-drawn': 'low-carbon-steel',
  'low-carbon-hot-rolled': 'low-carbon-steel',
};
const BY_ISO: Readonly<Record<Material['iso513'], MilledGroup>> = {
  P: 'alloy-steel',
  M: 'stainless',
  K: 'cast-iron',
  N: 'brass',
  S: 'titanium',
};
/** Steel from here on is milled as hardened tool steel, HB. */
const HARD_HB = 350;

/** The row of the end mill table that a metal belongs to; brass stands for bronze and zinc too. */
export function milledGroup({ key, iso513, weldsToAluminiumCoating, hardnessHb }: Material): MilledGroup {
  if (weldsToAluminiumCoating) return 'aluminium';
  if (iso513 === 'P' && hardnessHb && hardnessHb[0] >= HARD_HB) return 'tool-steel-hard';
  return BY_KEY[key] ?? BY_ISO[iso513];
}
