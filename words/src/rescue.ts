import type { Bath } from '@pike-stone/core/identify';
import { formatMoney } from './choosing/money';
import { formatLength, joined, significant, type UnitSystem } from './format';

/** A step of the caustic bath: what to do, and why it is dangerous. */
export interface BathStep {
  readonly title: string;
  readonly text: string;
  readonly cautions: readonly string[];
}

const grams = (g: number): string => `${significant(g, 2)}\u00a0g`;
const litres = (l: number): string => `${significant(l, 2)}\u00a0l`;
const cubicMetres = (m3: number): string => `${significant(m3, 2)}\u00a0m³`;

/** What the bath takes, and the hydrogen that it gives off. */
export const sayBath = ({ doseG, litresToMake, hydrogenL, airM3 }: Bath): string =>
  `${grams(doseG)} of sodium hydroxide in ${litres(litresToMake)} of cold water gives off ${litres(hydrogenL)} of hydrogen: ${cubicMetres(airM3)} of air at least.`;

/** Whether the bath is worth it; null while something is not typed. */
export function sayWorth(saving: number | null): string {
  if (saving === null) return 'Is it worth it?';
  return saving > 0
    ? `Worth it by the bath: it saves about ${formatMoney(saving)}`
    : `Not worth a bath: it would cost ${formatMoney(-saving)} more than it saves`;
}

/** Depth of the cut in steel that carries a film off, mm. */
const FILM_DEPTH_MM = 0.2;

/** What comes before the bath: for a film, and for a lump. */
export const mildWays = (units: UnitSystem): { readonly film: string; readonly lump: string } => ({
  film: `At its normal speed, ${joined(formatLength(FILM_DEPTH_MM, units))} deep, half a minute: the aluminium leaves with the chip. Look with a glass. Never with an edge that has a chip or a crack.`,
  lump: 'With a brass or wooden scraper, the spindle stopped. Never a chisel.',
});

/** The caustic bath, one step at a time, with its doses. */
export function bathSteps({ doseG, litresToMake, airM3 }: Bath): readonly BathStep[] {
  return [
    {
      title: 'The place',
      text: `Outdoors, or in a strong draught: ${cubicMetres(airM3)} of fresh air at least. Running water within reach.`,
      cautions: ['The bath gives off hydrogen and caustic mist: no flame, no spark, no switch near.'],
    },
    {
      title: 'Put on',
      text: 'Tight goggles and a face shield over them, long rubber gloves, an apron.',
      cautions: [
        'Skin or eyes: rinse at once with plenty of water for 15 to 20 minutes and get medical help.',
      ],
    },
    {
      title: 'The vessel',
      text: 'Plastic (PE, PP) or stainless, open, twice as deep as the bath, labelled. No aluminium, zinc, brass or glass, neither vessel nor tool.',
      cautions: ['No brazed tool, and nothing with an aluminium, zinc or brass part, goes into the bath.'],
    },
    {
      title: 'Cold water first',
      text: `${litres(litresToMake)} of cold water into the vessel.`,
      cautions: [],
    },
    {
      title: 'Lye into the water, slowly',
      text: `${grams(doseG)} of sodium hydroxide, a spoon at a time, stirring with plastic.`,
      cautions: ['Lye into water, never water into lye: it boils and spits.'],
    },
    {
      title: 'Lower the edges in',
      text: 'In a plastic basket, slowly. Stand back.',
      cautions: ['It bubbles at once and warms up: no face over it.'],
    },
    {
      title: 'Wait for the bubbling to stop',
      text: 'Then take them out, at the most after 30 minutes: the cobalt in carbide does not like it longer. Layers that hold aluminium may suffer.',
      cautions: ['Do not leave it alone.'],
    },
    {
      title: 'Rinse twice, dry, oil',
      text: 'Look at each edge with a glass: no chip, no crack.',
      cautions: ['Gloves and goggles stay on until everything is rinsed.'],
    },
    {
      title: 'Put away',
      text: 'Dilute, neutralise slowly, hand the rest in where local rules say. Lock the lye away. Wash your hands.',
      cautions: [
        'Never together with acid cleaner or bleach. Away from children and animals, never in a food bottle.',
      ],
    },
  ];
}

/** What made the metal weld on, and what to use instead. */
export const WELDED_CAUSES: readonly string[] = [
  'A coating that holds aluminium, or a honed edge: use a polished, uncoated, sharp, positive one.',
  'No fluid, or too little: paraffin by brush, mist or soluble oil.',
  'Too slow: soft metal builds up on an edge at low speed; go faster where the machine can.',
];
