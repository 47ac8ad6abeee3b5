import { POWER_RESERVE, type CutPlan, type CutSetup } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { formatForce, formatPercent, formatPower, formatTorque, joined, type UnitSystem } from '../format';
import { sayGround } from './ground';
import { sayLength, type ForecastRow } from './row';

/** Power and torque the cut takes, and what this step has. */
export function powerRow(
  { power }: Forecast,
  setup: CutSetup,
  plan: CutPlan,
  units: UnitSystem,
): ForecastRow | null {
  if (!power) return null;
  const ground = sayGround(setup.tool);
  const needs = `${joined(formatPower(power.powerKw, units))}, ${joined(formatTorque(power.torqueNm, units))}`;
  const push = `Cuts with ${joined(formatForce(power.cuttingN, units))}, pushes back with ${joined(formatForce(power.pushN, units))}${power.force.extrapolated ? '; the chip is thinner than the figures were found for' : ''}. Force per chip section (Kienzle) × rake, speed, wear.${ground ? ` ${ground}` : ''}`;
  if (power.share === null || !power.has)
    return {
      key: 'power',
      title: 'Power',
      value: needs,
      level: null,
      lines: ['What the machine has is not known: give it its motor in the drawer.', push],
    };
  const level = power.share > 1 ? 'danger' : power.share > POWER_RESERVE ? 'caution' : null;
  const has =
    power.tighter === 'torque'
      ? joined(formatTorque(power.has.torqueNm, units))
      : joined(formatPower(power.has.powerKw, units));
  const deepest = (plan.depth.mm * POWER_RESERVE) / power.share;
  return {
    key: 'power',
    title: level === 'danger' ? 'More than the machine has' : 'Power',
    level,
    value: `${formatPercent(power.share)} of ${has}`,
    lines: [
      `Needs ${needs} at the spindle; this step has ${joined(formatPower(power.has.powerKw, units))}, ${joined(formatTorque(power.has.torqueNm, units))}${power.has.beltFirst ? ', then the belt slips' : ''}.`,
      ...(level
        ? [
            `To keep a quarter in reserve: ${sayLength(deepest, units)} deep instead of ${sayLength(plan.depth.mm, units)}, a finer feed${power.tighter === 'torque' ? ', or the back gear' : ', or one step down'}.`,
          ]
        : []),
      push,
    ],
  };
}
