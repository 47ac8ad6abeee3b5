import { CHATTER, PRACTICE } from './sources';
import { ANY, STOP_NOW, cause, sign } from '../sign';

/** Signs that are heard and felt: sounds and vibration. Weights, steps and factors are typical and the shop's to judge. */
export const SOUND_SIGNS = {
  'bang-on-entry': sign('sound', 1, ANY, ANY, PRACTICE, [STOP_NOW]),
  squeal: sign('sound', 4, ANY, ANY, CHATTER, [
    cause(0.35, 'feed', 'more', 1.25),
    cause(0.3, 'edge', 'renew'),
    cause(0.2, 'speed', 'less', 0.8),
    cause(0.15, 'nose-radius', 'less', 0.5),
  ]),
  'chatter-marks': sign('sound', 3, ANY, ANY, CHATTER, [
    cause(0.35, 'speed', 'less', 0.75),
    cause(0.3, 'overhang', 'less'),
    cause(0.2, 'feed', 'more', 1.25),
    cause(0.15, 'depth', 'less', 0.67),
  ]),
  'rumble-low': sign('sound', 3, ANY, ANY, CHATTER, [
    cause(0.55, 'depth', 'less', 0.67),
    cause(0.45, 'workholding', 'check'),
  ]),
  'hiss-crackle': sign('sound', 5, ANY, ANY, PRACTICE, [cause(1.0, 'keep', 'keep')]),
  'knock-once-per-rev': sign('sound', 3, ANY, ANY, PRACTICE, [
    cause(0.6, 'workholding', 'check'),
    cause(0.4, 'depth', 'less', 0.67),
  ]),
};
