import { isInsert, OPERATIONS } from '@pike-stone/core';
import { edgeFeed } from '@pike-stone/core/choose';
import type { ChoiceContext } from '@pike-stone/words/choosing';
import { EDGE_NAMES } from '@pike-stone/words/picking';
import { useMemo } from 'react';
import { useRecords } from '../../data/records';
import { useRules } from '../../data/rules';
import { useCut, type SetUp } from '../cut/useCut';
import { useWants } from './job-wants';
import { weighJob, type Chosen } from './weigh-job';

/** The cut that is set up, weighed: which tool material and which tool; `chosen` is null where there is nothing to choose. */
export function useChoice() {
  const found = useCut();
  const { wants } = useWants();
  const { rules } = useRules();
  const setUp: SetUp | null = found.cut ?? found.refused;
  const { tools } = found.drawer;
  const { records: supplies } = useRecords('supplies');
  const chosen = useMemo(
    () => setUp && weighJob(setUp, tools, supplies, wants, rules),
    [setUp, tools, supplies, wants, rules],
  );
  const context = useMemo(() => (chosen && setUp ? contextOf(chosen, setUp) : null), [chosen, setUp]);
  return { ...found, setUp, wants, chosen, context };
}

/** What the sentences of the choice need to know of the set-up. */
function contextOf({ carbide, powerUnknown }: Chosen, { setup }: SetUp): ChoiceContext {
  const { plan, tool } = carbide.judged;
  const { turns, toolMakesMm } = OPERATIONS[setup.operation];
  return {
    diameterMm: plan.diameterMm,
    topRpm: plan.speed.topRpm,
    carbide: EDGE_NAMES[tool.material].toLowerCase(),
    indexed: isInsert(tool.material),
    feedOf: edgeFeed(carbide.judged).of,
    hasNose: 'noseRadiusMm' in tool,
    metal: plan.metal.name,
    condition: setup.machine.condition,
    light: setup.machine.light,
    powerUnknown,
    strokes: turns === 'stroke',
    grows: toolMakesMm ? null : turns,
  };
}
