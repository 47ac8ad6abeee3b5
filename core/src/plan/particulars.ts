import { coarsePitch, threadDepth, threadHalfAngle, type ThreadForm } from '../setting/thread';
import { USUAL_CHAMFER_DEG, USUAL_CHAMFER_MM, type CutSetup, type Way } from './cut-setup';
import type { Operation } from './operations';
import { DEG } from '../quantity/angle';

type Asked = Pick<
  CutSetup,
  'operation' | 'workDiameterMm' | 'stickOutMm' | 'tool' | 'lengthMm' | 'angleDeg' | 'pitchMm' | 'way'
>;

/** A self-holding taper of a machine part when no other is said: 1 in 20. */
const USUAL_TAPER_HALF_DEG = Math.atan(1 / 40) / DEG;
const USUAL_RAMP_DEG = 3;
const USUAL_KNURL_MM = 1;
/** An included angle nearer to 55 than to 60 is the old inch form. */
const BETWEEN_FORMS_DEG = 57.5;

/** Length of the shoulder, taper or thread: typed, or half of what stands out. */
export const cutLength = ({ lengthMm, stickOutMm, operation, workDiameterMm }: Asked): number =>
  lengthMm
  ?? (operation === 'thread'
    ? Math.min(stickOutMm, Math.max(1, Math.round(1.5 * workDiameterMm)))
    : stickOutMm / 2);

/** Half angle of a taper, slope of a chamfer from the axis, of a ramp from the surface. */
export function cutAngle({ angleDeg, operation, tool }: Asked): number {
  const usual: Partial<Record<Operation, number>> = {
    taper: USUAL_TAPER_HALF_DEG,
    chamfer: USUAL_CHAMFER_DEG,
    ramp: USUAL_RAMP_DEG,
    dovetail: tool.approachDeg,
  };
  return angleDeg ?? usual[operation] ?? 45;
}

export const cutPitch = ({ pitchMm, operation, workDiameterMm }: Asked): number =>
  pitchMm ?? (operation === 'knurl' ? USUAL_KNURL_MM : coarsePitch(workDiameterMm));

export const cutWay = ({ way, operation }: Asked): Way =>
  way ?? (operation === 'thread' ? 'outside' : 'compound');

/** Ways to choose from; empty where there is one only. */
export const waysOf = (operation: Operation): readonly Way[] =>
  operation === 'taper'
    ? ['compound', 'set-over', 'offset-head']
    : operation === 'thread'
      ? ['outside', 'inside']
      : [];

export const threadFormOf = ({ tool }: Pick<CutSetup, 'tool'>): ThreadForm =>
  tool.cornerDeg < BETWEEN_FORMS_DEG ? 'form-55' : 'iso-60';

/** The thread as this tool cuts it: outside the nose decides; inside the basic profile does. */
export function threadOf(setup: Asked) {
  const form = threadFormOf(setup);
  const pitchMm = cutPitch(setup);
  const outside = threadDepth(
    form,
    pitchMm,
    setup.workDiameterMm,
    0,
    Math.min(setup.tool.noseRadiusMm, LARGEST_NOSE * pitchMm),
  );
  const inside = cutWay(setup) === 'inside';
  return {
    ...outside,
    form,
    pitchMm,
    inside,
    halfDeg: threadHalfAngle(form),
    depthMm: inside ? (setup.workDiameterMm - outside.minorInsideMm) / 2 : outside.depthMm,
  };
}
/** A rounder nose does not reach the bottom of the profile; the round root of ISO 68-1. */
export const LARGEST_NOSE = 0.1443;

/** Small end of a taper: D - 2 L tan(half angle), nought when it runs out to a point. */
export const smallEnd = (setup: Asked): number =>
  Math.max(0, setup.workDiameterMm - 2 * cutLength(setup) * Math.tan(cutAngle(setup) * DEG));

/** A knurl comes out whole when the blank's rim is a whole number of pitches. */
export function knurlBlank(
  diameterMm: number,
  pitchMm: number,
): { readonly teeth: number; readonly diameterMm: number } {
  const teeth = Math.max(3, Math.floor((Math.PI * diameterMm) / pitchMm + 1e-9));
  return { teeth, diameterMm: (teeth * pitchMm) / Math.PI };
}

export const chamferSize = ({ depthMm }: Pick<CutSetup, 'depthMm'>): number => depthMm ?? USUAL_CHAMFER_MM;
