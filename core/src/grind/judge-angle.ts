import type { BitAngles } from '../bit/bit-angles';
import { feedClearance } from '../bit/feed-clearance';
import { faceNormals, wedgeDeg } from '../bit/faces';
import { centreHeight } from '../bit/centre-height';
import { unlessRefused } from '../quantity/out-of-range';
import type { BitUse } from './bit-finding';
import type { BitPlan } from './bit-plan';
import { LEAST_CLEARANCE_DEG, WEDGE_DEG } from './grind-limits';
import type { ReadingPlane, StepKey } from './grind-step';
import { contactOf } from './layout';
import { restSetting } from './rest-setting';

/** An angle of a bit that a protractor reads. */
export type ReadAngle = 'sideRakeDeg' | 'backRakeDeg' | 'sideClearanceDeg' | 'frontClearanceDeg';

/** Which of the six angles a reading is of; null for one that has none of its own. */
export function angleRead(step: StepKey, plane: ReadingPlane): ReadAngle | null {
  if (step === 'rake') return plane === 'across-shank' ? 'sideRakeDeg' : 'backRakeDeg';
  if (step === 'side' || step === 'left') return 'sideClearanceDeg';
  if (step === 'front' || step === 'point' || step === 'arc') return 'frontClearanceDeg';
  return null;
}

/** Off by less than this a reading is as it should be: a protractor held by hand reads no closer. */
const READ_TO_DEG = 1;

/** What a measured angle means for the cut, and how to come to the wanted one. */
export interface AngleVerdict {
  readonly offDeg: number;
  readonly ok: boolean;
  /** Feed a turn above which the flank under the main edge rubs, mm; null where it is not that flank. */
  readonly rubsAboveMm: number | null;
  /** Clearance left under the front with the nose as high as it stands; null where it is not that flank. */
  readonly frontLeftDeg: number | null;
  /** Wedge of steel with the measured angle. */
  readonly wedgeDeg: number | null;
  readonly weakWedge: boolean;
  /** Change of the rest's tilt that brings the wanted angle, degrees; positive lowers the operator's edge. */
  readonly tiltBy: number;
}

const FACE: Readonly<Record<ReadAngle, 'rake' | 'major' | 'minor'>> = {
  sideRakeDeg: 'rake',
  backRakeDeg: 'rake',
  sideClearanceDeg: 'major',
  frontClearanceDeg: 'minor',
};

/** Diameter that a verdict is given for when nothing is known of the work, mm. */
const USUAL_DIAMETER_MM = 20;

/**
 * Judges an angle that was read on a ground face: what it does to the cut, and the correction.
 *
 * @param deg  as read, in the plane of the angle
 * @example judgeAngle(general, 'sideClearanceDeg', 4, null).rubsAboveMm // 1.10 mm a turn on 20 mm
 */
export function judgeAngle(plan: BitPlan, angle: ReadAngle, deg: number, use: BitUse | null): AngleVerdict {
  const wanted = plan.angles[angle];
  const offDeg = deg - wanted;
  const diameterMm = use?.diameterMm ?? USUAL_DIAMETER_MM;
  const wedge = wedgeWith(plan.angles, angle, deg);
  return {
    offDeg,
    ok: Math.abs(offDeg) <= READ_TO_DEG,
    rubsAboveMm:
      angle === 'sideClearanceDeg'
        ? feedClearance(0, diameterMm, deg, plan.angles.sideRakeDeg, LEAST_CLEARANCE_DEG).rubbingFeedMm
        : null,
    frontLeftDeg: angle === 'frontClearanceDeg' ? frontLeft(deg, plan, use) : null,
    wedgeDeg: wedge,
    weakWedge: wedge !== null && wedge < WEDGE_DEG[0],
    tiltBy: tiltChange(plan, angle, deg),
  };
}

/** The wedge with one angle as it was read; null where no bit can have it. */
const wedgeWith = (angles: BitAngles, angle: ReadAngle, deg: number): number | null =>
  unlessRefused(() => {
    const normals = faceNormals({ ...angles, [angle]: deg }, 'right');
    return wedgeDeg(normals.rake, angle === 'frontClearanceDeg' ? normals.minor : normals.major);
  }, null);

/** Front clearance that is left at the height the nose stands at. */
function frontLeft(deg: number, { angles }: BitPlan, use: BitUse | null): number {
  if (!use || Math.abs(use.heightErrorMm) >= use.diameterMm / 2) return deg;
  return centreHeight(use.side, use.heightErrorMm, use.diameterMm, angles.backRakeDeg, deg).frontClearanceDeg;
}

/** Rest tilt for the wanted angle less the tilt that gives the measured one. */
function tiltChange(plan: BitPlan, angle: ReadAngle, deg: number): number {
  const face = FACE[angle];
  const roll = face === 'rake' ? 90 : 0;
  const tilt = (angles: BitAngles): number =>
    restSetting(faceNormals(angles, 'right')[face], roll, contactOf(plan)).tiltDeg;
  return unlessRefused(() => tilt(plan.angles) - tilt({ ...plan.angles, [angle]: deg }), 0);
}
