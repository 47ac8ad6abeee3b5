import { formatLength, joined, type UnitSystem } from '../quantity/format';
import type { CutPlan } from './cut-plan';
import { type CutSetup } from './cut-setup';
import { OPERATIONS, type Operation } from './operations';
import { detailLines } from './detail-working';
import type { DepthReason } from './depth-start';
import { factorLines, type WorkingLine } from './working-line';

const DEPTH_WHY: Readonly<Record<DepthReason, string>> = {
  'rough-turning': 'roughing start: 1.5 mm on the radius, a tenth of the diameter on thin work',
  'under-the-skin': 'the first pass goes under the hard skin',
  'nose-radius': 'not less than two thirds of the insert’s nose radius; the careful school says all of it',
  'side-flute': 'one diameter deep at an eighth of the diameter wide',
  'slot-half-diameter': 'half the diameter in one pass; half of that on a tired machine',
  'slot-full-diameter': 'one diameter in soft metal; half of that on a tired machine',
  'face-mill': 'face mill start',
  'drill-three-diameters': 'three diameters before the chips must be cleared',
  shaping: 'shaping start: 1.5 mm',
  boring: 'boring start: 0.75 mm on the radius, 3 % of a small bore',
  'blade-width': 'the width of the blade; it goes in to the centre',
  'ream-allowance': 'left for the reamer: 0.1 mm and a hundredth of the diameter; this is half of it',
  groove: 'a groove to start with; type what the drawing says',
  form: 'as deep as the form is',
  chamfer: 'measured across the edge that goes',
  'thread-form': 'full thread with the nose this tool really has: a sharp one must go deeper',
  knurl: 'about a third of the pitch; the rim grows by about as much',
  file: 'a hundredth of a millimetre: a file and cloth take off marks, not size',
  'centre-cone': 'pilot and cone: the mouth stays inside the body of the drill',
  plunge: 'half the diameter before the chips are lifted out',
  'fly-cut': 'one tooth, one blow each turn: little depth',
  saw: 'three teeth in the cut at once; more pack the gullets, less hammer',
  'form-mill': 'the whole form; in hard metal in two cuts',
  't-slot-head': 'the head of the cutter; the neck slot is milled before',
  dovetail: 'as deep as the head reaches; the room is roughed square before',
  'machine-power': 'eased to what the spindle has in this step, with a quarter in reserve',
};

const WIDTH_OF: Partial<Record<Operation, string>> = {
  shape: 'Width of the face',
  groove: 'Width of the groove',
  saw: 'Width of the saw',
  'form-mill': 'Width of the form',
  form: 'Width of the form',
};

export function depthWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { depth } = plan;
  const length = (mm: number) => joined(formatLength(mm, units));
  const lines: WorkingLine[] = [
    {
      key: 'start',
      kind: 'chart',
      label: 'Wanted',
      value: length(depth.wantedMm),
      reason: DEPTH_WHY[depth.reason],
      source: 'our starting value; what worked in your shop is better',
    },
    ...(['turning', 'milling'].includes(OPERATIONS[setup.operation].cutting)
      ? factorLines(setup, plan, 'depth', units)
      : []),
    {
      key: 'depth',
      kind: 'result',
      label: depth.byHand ? 'Typed by you' : 'Start with',
      value: length(depth.mm),
      reason: depth.byHand ? `the start would be ${length(depth.startMm)}` : undefined,
    },
  ];
  lines.push(...detailLines(setup, units));
  if (depth.widthInUseMm !== null)
    lines.push({
      key: 'width',
      kind: 'result',
      label: WIDTH_OF[setup.operation] ?? 'Width of cut',
      value: length(depth.widthInUseMm),
    });
  if (depth.afterDiameterMm !== null)
    lines.push({
      key: 'after',
      kind: 'relation',
      label: `⌀${formatLength(plan.diameterMm, units).figure} − 2 × ${formatLength(depth.mm, units).figure}`,
      value: `⌀${length(depth.afterDiameterMm)}`,
      reason: 'depth is on the radius',
    });
  if (depth.beforeDiameterMm !== null)
    lines.push({
      key: 'before',
      kind: 'relation',
      label: `⌀${formatLength(plan.diameterMm, units).figure} − 2 × ${formatLength(depth.mm, units).figure}`,
      value: `⌀${length(depth.beforeDiameterMm)}`,
      reason: 'the bore before this cut',
    });
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

/** Divisions to the half, as a collar can be read. */
export const formatDivisions = (divisions: number): string => String(Math.round(divisions * 2) / 2);
