import { learnedFactors } from '@pike-stone/contract';
import type { LearnedFactors } from '@pike-stone/core';
import { useCallback } from 'react';
import { useOfShop } from '../sync/of-shop';
import { whileComing } from '../sync/shop-cache';
import { useRules } from './rules';

const LEARNED = '/api/learned';

/** Cuts from which on a factor is used: of the same metal and tool material, or of the machine in all. */
const FROM_CUTS = { group: 3, machine: 10 } as const;

/** Finds the shop's own factors for a machine, a metal and a tool material; null where there are none, or they are switched off. */
export function useLearned() {
  const { rules } = useRules();
  const { data } = useOfShop(LEARNED, learnedFactors, whileComing(LEARNED));
  const isOn = rules?.learns !== false;
  return useCallback(
    (machineId: string, metal: string, toolMaterial: string): LearnedFactors | null => {
      const own = isOn ? (data?.factors.filter((one) => one.machineId === machineId) ?? []) : [];
      const found =
        own.find((one) => one.metal === metal && one.toolMaterial === toolMaterial)
        ?? own.find((one) => one.metal === null);
      if (!found) return null;
      const used = (learned: typeof found.speed) =>
        learned && (learned.cuts >= FROM_CUTS.group || learned.machineCuts >= FROM_CUTS.machine)
          ? learned
          : null;
      const [speed, feed] = [used(found.speed), used(found.feed)];
      return speed || feed ? { speed, feed } : null;
    },
    [data, isOn],
  );
}
