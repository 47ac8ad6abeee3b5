import { FACTOR_WHY } from '../cut/factor-chain';
import { formatFactor, formatLength, joined, type UnitSystem } from '../quantity/format';
import type { CutPlan } from './cut-plan';
import type { CutSetup } from './cut-setup';

/** One line of the chain that leads to a number. */
export interface WorkingLine {
  readonly key: string;
  readonly kind: 'chart' | 'choice' | 'factor' | 'relation' | 'check' | 'machine' | 'result';
  readonly label: string;
  readonly value: string;
  readonly reason?: string;
  readonly source?: string;
}

/** Where a library value comes from, or that the shop put its own in its place. */
export const LIBRARY = 'library, typical';

export const OWN = 'your shop’s own value';

/** Why a machine counts as tired: what the check found, or what is true of tired machines. */
function machineReason({ machine: { check } }: CutSetup, units: UnitSystem): string {
  if (!check) return FACTOR_WHY['tired-machine'].why;
  const length = (mm: number) => joined(formatLength(mm, units));
  return `checked: spindle play ${length(check.spindlePlayMm)}, gib slack ${length(check.gibSlackMm)}`;
}

export function factorLines(
  setup: CutSetup,
  plan: CutPlan,
  quantity: 'speed' | 'feed' | 'depth',
  units: UnitSystem,
): WorkingLine[] {
  const { applied } = plan.speed.factors;
  const lines = applied
    .filter((factor) => factor[quantity] !== 1)
    .map((factor): WorkingLine => ({
      key: `factor-${factor.name}`,
      kind: 'factor',
      label: FACTOR_WHY[factor.name].title,
      value: formatFactor(factor[quantity]),
      reason: factor.name === 'tired-machine' ? machineReason(setup, units) : FACTOR_WHY[factor.name].why,
    }));
  const raw = plan.speed.factors[`${quantity}Raw`];
  const kept = plan.speed.factors[`${quantity}Factor`];
  if (Math.abs(raw - kept) > 1e-9) {
    lines.push({
      key: 'factor-limit',
      kind: 'factor',
      label: raw < kept ? 'Never eased below' : 'Never raised above',
      value: formatFactor(kept),
      reason: `all together would be ${formatFactor(raw)}`,
    });
  }
  return lines;
}
