import { mostSpringMm, OPERATIONS, type CutPlan, type CutSetup, type DepthReason } from '@pike-stone/core';
import { formatDivisions } from '../dial';
import { formatLength, joined, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import type { WorkingLine } from './line';
import { figures } from './relation';

/** Limits that overrule the operation's own start. */
const OVERRULED: Readonly<Record<Exclude<DepthReason, 'own' | 'cutter-spring'>, string>> = {
  'under-the-skin': 'the first pass goes under the hard skin',
  'nose-radius': 'not less than two thirds of the insert’s nose radius; the careful school says all of it',
  'machine-power': 'eased to what the spindle has in this step, with a quarter in reserve',
};

/** Differences under this are not told, mm. */
const SAME_MM = 0.004;

/** Why the depth in use is not simply the wanted one times its factors. */
function depthReason(setup: CutSetup, plan: CutPlan, units: UnitSystem): string | undefined {
  const { depth } = plan;
  const length = (mm: number) => joined(formatLength(mm, units));
  if (depth.byHand) return `the start would be ${length(depth.startMm)}`;
  if (depth.reason === 'cutter-spring')
    return `eased until the cutter hardly bends: ${length(mostSpringMm(setup, plan))} at most`;
  if (depth.reason !== 'own') return OVERRULED[depth.reason];
  return Math.abs(depth.mm - depth.wantedMm * depth.factor) > SAME_MM
    ? 'to a mark that is easily found again'
    : undefined;
}

/** The chain of lines that leads to the depth of cut. */
export function depthWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { depth } = plan;
  const length = (mm: number) => joined(formatLength(mm, units));
  const words = OPERATION_WORDS[setup.operation];
  return [
    {
      key: 'start',
      kind: 'chart',
      label: 'Wanted',
      value: length(depth.wantedMm),
      reason: words.depthWhy(plan, units),
      source: 'our starting value; what worked in your shop is better',
    },
    ...easedLines(setup, plan, units),
    {
      key: 'depth',
      kind: 'result',
      label: depth.byHand ? 'Typed by you' : 'Start with',
      value: length(depth.mm),
      reason: depthReason(setup, plan, units),
    },
    ...(words.details?.(setup, units) ?? []),
    ...(depth.widthInUseMm === null
      ? []
      : [
          {
            key: 'width',
            kind: 'result' as const,
            label: words.width ?? 'Width of cut',
            value: length(depth.widthInUseMm),
          },
        ]),
    ...diameterLines(plan, units),
    ...dialLine(plan),
  ];
}

/** The factors, and what they make of the wanted depth. */
function easedLines(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { depth } = plan;
  const { depthIsChosen, easesDepth } = OPERATIONS[setup.operation];
  if (!depthIsChosen || !easesDepth || depth.factor === 1) return [];
  const shown = formatLength(depth.wantedMm * depth.factor, units);
  const inUnits = units === 'mm' ? depth.wantedMm : depth.wantedMm / 25.4;
  const [wanted, factor] = figures([inUnits, depth.factor], (a = 0, b = 0) => a * b, Number(shown.figure));
  return [
    ...factorLines(setup, plan, 'depth', depth.factor, units),
    { key: 'eased', kind: 'relation', label: `${wanted} × ${factor}`, value: joined(shown) },
  ];
}

/** The diameter that the depth leaves, or that it came from. */
function diameterLines({ depth, diameterMm }: CutPlan, units: UnitSystem): WorkingLine[] {
  const line = (key: string, mm: number, reason: string): WorkingLine => {
    const shown = formatLength(mm, units);
    const inUnits = (value: number) => (units === 'mm' ? value : value / 25.4);
    const [d, ap] = figures(
      [inUnits(diameterMm), inUnits(depth.mm)],
      (D = 0, a = 0) => D - 2 * a,
      Number(shown.figure),
    );
    return { key, kind: 'relation', label: `⌀${d} − 2 × ${ap}`, value: `⌀${joined(shown)}`, reason };
  };
  return [
    ...(depth.afterDiameterMm === null
      ? []
      : [line('after', depth.afterDiameterMm, 'depth is on the radius')]),
    ...(depth.beforeDiameterMm === null
      ? []
      : [line('before', depth.beforeDiameterMm, 'the bore before this cut')]),
  ];
}

function dialLine({ depth }: CutPlan): WorkingLine[] {
  if (depth.dialDivisions === null) return [];
  return [
    {
      key: 'dial',
      kind: 'machine',
      label: 'On the dial',
      value: `${formatDivisions(depth.dialDivisions)} divisions in`,
      reason: 'backlash already taken out the same way',
    },
  ];
}
