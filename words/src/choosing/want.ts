import type { JobChoice } from '@pike-stone/core/choose';
import { formatLength, joined, type UnitSystem } from '../format';

/** What to get when nothing in the drawer fits: what to grind, or what to buy. */
export function sayToGet(
  {
    weighed,
    hss,
    carbide,
    costInputs,
  }: Pick<JobChoice<unknown>, 'weighed' | 'hss' | 'carbide' | 'costInputs'>,
  family: 'hss' | 'carbide',
  units: UnitSystem,
): string {
  const side = family === 'hss' ? hss : carbide;
  const { tool } = side.judged;
  const nose = 'noseRadiusMm' in tool ? `, nose ${joined(formatLength(tool.noseRadiusMm, units))}` : '';
  const size = 'diameterMm' in tool ? ` ${joined(formatLength(tool.diameterMm, units))}` : '';
  const grinds = family === 'hss' && costInputs.firstGrindMin > 0;
  const form = weighed.contributions.form < 0 ? ' to the form' : '';
  return grinds
    ? `Grind a bit of high speed steel${form}${nose}: about ${Math.round(costInputs.firstGrindMin)} minutes.`
    : `Buy one of ${family === 'hss' ? 'high speed steel' : 'carbide'}${size}${form}${nose}.`;
}
