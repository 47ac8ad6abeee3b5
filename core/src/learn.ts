/** What a cut teaches: signs and the next change, runs of trials, and the shop's own factor. */
export {
  JUDGED_SD_LN,
  ODD_SHARE,
  RIGHT_WITHIN_LN,
  trialOf,
  type CountedCuts,
  type FactorBand,
  type FactorTrial,
} from './learn/factor-grid';
export * from './learn/factor-groups';
export * from './learn/factor-history';
export * from './learn/shop-factor';
export { GOALS, type Goal, type Trial } from './learn/goal';
export * from './learn/sign';
export * from './learn/sign-advice';
export * from './learn/sign-rows';
export * from './learn/was-right';
export { metalFamily, METAL_FAMILIES, type MetalFamily } from './material/metal-family';
export * from './learn/chip-map';
export * from './learn/next-setting';
export { isSet, planAt, SET_PARAMETERS, settingOf, type SetParameter, type Setting } from './learn/setting';
export type { Blocked } from './learn/setting-refusal';
export * from './learn/work-up';
