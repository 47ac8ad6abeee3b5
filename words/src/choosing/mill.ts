import type { CutPlan } from '@pike-stone/core';
import type { MillAdvice, MillCoating, MillFault } from '@pike-stone/core/choose';
import { formatFeedPerTurn, formatSurfaceSpeed, joined, type UnitSystem } from '../format';
import { listed } from '../list';

const COATING_WORDS: Readonly<Record<MillCoating, string>> = {
  none: 'bare',
  'none-polished': 'bare and polished',
  tin: 'TiN',
  ticn: 'TiCN',
  tialn: 'TiAlN',
  altin: 'AlTiN',
  alcrn: 'AlCrN',
  crn: 'CrN',
  zrn: 'ZrN',
  dlc: 'DLC',
};

/** What is wrong with an end mill, in short. */
export const MILL_FAULT_WORDS: Readonly<Record<MillFault, string>> = {
  'not-centre-cutting': 'no teeth to the centre',
  flutes: 'another number of flutes suits',
  'coating-harms': 'its coating harms here',
};

/** One of the four things that matter of a milling cutter, in their order. */
export interface MillLine {
  readonly title: string;
  readonly text: string;
  /** What is wrong with the cutter in hand. */
  readonly fault: string | null;
}

const coatings = (some: readonly MillCoating[]): string =>
  listed(
    some.map((coating) => COATING_WORDS[coating]),
    'or',
  ) || 'none';

/** Speed and feed, then flutes and helix, then coating, then fluid: what this cut wants, and what is wrong. */
export function sayMill(
  advice: MillAdvice,
  plan: CutPlan,
  teeth: number,
  units: UnitSystem,
): readonly MillLine[] {
  const { choice, faults } = advice;
  const has = (fault: MillFault): boolean => faults.includes(fault);
  const geometry = [
    has('not-centre-cutting') && 'it has no teeth to the centre: start in a drilled hole',
    has('flutes') && `it has ${teeth} ${teeth === 1 ? 'flute' : 'flutes'}`,
  ].filter((text): text is string => text !== false);
  const { feed, speed } = plan;
  return [
    {
      title: '1 Speed and feed',
      text: `${joined(formatSurfaceSpeed(speed.actualMPerMin, units))} and ${joined(formatFeedPerTurn(feed.tooth?.fzMm ?? feed.mmRev, units, 'tooth'))}.`,
      fault: feed.rubs ? 'this feed rubs: no coating mends that' : null,
    },
    {
      title: '2 Flutes and helix',
      text: `${listed(choice.flutes.map(String), 'or')} flutes, helix ${choice.helixDeg[0]} to ${choice.helixDeg[1]}°${choice.centreCuttingNeeded ? ', cutting to the centre' : ''}.`,
      fault: geometry.length > 0 ? geometry.join('; ') : null,
    },
    {
      title: '3 Coating',
      text: `${coatings(choice.suit)}${choice.harm.length > 0 ? `; not ${coatings(choice.harm)}` : ''}.`,
      fault: has('coating-harms') ? 'its coating harms in this metal' : null,
    },
    { title: '4 Fluid', text: `${choice.fluid.replace('tialn', 'TiAlN')}.`, fault: null },
  ];
}
