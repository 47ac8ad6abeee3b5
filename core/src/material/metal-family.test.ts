import { MATERIALS } from './library';
import { metalFamily, METAL_FAMILIES } from './metal-family';

it('every metal of the library has its family, and every family a metal', () => {
  const found = Object.fromEntries(MATERIALS.map((one) => [one.key, metalFamily(one)]));
  expect(found).toEqual({
    'free-machining-steel': 'steel',
    'low-carbon-cold-drawn': 'steel',
    'low-carbon-hot-rolled': 'steel',
    'medium-carbon': 'steel',
    'alloy-annealed': 'steel',
    'alloy-prehard': 'steel',
    'tool-steel-annealed': 'steel',
    'drill-rod': 'steel',
    'ferritic-martensitic-stainless': 'stainless',
    'austenitic-stainless': 'stainless',
    'grey-iron': 'cast-iron',
    'ductile-iron': 'cast-iron',
    'malleable-iron': 'cast-iron',
    'aluminium-wrought': 'aluminium',
    'aluminium-soft': 'aluminium',
    'aluminium-cast-silicon': 'aluminium',
    'brass-free-cutting': 'brass',
    'brass-other': 'brass',
    'phosphor-bronze': 'bronze',
    'aluminium-bronze': 'bronze',
    copper: 'copper',
    'zinc-alloy': 'zinc',
    'titanium-alloy': 'titanium',
    acetal: 'plastic',
    nylon: 'plastic',
    acrylic: 'plastic',
  });
  expect(new Set(Object.values(found))).toEqual(new Set(METAL_FAMILIES));
});
