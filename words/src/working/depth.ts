import { OPERATIONS, type CutPlan, type CutSetup } from '@pike-stone/core';
import { formatDivisions } from '../dial';
import { formatLength, joined, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import type { WorkingLine } from './line';

/** Reasons for the starting depth. */
function depthWhy({ operation }: CutSetup, plan: CutPlan): string {
  switch (plan.depth.reason) {
    case 'under-the-skin':
      return 'the first pass goes under the hard skin';
    case 'nose-radius':
      return 'not less than two thirds of the insert’s nose radius; the careful school says all of it';
    case 'machine-power':
      return 'eased to what the spindle has in this step, with a quarter in reserve';
    case 'cutter-spring':
      return 'eased until the cutter hardly bends';
    case 'own':
      return OPERATION_WORDS[operation].depthWhy(plan);
  }
}

/** The chain of lines that leads to the depth of cut. */
export function depthWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { depth, diameterMm } = plan;
  const length = (mm: number) => joined(formatLength(mm, units));
  const words = OPERATION_WORDS[setup.operation];
  const lines: WorkingLine[] = [
    {
      key: 'start',
      kind: 'chart',
      label: 'Wanted',
      value: length(depth.wantedMm),
      reason: depthWhy(setup, plan),
      source: 'our starting value; what worked in your shop is better',
    },
    ...(OPERATIONS[setup.operation].depthIsChosen ? factorLines(setup, plan, 'depth', units) : []),
    {
      key: 'depth',
      kind: 'result',
      label: depth.byHand ? 'Typed by you' : 'Start with',
      value: length(depth.mm),
      reason: depth.byHand ? `the start would be ${length(depth.startMm)}` : undefined,
    },
    ...(words.details?.(setup, units) ?? []),
  ];
  if (depth.widthInUseMm !== null)
    lines.push({
      key: 'width',
      kind: 'result',
      label: words.width ?? 'Width of cut',
      value: length(depth.widthInUseMm),
    });
  const twice = `⌀${formatLength(diameterMm, units).figure} − 2 × ${formatLength(depth.mm, units).figure}`;
  const otherDiameter = (key: string, mm: number, reason: string): WorkingLine => ({
    key,
    kind: 'relation',
    label: twice,
    value: `⌀${length(mm)}`,
    reason,
  });
  if (depth.afterDiameterMm !== null)
    lines.push(otherDiameter('after', depth.afterDiameterMm, 'depth is on the radius'));
  if (depth.beforeDiameterMm !== null)
    lines.push(otherDiameter('before', depth.beforeDiameterMm, 'the bore before this cut'));
  if (depth.dialDivisions !== null)
    lines.push({
      key: 'dial',
      kind: 'machine',
      label: 'On the dial',
      value: `${formatDivisions(depth.dialDivisions)} divisions in`,
      reason: 'backlash already taken out the same way',
    });
  return lines;
}
