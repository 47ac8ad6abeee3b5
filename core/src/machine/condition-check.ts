import type { MachineCondition } from './machine-condition';
import { within } from '../quantity/out-of-range';

/** What a short check of a machine found. */
export interface ConditionFindings {
  /** Lift at the spindle nose under a bar pried upward, by the indicator, mm. */
  readonly spindlePlayMm: number;
  /** Movement of the slide or table pushed and pulled across its ways, mm. */
  readonly gibSlackMm: number;
  /** Lost motion of the feed screw, mm. */
  readonly backlashMm: number;
  readonly belt: 'grips' | 'slips-when-loaded' | 'slips-early';
}

export interface ConditionVerdict {
  readonly condition: MachineCondition;
  /** Every finding with what it alone would make of the machine, the worst first. */
  readonly reasons: readonly {
    readonly finding: keyof ConditionFindings;
    readonly condition: MachineCondition;
  }[];
}

const CONDITIONS: readonly MachineCondition[] = ['rigid', 'ordinary', 'tired'];
/** Up to the first it is rigid, up to the second ordinary, beyond it tired. Typical for small machines; ours. */
export const CONDITION_LIMITS_MM = {
  spindlePlayMm: [0.01, 0.03],
  gibSlackMm: [0.02, 0.06],
  backlashMm: [0.15, 0.5],
} as const;
const MOST_MM = 5;

const graded = (mm: number, [rigid, ordinary]: readonly [number, number]): MachineCondition =>
  mm <= rigid + 1e-9 ? 'rigid' : mm <= ordinary + 1e-9 ? 'ordinary' : 'tired';

/**
 * Rigid, ordinary or tired from four findings: the worst of them counts.
 *
 * Spindle play and gib slack let the tool snatch and chatter. Backlash alone
 * only forbids climb cutting, and a slipping belt only takes power away: neither
 * makes a machine worse than ordinary. Limits are typical, to be overruled.
 *
 * @throws RangeError for a finding below 0 or above 5 mm
 * @example conditionCheck({ spindlePlayMm: 0.06, gibSlackMm: 0.03, backlashMm: 0.35, belt: 'grips' }).condition // 'tired'
 */
export function conditionCheck(findings: ConditionFindings): ConditionVerdict {
  const notWorse = (condition: MachineCondition): MachineCondition =>
    condition === 'tired' ? 'ordinary' : condition;
  const alone = {
    spindlePlayMm: graded(
      within('spindle play', findings.spindlePlayMm, 0, MOST_MM),
      CONDITION_LIMITS_MM.spindlePlayMm,
    ),
    gibSlackMm: graded(within('gib slack', findings.gibSlackMm, 0, MOST_MM), CONDITION_LIMITS_MM.gibSlackMm),
    backlashMm: notWorse(
      graded(within('backlash', findings.backlashMm, 0, MOST_MM), CONDITION_LIMITS_MM.backlashMm),
    ),
    belt: findings.belt === 'grips' ? 'rigid' : 'ordinary',
  } as const;
  const reasons = (Object.keys(alone) as (keyof ConditionFindings)[])
    .map((finding) => ({ finding, condition: alone[finding] as MachineCondition }))
    .sort((a, b) => CONDITIONS.indexOf(b.condition) - CONDITIONS.indexOf(a.condition));
  return { condition: reasons[0]!.condition, reasons };
}
