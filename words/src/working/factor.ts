import type { CutPlan, CutSetup, FactorName, Learned } from '@pike-stone/core';
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
  const own = quantity === 'depth' ? null : (factors.learned?.[quantity] ?? null);
  const learned = own ? [learnedLine(quantity, own)] : [];
  if (Math.abs(applied - kept) > SAME) return [...lines, ...learned, limit('Here at most', applied)];
  const table = kept / (own?.factor ?? 1);
  if (Math.abs(raw - table) <= SAME) return [...lines, ...learned];
  return [...lines, limit(raw < table ? 'Never eased below' : 'Never raised above', table), ...learned];
}
const SAME = 1e-9;

/** The shop's own factor, with its band and the cuts behind it. */
function learnedLine(quantity: string, { factor, low, high, cuts, machineCuts }: Learned): WorkingLine {
  const here = cuts === 1 ? '1 cut' : `${cuts} cuts`;
  const behind =
    cuts > 0 ? `${here} like this, ${machineCuts} on this machine` : `${machineCuts} on this machine`;
  return {
    key: 'factor-learned',
    kind: 'factor',
    label: `Learned here, ${quantity}`,
    value: formatFactor(factor),
    reason: `${formatFactor(low)} to ${formatFactor(high)} four times in five, from ${behind}`,
    source: 'the book of this shop; can be switched off in Settings',
  };
}
