import { learnedAnswer } from '@pike-stone/contract';
import { learnedFor, type LearnedFactors } from '@pike-stone/core';
import { useCallback } from 'react';
import { useOfShop } from '../sync/of-shop';
import { whileComing } from '../sync/shop-cache';
import { useRules } from './rules';

const LEARNED = '/api/learned';

/** Finds the shop's own factors for a machine, a metal and a tool material; null where there are none, or they are switched off. */
export function useLearned() {
  const { rules } = useRules();
  const { data } = useOfShop(LEARNED, learnedAnswer, whileComing(LEARNED));
  const isOn = rules?.learns !== false;
  return useCallback(
    (machineId: string, metal: string, toolMaterial: string): LearnedFactors | null =>
      isOn && data ? learnedFor(data.factors, machineId, metal, toolMaterial) : null,
    [data, isOn],
  );
}
