import type { LearnedAnswer } from '@pike-stone/contract';
import type { LearnedFactors } from '@pike-stone/core';

/** Cuts from which on a factor is used: of the same metal and tool material, or of the machine in all. */
const FROM_CUTS = { group: 3, machine: 20 } as const;

/** The shop's own factors for a machine, a metal and a tool material; null where too few cuts tell of them. */
export function learnedFor(
  factors: LearnedAnswer['factors'],
  machineId: string,
  metal: string,
  toolMaterial: string,
): LearnedFactors | null {
  const own = factors.filter((one) => one.machineId === machineId);
  const found =
    own.find((one) => one.metal === metal && one.toolMaterial === toolMaterial)
    ?? own.find((one) => one.metal === null);
  if (!found) return null;
  const used = (learned: typeof found.speed) =>
    learned && (learned.cuts >= FROM_CUTS.group || learned.machineCuts >= FROM_CUTS.machine) ? learned : null;
  const [speed, feed] = [used(found.speed), used(found.feed)];
  return speed || feed ? { speed, feed } : null;
}
