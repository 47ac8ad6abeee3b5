import type { Learned, LearnedFactors } from '../mechanics/factor-chain';

/** What a shop has learned on a machine, for a metal and a tool material; both null: for others on this machine. */
export interface LearnedRow {
  readonly machineId: string;
  readonly metal: string | null;
  readonly toolMaterial: string | null;
  readonly speed: Learned | null;
  readonly feed: Learned | null;
}

/** Cuts from which on a factor is used: of the same metal and tool material, or of the machine in all. */
const USED_FROM_CUTS = { group: 3, machine: 20 } as const;

/**
 * The shop's own factors for a machine, a metal and a tool material; null where too few
 * cuts tell of them. A metal and tool material without cuts of its own takes what the
 * machine has shown.
 */
export function learnedFor(
  rows: readonly LearnedRow[],
  machineId: string,
  metal: string,
  toolMaterial: string,
): LearnedFactors | null {
  const own = rows.filter((one) => one.machineId === machineId);
  const found =
    own.find((one) => one.metal === metal && one.toolMaterial === toolMaterial)
    ?? own.find((one) => one.metal === null);
  if (!found) return null;
  const used = (learned: Learned | null) =>
    learned && (learned.cuts >= USED_FROM_CUTS.group || learned.machineCuts >= USED_FROM_CUTS.machine)
      ? learned
      : null;
  const [speed, feed] = [used(found.speed), used(found.feed)];
  return speed || feed ? { speed, feed } : null;
}
