import { arcFitTopic } from './arc-fit';
import { bulgeTopic } from './bulge';
import { centreErrorProfileTopic } from './centre-error-profile';
import { circularFormCorrectionTopic } from './circular-form-correction';
import { clockPinionProfileTopic } from './clock-pinion-profile';
import { clockTrainTopic } from './clock-train';
import { clockWheelProfileTopic } from './clock-wheel-profile';
import { cutterRangeTopic } from './cutter-range';
import { flatFormCorrectionTopic } from './flat-form-correction';
import { flyCutterTopic } from './fly-cutter';
import { formErrorTopic } from './form-error';
import { gearDimensionsTopic } from './gear-dimensions';
import { homographyTopic } from './homography';
import { identifyGearTopic } from './identify-gear';
import { inverseInvoluteTopic } from './inverse-involute';
import { involuteTopic } from './involute';
import { overPinsTopic } from './over-pins';
import { patternRangeTopic } from './pattern-range';
import { photoScaleTopic } from './photo-scale';
import { printCalibrationTopic } from './print-calibration';
import { profileMeasureTopic } from './profile-measure';
import { radialRakeCorrectionTopic } from './radial-rake-correction';
import { registerPointsTopic } from './register-points';
import { slideTableTopic } from './slide-table';
import { spanTopic } from './span';
import { swingEllipseTopic } from './swing-ellipse';
import { taperedStoneTopic } from './tapered-stone';
import { toothSpaceProfileTopic } from './tooth-space-profile';
import { toothThicknessTopic } from './tooth-thickness';
import { trueSizeTopic } from './true-size';
import { undercutTopic } from './undercut';

/** Calculations about gears, profiles and form cutters. */
export const FORM_TOPICS = {
  involute: involuteTopic,
  'inverse-involute': inverseInvoluteTopic,
  'gear-dimensions': gearDimensionsTopic,
  'tooth-thickness': toothThicknessTopic,
  undercut: undercutTopic,
  span: spanTopic,
  'over-pins': overPinsTopic,
  'tooth-space-profile': toothSpaceProfileTopic,
  'cutter-range': cutterRangeTopic,
  'form-error': formErrorTopic,
  'pattern-range': patternRangeTopic,
  'identify-gear': identifyGearTopic,
  'clock-train': clockTrainTopic,
  'clock-wheel-profile': clockWheelProfileTopic,
  'clock-pinion-profile': clockPinionProfileTopic,
  'flat-form-correction': flatFormCorrectionTopic,
  'circular-form-correction': circularFormCorrectionTopic,
  'radial-rake-correction': radialRakeCorrectionTopic,
  'centre-error-profile': centreErrorProfileTopic,
  'profile-measure': profileMeasureTopic,
  'slide-table': slideTableTopic,
  'swing-ellipse': swingEllipseTopic,
  'tapered-stone': taperedStoneTopic,
  'fly-cutter': flyCutterTopic,
  'register-points': registerPointsTopic,
  homography: homographyTopic,
  'photo-scale': photoScaleTopic,
  'print-calibration': printCalibrationTopic,
  'true-size': trueSizeTopic,
  bulge: bulgeTopic,
  'arc-fit': arcFitTopic,
} as const;
