import { BUILT_UP, EDGE_WEAR, LEAST_CHIP, PRACTICE, SURFACE } from './sources';
import { ANY, HARD_TOOLS, STEEL_TOOLS, cause, sign } from '../sign';

/** Signs on the work: its surface and its size. Weights, steps and factors are typical and the shop's to judge. */
export const SURFACE_SIGNS = {
  'torn-surface': sign('surface', 4, ANY, ['steel', 'stainless', 'aluminium', 'copper'], BUILT_UP, [
    cause(0.45, 'speed', 'more', 1.5, HARD_TOOLS),
    cause(0.25, 'speed', 'less', 0.5, STEEL_TOOLS),
    cause(0.25, 'fluid', 'more'),
    cause(0.3, 'rake', 'more'),
  ]),
  'feed-threads': sign('surface', 4, ANY, ANY, SURFACE, [
    cause(0.65, 'feed', 'less', 0.8),
    cause(0.35, 'nose-radius', 'more', 1.5),
  ]),
  'glazed-hard': sign('surface', 2, ANY, ['stainless', 'titanium', 'copper', 'steel'], LEAST_CHIP, [
    cause(0.5, 'feed', 'more', 1.25),
    cause(0.3, 'depth', 'more', 1.5),
    cause(0.2, 'edge', 'renew'),
  ]),
  'welded-specks': sign('surface', 4, ANY, ['aluminium', 'steel', 'stainless'], BUILT_UP, [
    cause(0.5, 'fluid', 'more'),
    cause(0.3, 'speed', 'more', 1.25, HARD_TOOLS),
    cause(0.2, 'tool-material', 'change'),
  ]),
  'taper-turned': sign('surface', 4, ANY, ANY, PRACTICE, [
    cause(0.6, 'workholding', 'check'),
    cause(0.4, 'edge', 'renew'),
  ]),
  'chip-marks-climb': sign('surface', 4, ANY, ANY, PRACTICE, [
    cause(0.6, 'fluid', 'more'),
    cause(0.4, 'breaker', 'change'),
  ]),
  'size-grows': sign('surface', 4, ANY, ANY, EDGE_WEAR, [
    cause(0.6, 'edge', 'renew'),
    cause(0.4, 'fluid', 'more'),
  ]),
  'dial-ignored': sign('surface', 4, ANY, ANY, LEAST_CHIP, [
    cause(0.55, 'depth', 'more', 1.5),
    cause(0.25, 'workholding', 'check'),
    cause(0.2, 'edge', 'renew'),
  ]),
  'pip-left': sign('surface', 4, ANY, ANY, PRACTICE, [cause(1.0, 'centre-height', 'check')]),
};
