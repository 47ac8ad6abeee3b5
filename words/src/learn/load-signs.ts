import { told, type SignWords } from './sign-words';

/** Signs of load and heat in words. */
export const LOAD_WORDS = {
  'work-moved': {
    sign: 'work slips in chuck or vice, or a bright ring shows that it turned',
    stop: 'no cut until it is held',
    causes: [told('holding too weak for the force', 'clean jaws, longer grip, lighter depth')],
  },
  'smoke-oil': {
    sign: 'thick smoke, flame or glowing chips',
    stop: 'stop at once; no water on magnesium or oil',
    causes: [
      told(
        'heat far above the fluid’s flash point, or magnesium',
        'dull edge, too much speed, or wrong fluid',
      ),
    ],
  },
  'spindle-stalls': {
    sign: 'belt slips, spindle slows or stalls',
    stop: 'feed off before restarting; tool clear of the work',
    causes: [
      told(
        'torque needed above what this step gives',
        'a lower step has more torque; then take a third off the depth',
      ),
    ],
  },
  'wisp-smoke': {
    sign: 'a light wisp from cutting oil',
    stop: 'ventilate',
    causes: [
      told('warm oil: usual near the limit', 'no more smoke over the next passes', 'keep, ventilate'),
      told('flow too small', 'less smoke'),
    ],
  },
  'burnt-smell': {
    sign: 'burnt smell, tool shank too hot to touch after the cut',
    stop: 'let it cool; do not touch to test',
    causes: [told('speed too high for the tool', 'cooler tool'), told('rubbing edge', 'cooler tool')],
  },
  'handwheel-hard': {
    sign: 'handwheel takes a hard push',
    stop: 'stop if it jumps',
    causes: [
      told('dull edge', 'light push again'),
      told('too little rake or large edge radius', 'light push'),
      told('too deep', 'light push'),
      told('clearance rubs', 'light push'),
    ],
  },
  'current-high': {
    sign: 'motor current above its plate value',
    stop: 'stop after a minute above the plate',
    causes: [told('removal too great', 'current below the plate'), told('dull edge', 'current falls')],
  },
  'current-rising': {
    sign: 'cutting current creeps up pass by pass',
    stop: 'stop at 25 % above the fresh edge',
    causes: [told('edge wearing', 'current back to the first value'), told('work hardening', 'steady')],
  },
  'digs-in': {
    sign: 'tool pulls itself in',
    stop: 'stop: it can lift the work',
    causes: [
      told('too much rake for the metal', 'steady', 'zero rake; a flat honed on the top edge'),
      told('slack in slide', 'steady'),
      told('below centre', 'steady'),
    ],
  },
  'cut-too-slow': {
    sign: 'everything good but slow',
    stop: 'stop at the first sign of another row',
    causes: [
      told('room in feed', 'chip and load stay good'),
      told('room in depth', 'load stays good'),
      told('room in speed', 'colour stays good'),
    ],
  },
} as const satisfies Readonly<Record<string, SignWords>>;
