import {
  grooveDepth,
  groundBack,
  rakeInGroove,
  untilRecut,
  type ChipGroove,
  grooveRadius,
} from '../bit/chip-groove';
import { clearanceAtEdge } from '../bit/clearance';
import { rakeAtEdge } from '../bit/rake';
import type { Material } from '../material/material';
import { chipForm, type ChipForm } from '../mechanics/chip-form';
import type { BitPlan } from './bit-plan';
import { STOCK_MM } from './grind-limits';

/** Rake that is still enough once the groove has been ground back, over the flat face's, degrees. */
const LEAST_MORE_DEG = 5;
/** Just inside of the groove's near lip, mm. */
const INSIDE_MM = 1e-6;

/** What a chip breaker does in a cut, and as it is ground back. */
export interface GrooveInCut {
  readonly chip: ChipForm;
  readonly depthMm: number;
  /** Of the flat face, square to the edge, and the wedge under it. */
  readonly flatRakeDeg: number;
  readonly wedgeDeg: number;
  readonly lipRakeDeg: number;
  /** After one touching-up of the flank. */
  readonly afterOne: { readonly rakeDeg: number; readonly wedgeDeg: number };
  /** Touchings-up until its rake is down to the least, and that rake. */
  readonly regrinds: number;
  readonly leastRakeDeg: number;
}

/**
 * The chip that a groove makes at a depth and feed, how its rake falls as the flank is ground back,
 * and when it has to be cut again.
 *
 * @throws OutOfRange when the groove is wider than its round
 */
export function grooveInCut(
  { angles, noseRadiusMm }: BitPlan,
  groove: ChipGroove,
  cut: { readonly depthMm: number; readonly feedMm: number },
  metal: Pick<Material, 'chipRatio' | 'breakStrain'>,
): GrooveInCut {
  const edge = rakeAtEdge(angles.sideRakeDeg, angles.backRakeDeg, angles.kappaDeg);
  const clearance = clearanceAtEdge(angles.sideClearanceDeg, edge.inclinationDeg, angles.kappaDeg).normalDeg;
  const depthMm = grooveDepth(groove);
  const leastRakeDeg = edge.normalDeg + LEAST_MORE_DEG;
  return {
    chip: chipForm(
      {
        depthMm: cut.depthMm,
        feedMmRev: cut.feedMm,
        noseRadiusMm,
        approachDeg: angles.kappaDeg,
        rakeDeg: edge.orthogonalDeg,
        chipRatio: metal.chipRatio,
        breakStrain: metal.breakStrain,
        fluid: false,
      },
      { kind: 'groove', widthMm: groove.widthMm, depthMm, landMm: groove.landMm },
    ),
    depthMm,
    flatRakeDeg: edge.normalDeg,
    wedgeDeg: 90 - edge.normalDeg - clearance,
    lipRakeDeg: rakeInGroove(edge.normalDeg, groove, groove.landMm + INSIDE_MM).rakeDeg,
    afterOne: groundBack(edge.normalDeg, groove, clearance, STOCK_MM.touchUp),
    regrinds: untilRecut(edge.normalDeg, groove, clearance, leastRakeDeg, STOCK_MM.touchUp).regrinds,
    leastRakeDeg,
  };
}

/** A usual groove for a feed: its land about the feed, a fifth of a millimetre deep. */
export const usualGroove = (feedMm: number) => ({
  landMm: Math.min(0.5, Math.max(0.1, Math.round(feedMm * 20) / 20)),
  widthMm: 2,
  radiusMm: grooveRadius(2, 0.2),
});
