import type { MetalBody, StockBody } from '@pike-stone/contract';
import { demoId } from './shop';

/** Metals this shop has values of its own for. */
export const METALS: readonly MetalBody[] = [
  {
    name: 'Bush bronze, our batch',
    baseKey: 'phosphor-bronze',
    ownSpeeds: { hss: [24, 38] },
    note: 'Cored bar from the last order; runs a little faster than the chart.',
  },
];

const piece = (
  name: string,
  metal: string,
  form: StockBody['form'],
  sizeMm: number,
  more: Partial<StockBody> = {},
): StockBody => ({ name, metal, form, sizeMm, uncertain: false, skinMm: 0, note: '', ...more });

export const STOCK: readonly StockBody[] = [
  piece('Winch shaft bar', 'medium-carbon', 'round', 50, {
    note: 'For the capstan and the slack-chain winch.',
  }),
  piece('Railing bar, hot rolled', 'low-carbon-hot-rolled', 'round', 32, { skinMm: 0.3 }),
  piece('Bright bar', 'low-carbon-cold-drawn', 'round', 25),
  piece('Pump bush bronze', demoId(5, 1), 'tube', 60, { note: 'Cored.' }),
  piece('Sheave casting', 'grey-iron', 'casting', 180, { skinMm: 1 }),
  piece('Pump shaft stainless', 'austenitic-stainless', 'round', 30),
  piece('Hatch plate aluminium', 'aluminium-wrought', 'block', 40),
  piece('Brass hexagon', 'brass-free-cutting', 'hexagon', 19),
  piece('Pin steel from the scrap rack', 'medium-carbon', 'round', 40, {
    uncertain: true,
    note: 'No mark. Sparks like plain steel with some carbon.',
  }),
  piece('Rail cap aluminium', 'aluminium-wrought', 'round', 45, { note: 'For the caps of the hand rails.' }),
];
