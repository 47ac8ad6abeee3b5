import type { CutPlan, CutSetup, FactorName } from '@pike-stone/core';
import { formatFactor, formatLength, joined, type UnitSystem } from '../format';
import type { WorkingLine } from './line';

/** The reason a machinist would give for each factor. */
export const FACTOR_WORDS: Readonly<Record<FactorName, { readonly title: string; readonly why: string }>> = {
  'tired-machine': { title: 'Tired machine', why: 'spindle play and worn gibs: chatter and snatching' },
  'light-machine': { title: 'Light machine', why: 'small castings bend' },
  'no-fluid': { title: 'No fluid', why: 'nothing carries the heat away or keeps the chip from sticking' },
  'interrupted-cut': { title: 'Interrupted cut', why: 'each entry is a blow' },
  'scale-first-pass': {
    title: 'Hard skin, first pass',
    why: 'scale and sand abrade; the depth goes under the skin',
  },
  'long-overhang': { title: 'Long overhang', why: 'it sticks out further than it should and springs away' },
  'very-long-overhang': { title: 'Very long overhang', why: 'half as far again as it should stick out' },
  'full-width-slot': { title: 'Full-width slot', why: 'heat stays in the slot and chips are cut twice' },
  'deep-cut': { title: 'Deep cut', why: 'more of the edge works at once' },
  'hand-fed-drill': { title: 'Fed by hand', why: 'the drill gives way by feel' },
  'deep-hole': { title: 'Deep hole', why: 'over four diameters chips and fluid hardly pass each other' },
  'very-deep-hole': { title: 'Very deep hole', why: 'over six diameters' },
  'light-finishing': {
    title: 'Light finishing',
    why: 'little heat in a thin cut; a fine feed for the surface',
  },
  'unknown-alloy': { title: 'Metal not certain', why: 'it may be a harder row of the chart' },
  'dull-tool': { title: 'Dull tool', why: 'a worn edge heats; sharpening is the better answer' },
};

/** Why a factor applies; a tired machine says what its check found, where there was one. */
function factorReason(name: FactorName, { machine: { check } }: CutSetup, units: UnitSystem): string {
  if (name !== 'tired-machine' || !check) return FACTOR_WORDS[name].why;
  const length = (mm: number) => joined(formatLength(mm, units));
  return `checked: spindle play ${length(check.spindlePlayMm)}, gib slack ${length(check.gibSlackMm)}`;
}

/**
 * A line for each factor on a quantity, and one where together they were not taken as
 * they are: never eased below or raised above what the chain allows, or less by a rule
 * of the operation.
 *
 * @param applied  the factor that was applied
 */
export function factorLines(
  setup: CutSetup,
  { speed: { factors } }: CutPlan,
  quantity: 'speed' | 'feed' | 'depth',
  applied: number,
  units: UnitSystem,
): WorkingLine[] {
  const lines = factors.applied
    .filter((factor) => factor[quantity] !== 1)
    .map((factor): WorkingLine => ({
      key: `factor-${factor.name}`,
      kind: 'factor',
      label: FACTOR_WORDS[factor.name].title,
      value: formatFactor(factor[quantity]),
      reason: factorReason(factor.name, setup, units),
    }));
  const raw = factors[`${quantity}Raw`];
  const kept = factors[`${quantity}Factor`];
  const limit = (label: string, value: number): WorkingLine => ({
    key: 'factor-limit',
    kind: 'factor',
    label,
    value: formatFactor(value),
    reason: `all together would be ${formatFactor(raw)}`,
  });
  if (Math.abs(applied - kept) > SAME) return [...lines, limit('Here at most', applied)];
  if (Math.abs(raw - kept) <= SAME) return lines;
  return [...lines, limit(raw < kept ? 'Never eased below' : 'Never raised above', kept)];
}
const SAME = 1e-9;
