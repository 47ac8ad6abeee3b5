import { MOTOR, PRACTICE } from './sources';
import { ANY, STEEL_TOOLS, STOP_NOW, cause, sign } from '../sign';

/** Signs of load and heat: handwheel, motor, belt, smoke. Weights, steps and factors are typical and the shop's to judge. */
export const LOAD_SIGNS = {
  'work-moved': sign('load', 1, ANY, ANY, PRACTICE, [STOP_NOW]),
  'smoke-oil': sign('load', 1, ANY, ANY, PRACTICE, [STOP_NOW]),
  'spindle-stalls': sign('load', 1, ANY, ANY, PRACTICE, [STOP_NOW]),
  'wisp-smoke': sign('load', 5, ANY, ANY, PRACTICE, [
    cause(0.7, 'keep', 'keep'),
    cause(0.3, 'fluid', 'more'),
  ]),
  'burnt-smell': sign('load', 2, STEEL_TOOLS, ANY, PRACTICE, [
    cause(0.6, 'speed', 'less', 0.8),
    cause(0.4, 'edge', 'renew'),
  ]),
  'handwheel-hard': sign('load', 3, ANY, ANY, PRACTICE, [
    cause(0.4, 'edge', 'renew'),
    cause(0.25, 'rake', 'more'),
    cause(0.2, 'depth', 'less', 0.67),
    cause(0.15, 'clearance', 'more'),
  ]),
  'current-high': sign('load', 3, ANY, ANY, MOTOR, [
    cause(0.6, 'depth', 'less', 0.67),
    cause(0.4, 'edge', 'renew'),
  ]),
  'current-rising': sign('load', 2, ANY, ANY, MOTOR, [
    cause(0.85, 'edge', 'renew'),
    cause(0.15, 'feed', 'more', 1.25),
  ]),
  'digs-in': sign('load', 2, ANY, ['brass', 'bronze', 'copper', 'plastic', 'aluminium'], PRACTICE, [
    cause(0.45, 'rake', 'less'),
    cause(0.3, 'workholding', 'check'),
    cause(0.25, 'centre-height', 'check'),
  ]),
  'cut-too-slow': sign('load', 5, ANY, ANY, PRACTICE, [
    cause(0.45, 'feed', 'more', 1.25),
    cause(0.35, 'depth', 'more', 1.5),
    cause(0.2, 'speed', 'more', 1.25),
  ]),
};
