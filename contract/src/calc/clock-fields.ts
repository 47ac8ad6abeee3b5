import { DEG } from '@pike-stone/core';
import type { ClockSpace } from '@pike-stone/core/form';
import { corners, point } from './gear-fields';
import { figure, result, whole } from './schema';

/** Data of a clock-type wheel with its pinion as a question gives them. */
export const clockFields = { moduleMm: figure, wheelTeeth: whole(1, 2000), leaves: whole(1, 100) };

export const clockSpaceResult = {
  pitchDiameterMm: result,
  outsideDiameterMm: result,
  rootDiameterMm: result,
  wholeDepthMm: result,
  shapingRadiusMm: result,
  cutterFlankAngleDeg: result,
  cutterWidthAtTipCircleMm: result,
  rootPoint: point,
  pitchPoint: point,
  arcCentre: point,
  tipPoint: point,
  profile: corners,
};

export const clockSpaceSaid = (space: ClockSpace) => ({
  pitchDiameterMm: space.pitchMm,
  outsideDiameterMm: space.outsideMm,
  rootDiameterMm: space.rootMm,
  wholeDepthMm: space.wholeDepthMm,
  shapingRadiusMm: space.shapingRadiusMm,
  cutterFlankAngleDeg: space.flankRad / DEG,
  cutterWidthAtTipCircleMm: space.tipWidthMm,
  rootPoint: space.rootPoint,
  pitchPoint: space.pitchPoint,
  arcCentre: space.arcCentre,
  tipPoint: space.tipPoint,
  profile: space.profile,
});
