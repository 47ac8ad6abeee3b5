import { faceNormals } from '../bit/faces';
import { cross, times, unit } from '../quantity/vector';
import { inBlank, leavesBlank } from '../solid/blank';
import type { BitFinding, BitUse } from './bit-finding';
import type { BitPlan, BitShape } from './bit-plan';
import { usualNoseDown } from './nose-down';
import { SHAPES } from './shape/registry';

const ROUNDING_MM = 0.01;
/** A nose that lies farther below the top than this share of the blank wastes steel. */
const MOST_DOWN_SHARE = 0.25;
/** Width of a blade or tongue that its blank must be wider than. */
const neededWidth = ({ shape, sizes }: BitPlan): number | null => {
  const widths: Partial<Record<BitShape, number>> = {
    parting: sizes.widthMm + 1,
    'radius-convex': 2 * sizes.radiusMm,
    'round-nose': 2 * sizes.radiusMm,
    'radius-concave': sizes.radiusMm + 1,
  };
  return widths[shape] ?? null;
};

/** Sizes that the blank does not carry, or that the cut asks for and the bit has not. */
export function sizeFindings(plan: BitPlan, use: BitUse | null): readonly BitFinding[] {
  const { sizes, blank, groove, noseRadiusMm } = plan;
  const facts = SHAPES[plan.shape];
  const needed = neededWidth(plan);
  const edge = facts.sizes.includes('edgeMm') ? sizes.edgeMm : null;
  const mostNose = edge === null ? Infinity : Math.min(edge, blank.widthMm) / 2;
  const bladeNeeded = use && facts.sizes.includes('bladeMm') ? use.diameterMm / 2 + 1 : null;
  return [
    ...(needed !== null && needed > blank.widthMm
      ? [{ code: 'blank-too-narrow', neededMm: needed, widthMm: blank.widthMm } as const]
      : []),
    ...(facts.hasNose && noseRadiusMm > mostNose
      ? [{ code: 'nose-too-large', noseMm: noseRadiusMm, mostMm: mostNose } as const]
      : []),
    ...(groove && groove.landMm + groove.widthMm > blank.widthMm * 0.7
      ? [
          {
            code: 'groove-too-wide',
            widthMm: groove.widthMm,
            mostMm: blank.widthMm * 0.7 - groove.landMm,
          } as const,
        ]
      : []),
    ...(use && edge !== null && facts.hasNose && use.depthMm > edge
      ? [{ code: 'edge-too-short', edgeMm: edge, depthMm: use.depthMm } as const]
      : []),
    ...(bladeNeeded !== null && bladeNeeded > sizes.bladeMm
      ? [{ code: 'blade-too-short', bladeMm: sizes.bladeMm, neededMm: bladeNeeded } as const]
      : []),
    ...(plan.noseDownMm > Math.max(blank.heightMm * MOST_DOWN_SHARE, usualNoseDown(plan) + ROUNDING_MM)
      ? [{ code: 'wasted-stock', downMm: plan.noseDownMm } as const]
      : []),
  ];
}

/** Share of its planned length that an edge must have. */
const LEAST_EDGE_SHARE = 0.95;

/** The edge of a corner in a round blank: it may leave the steel before it is as long as it was planned. */
export function edgeInBlank(plan: BitPlan): readonly BitFinding[] {
  const facts = SHAPES[plan.shape];
  if (plan.blank.section !== 'round' || !facts.hasNose) return [];
  const nose = facts.nose(plan);
  if (!inBlank(plan.blank, nose)) return [];
  const { rake, major } = faceNormals(plan.angles, 'right');
  const edge = unit(cross(rake, major));
  const back = edge[0] < 0 ? edge : times(edge, -1);
  const edgeMm = leavesBlank(plan.blank, nose, back);
  return edgeMm < plan.sizes.edgeMm * LEAST_EDGE_SHARE
    ? [{ code: 'edge-leaves-blank', edgeMm, plannedMm: plan.sizes.edgeMm }]
    : [];
}
