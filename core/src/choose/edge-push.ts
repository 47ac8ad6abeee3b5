import { forceEdge } from '../operation/edge';
import { operationOf } from '../operation/registry';
import { pushPerMm, type EdgeShape, type PushIn } from './tool-push';
import type { JobChoice } from './job-choice';
import type { JudgedTool } from './judged-tool';

/** Share of the force that a degree of rake takes off; typical 0.010 to 0.015. */
const PER_DEGREE = 0.012;
/** Force of ploughing for each micrometre of edge radius in steel, N per mm of width. */
const PLOUGH_N_MM_PER_UM = 1;

export interface EdgePush extends EdgeShape {
  readonly nPerMm: number;
}

/** Force on the edge of a tool in its metal, N per mm of width, at a chip of this thickness, mm. */
export function edgePush({ tool, plan: { metal, edge } }: JudgedTool, chipThicknessMm: number): EdgePush {
  const shape: EdgeShape = { rakeDeg: forceEdge(tool, metal, edge).rakeDeg, edgeRadiusUm: edge.edgeRadiusUm };
  const of: PushIn = {
    // The library's force was found at a rake of its own.
    kc11: metal.kc11 / (1 - PER_DEGREE * metal.rake0Deg),
    mc: metal.mc,
    perDegree: PER_DEGREE,
    ploughNMmPerUm: PLOUGH_N_MM_PER_UM,
    chipThicknessMm,
  };
  return { ...shape, nPerMm: pushPerMm(shape, of) };
}

/** What the edges of both tools push at the same chip, that of the carbide's cut. */
export function pushOfBoth({ hss, carbide }: Pick<JobChoice<unknown>, 'hss' | 'carbide'>): {
  readonly hss: EdgePush;
  readonly carbide: EdgePush;
} {
  const { setup, plan } = carbide.judged;
  const chipMm = operationOf(setup).chipThicknessMm(setup, plan);
  return { hss: edgePush(hss.judged, chipMm), carbide: edgePush(carbide.judged, chipMm) };
}
