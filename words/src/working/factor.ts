import type { CutPlan, CutSetup, FactorName } from '@pike-stone/core';
import { FACTOR_WORDS } from '../factor';
import { formatFactor, formatLength, joined, type UnitSystem } from '../format';
import type { WorkingLine } from './line';

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
