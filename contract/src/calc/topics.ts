import { rakeConversionTopic } from './rake-conversion';
import { rakeInverseTopic } from './rake-inverse';
import { clearanceConversionTopic } from './clearance-conversion';
import { clearanceInverseTopic } from './clearance-inverse';
import { faceNormalTopic } from './face-normal';
import { anglesFromFacesTopic } from './angles-from-faces';
import { heelReliefTopic } from './heel-relief';
import { restSettingTopic } from './rest-setting';
import { faceFromSettingTopic } from './face-from-setting';
import { apparentAngleTopic } from './apparent-angle';
import { edgeTraceTopic } from './edge-trace';
import { hollowGrindTopic } from './hollow-grind';
import { boreClearanceTopic } from './bore-clearance';
import { boreSmallestTopic } from './bore-smallest';
import { boreSecondaryTopic } from './bore-secondary';
import { feedClearanceTopic } from './feed-clearance';
import { threadClearanceTopic } from './thread-clearance';
import { grooveRakeTopic } from './groove-rake';
import { grooveRegrindTopic } from './groove-regrind';
import { formAngleTopic } from './form-angle';
import { noseRadiusTopic } from './nose-radius';
import { bitVolumeTopic } from './bit-volume';
import { noseShiftTopic } from './nose-shift';
import { bitRegrindsLeftTopic } from './bit-regrinds-left';
import { grindTimeTopic } from './grind-time';
import { weakSectionTopic } from './weak-section';
import { roundFlatTopic } from './round-flat';
import { tipTemperatureTopic } from './tip-temperature';
import { honeLandTopic } from './hone-land';
import { noseFacetsTopic } from './nose-facets';
import { edgeFinishTopic } from './edge-finish';
import { areaCoverageTopic } from './area-coverage';
import { areaMethodTopic } from './area-method';
import { backGearCountTopic } from './back-gear-count';
import { barDeflectionTopic } from './bar-deflection';
import { bayesIdentifyTopic } from './bayes-identify';
import { beltMovesTopic } from './belt-moves';
import { beltTableTopic } from './belt-table';
import { beltTableFromOneTopic } from './belt-table-from-one';
import { breakEvenTopic } from './break-even';
import { causticQuantityTopic } from './caustic-quantity';
import { centreHeightTopic } from './centre-height';
import { centreRuleTopic } from './centre-rule';
import { changeGearSearchTopic } from './change-gear-search';
import { changeGearsTopic } from './change-gears';
import { chipColourTopic } from './chip-colour';
import { chipFormTopic } from './chip-form';
import { chipThinningTopic } from './chip-thinning';
import { chooseToolMaterialTopic } from './choose-tool-material';
import { combineMeasuresTopic } from './combine-measures';
import { compoundFeedTopic } from './compound-feed';
import { costPerPartTopic } from './cost-per-part';
import { cutTimeTopic } from './cut-time';
import { densityIdentifyTopic } from './density-identify';
import { depthFromPowerTopic } from './depth-from-power';
import { dialReadingTopic } from './dial-reading';
import { dialTurnsTopic } from './dial-turns';
import { diameterErrorTopic } from './diameter-error';
import { diameterWindowTopic } from './diameter-window';
import { drillFeedTopic } from './drill-feed';
import { drillFeedStartTopic } from './drill-feed-start';
import { drillPointTopic } from './drill-point';
import { drillSizeTopic } from './drill-size';
import { drillingTorqueTopic } from './drilling-torque';
import { effectiveDiameterTopic } from './effective-diameter';
import { endMillChoiceTopic } from './end-mill-choice';
import { endMillDeflectionTopic } from './end-mill-deflection';
import { enteringAngleTopic } from './entering-angle';
import { facingSpeedTopic } from './facing-speed';
import { factorChainTopic } from './factor-chain';
import { feedForRoughnessTopic } from './feed-for-roughness';
import { feedLimitsTurningTopic } from './feed-limits-turning';
import { feedPerToothTopic } from './feed-per-tooth';
import { feedRateTopic } from './feed-rate';
import { frictionWheelTopic } from './friction-wheel';
import { gilbertMinCostTopic } from './gilbert-min-cost';
import { governingLimitTopic } from './governing-limit';
import { handFeedTopic } from './hand-feed';
import { idealRoughnessTopic } from './ideal-roughness';
import { instrumentChoiceTopic } from './instrument-choice';
import { interfaceTemperatureTopic } from './interface-temperature';
import { kienzleTurningTopic } from './kienzle-turning';
import { kitAdviceTopic } from './kit-advice';
import { lengthEntryTopic } from './length-entry';
import { measureCorrectTopic } from './measure-correct';
import { millingPowerTopic } from './milling-power';
import { millingRoughnessTopic } from './milling-roughness';
import { minChipTopic } from './min-chip';
import { monteCarloTopic } from './monte-carlo';
import { offsetHeadTaperTopic } from './offset-head-taper';
import { passPlanTopic } from './pass-plan';
import { pitchDiameterTopic } from './pitch-diameter';
import { pulseTachometerTopic } from './pulse-tachometer';
import { radialChipThinningTopic } from './radial-chip-thinning';
import { randomDrawsTopic } from './random-draws';
import { rankCorrelationTopic } from './rank-correlation';
import { realisticRoughnessTopic } from './realistic-roughness';
import { rungChoiceTopic } from './rung-choice';
import { shaperFeedTopic } from './shaper-feed';
import { shaperSpeedTopic } from './shaper-speed';
import { shaperStrokesTopic } from './shaper-strokes';
import { shopConstantTopic } from './shop-constant';
import { slittingSawTopic } from './slitting-saw';
import { speedRangeTopic } from './speed-range';
import { speedSeriesTopic } from './speed-series';
import { spindleSpeedTopic } from './spindle-speed';
import { spindleTorqueTopic } from './spindle-torque';
import { stepUpTopic } from './step-up';
import { surfaceSpeedTopic } from './surface-speed';
import { tailstockTurnsTopic } from './tailstock-turns';
import { tapTimingTopic } from './tap-timing';
import { taperConvertTopic } from './taper-convert';
import { taperSetoverTopic } from './taper-setover';
import { taperSpeedTopic } from './taper-speed';
import { taylorFitTopic } from './taylor-fit';
import { taylorLifeTopic } from './taylor-life';
import { threadDepthTopic } from './thread-depth';
import { threadInfeedTopic } from './thread-infeed';
import { threeWireTopic } from './three-wire';
import { toolPowerCompareTopic } from './tool-power-compare';
import { turningPlanTopic } from './turning-plan';
import { unitConversionTopic } from './unit-conversion';
import { workDeflectionTopic } from './work-deflection';
import { restTiltTopic } from './rest-tilt';
import { restTiltSettingTopic } from './rest-tilt-setting';
import { restPivotTopic } from './rest-pivot';
import { restPivotSettingTopic } from './rest-pivot-setting';
import { wheelWearCorrectionTopic } from './wheel-wear-correction';
import { wheelSpeedTopic } from './wheel-speed';
import { minDiameterTopic } from './min-diameter';
import { markingTopic } from './marking';
import { abrasiveMatchTopic } from './abrasive-match';
import { dressLeadTopic } from './dress-lead';
import { dressIntervalTopic } from './dress-interval';
import { safetyCheckTopic } from './safety-check';
import { surfaceRiseTopic } from './surface-rise';
import { temperColourTopic } from './temper-colour';
import { temperedHardnessTopic } from './tempered-hardness';
import { millRegrindsLeftTopic } from './mill-regrinds-left';
import { regrindCostTopic } from './regrind-cost';
import { endToothReliefTopic } from './end-tooth-relief';
import { endToothHeightTopic } from './end-tooth-height';
import { secondaryReliefTopic } from './secondary-relief';
import { dishTopic } from './dish';
import { indexTopic } from './index';
import { indexRunoutTopic } from './index-runout';
import { grindRoundsTopic } from './grind-rounds';
import { taperStoneTopic } from './taper-stone';
import { taperStoneRadiusTopic } from './taper-stone-radius';
import { taperStoneReliefTopic } from './taper-stone-relief';
import { angleAcceptanceTopic } from './angle-acceptance';
import { hollowLandTopic } from './hollow-land';
import { regrindsLeftTopic } from './regrinds-left';
import { FORM_TOPICS } from './form-topics';
import { HOLE_TOPICS } from './hole-topics';
import { LEARN_TOPICS } from './learn-topics';
import { SETTING_TOPICS } from './setting-topics';
import type { Topic } from './topic';

/** Every calculation by its topic, in and out as plain JSON with the unit in each key. */
const TOPICS = {
  'unit-conversion': unitConversionTopic,
  'drill-size': drillSizeTopic,
  'length-entry': lengthEntryTopic,
  'spindle-speed': spindleSpeedTopic,
  'surface-speed': surfaceSpeedTopic,
  'shop-constant': shopConstantTopic,
  'effective-diameter': effectiveDiameterTopic,
  'facing-speed': facingSpeedTopic,
  'step-up': stepUpTopic,
  'taper-speed': taperSpeedTopic,
  'diameter-window': diameterWindowTopic,
  'shaper-speed': shaperSpeedTopic,
  'shaper-strokes': shaperStrokesTopic,
  'rung-choice': rungChoiceTopic,
  'speed-series': speedSeriesTopic,
  'pitch-diameter': pitchDiameterTopic,
  'belt-table': beltTableTopic,
  'belt-table-from-one': beltTableFromOneTopic,
  'friction-wheel': frictionWheelTopic,
  'back-gear-count': backGearCountTopic,
  'pulse-tachometer': pulseTachometerTopic,
  'tap-timing': tapTimingTopic,
  'combine-measures': combineMeasuresTopic,
  'change-gears': changeGearsTopic,
  'change-gear-search': changeGearSearchTopic,
  'belt-moves': beltMovesTopic,
  'spindle-torque': spindleTorqueTopic,
  'feed-rate': feedRateTopic,
  'chip-thinning': chipThinningTopic,
  'entering-angle': enteringAngleTopic,
  'drill-feed': drillFeedTopic,
  'slitting-saw': slittingSawTopic,
  'hand-feed': handFeedTopic,
  'shaper-feed': shaperFeedTopic,
  'pass-plan': passPlanTopic,
  'dial-reading': dialReadingTopic,
  'measure-correct': measureCorrectTopic,
  'area-coverage': areaCoverageTopic,
  'drill-point': drillPointTopic,
  'tailstock-turns': tailstockTurnsTopic,
  'cut-time': cutTimeTopic,
  'speed-range': speedRangeTopic,
  'factor-chain': factorChainTopic,
  'feed-limits-turning': feedLimitsTurningTopic,
  'feed-per-tooth': feedPerToothTopic,
  'drill-feed-start': drillFeedStartTopic,
  'radial-chip-thinning': radialChipThinningTopic,
  'kienzle-turning': kienzleTurningTopic,
  'milling-power': millingPowerTopic,
  'drilling-torque': drillingTorqueTopic,
  'depth-from-power': depthFromPowerTopic,
  'work-deflection': workDeflectionTopic,
  'bar-deflection': barDeflectionTopic,
  'end-mill-deflection': endMillDeflectionTopic,
  'ideal-roughness': idealRoughnessTopic,
  'min-chip': minChipTopic,
  'realistic-roughness': realisticRoughnessTopic,
  'feed-for-roughness': feedForRoughnessTopic,
  'milling-roughness': millingRoughnessTopic,
  'interface-temperature': interfaceTemperatureTopic,
  'chip-colour': chipColourTopic,
  'chip-form': chipFormTopic,
  'governing-limit': governingLimitTopic,
  'turning-plan': turningPlanTopic,
  'taper-setover': taperSetoverTopic,
  'taper-convert': taperConvertTopic,
  'offset-head-taper': offsetHeadTaperTopic,
  'compound-feed': compoundFeedTopic,
  'thread-depth': threadDepthTopic,
  'thread-infeed': threadInfeedTopic,
  'three-wire': threeWireTopic,
  'centre-height': centreHeightTopic,
  'diameter-error': diameterErrorTopic,
  'centre-rule': centreRuleTopic,
  'dial-turns': dialTurnsTopic,
  'taylor-life': taylorLifeTopic,
  'taylor-fit': taylorFitTopic,
  'gilbert-min-cost': gilbertMinCostTopic,
  'cost-per-part': costPerPartTopic,
  'break-even': breakEvenTopic,
  'random-draws': randomDrawsTopic,
  'rank-correlation': rankCorrelationTopic,
  'monte-carlo': monteCarloTopic,
  'choose-tool-material': chooseToolMaterialTopic,
  'tool-power-compare': toolPowerCompareTopic,
  'end-mill-choice': endMillChoiceTopic,
  'area-method': areaMethodTopic,
  'density-identify': densityIdentifyTopic,
  'bayes-identify': bayesIdentifyTopic,
  'caustic-quantity': causticQuantityTopic,
  'instrument-choice': instrumentChoiceTopic,
  'kit-advice': kitAdviceTopic,
  'rake-conversion': rakeConversionTopic,
  'rake-inverse': rakeInverseTopic,
  'clearance-conversion': clearanceConversionTopic,
  'clearance-inverse': clearanceInverseTopic,
  'face-normal': faceNormalTopic,
  'angles-from-faces': anglesFromFacesTopic,
  'heel-relief': heelReliefTopic,
  'rest-setting': restSettingTopic,
  'face-from-setting': faceFromSettingTopic,
  'apparent-angle': apparentAngleTopic,
  'edge-trace': edgeTraceTopic,
  'hollow-grind': hollowGrindTopic,
  'bore-clearance': boreClearanceTopic,
  'bore-smallest': boreSmallestTopic,
  'bore-secondary': boreSecondaryTopic,
  'feed-clearance': feedClearanceTopic,
  'thread-clearance': threadClearanceTopic,
  'groove-rake': grooveRakeTopic,
  'groove-regrind': grooveRegrindTopic,
  'form-angle': formAngleTopic,
  'nose-radius': noseRadiusTopic,
  'bit-volume': bitVolumeTopic,
  'nose-shift': noseShiftTopic,
  'bit-regrinds-left': bitRegrindsLeftTopic,
  'grind-time': grindTimeTopic,
  'weak-section': weakSectionTopic,
  'round-flat': roundFlatTopic,
  'tip-temperature': tipTemperatureTopic,
  'hone-land': honeLandTopic,
  'nose-facets': noseFacetsTopic,
  'edge-finish': edgeFinishTopic,
  'rest-tilt': restTiltTopic,
  'rest-tilt-setting': restTiltSettingTopic,
  'rest-pivot': restPivotTopic,
  'rest-pivot-setting': restPivotSettingTopic,
  'wheel-wear-correction': wheelWearCorrectionTopic,
  'wheel-speed': wheelSpeedTopic,
  'min-diameter': minDiameterTopic,
  marking: markingTopic,
  'abrasive-match': abrasiveMatchTopic,
  'dress-lead': dressLeadTopic,
  'dress-interval': dressIntervalTopic,
  'safety-check': safetyCheckTopic,
  'surface-rise': surfaceRiseTopic,
  'temper-colour': temperColourTopic,
  'tempered-hardness': temperedHardnessTopic,
  'mill-regrinds-left': millRegrindsLeftTopic,
  'regrind-cost': regrindCostTopic,
  'end-tooth-relief': endToothReliefTopic,
  'end-tooth-height': endToothHeightTopic,
  'secondary-relief': secondaryReliefTopic,
  dish: dishTopic,
  index: indexTopic,
  'index-runout': indexRunoutTopic,
  'grind-rounds': grindRoundsTopic,
  'taper-stone': taperStoneTopic,
  'taper-stone-radius': taperStoneRadiusTopic,
  'taper-stone-relief': taperStoneReliefTopic,
  'angle-acceptance': angleAcceptanceTopic,
  'hollow-land': hollowLandTopic,
  'regrinds-left': regrindsLeftTopic,
  ...FORM_TOPICS,
  ...SETTING_TOPICS,
  ...LEARN_TOPICS,
  ...HOLE_TOPICS,
} as const;

export type TopicName = keyof typeof TOPICS;
export const TOPIC_NAMES = Object.keys(TOPICS) as TopicName[];

export const isTopic = (name: string): name is TopicName => Object.hasOwn(TOPICS, name);

/** The calculation of a name, without its exact types; its schema checks the input. */
export const topicCalled = (name: TopicName): Topic => TOPICS[name] as Topic;

/** Whether a calculation may take more than a few milliseconds. */
export const isHeavy = (name: TopicName): boolean => topicCalled(name).heavy === true;
