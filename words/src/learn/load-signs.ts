import { told } from './sign-words';

/** Signs of load and heat in words. */
export const LOAD_WORDS = {
  'work-moved': {
    sign: 'work slips in chuck or vice, or a bright ring shows that it turned',
    stop: 'no cut until it is held',
    causes: [
      told(
        'holding too weak for the force',
        'feed off, tool clear, spindle stopped; then look',
        'clean jaws, longer grip, lighter depth',
      ),
    ],
  },
  'smoke-oil': {
    sign: 'thick smoke, flame or glowing chips',
    stop: 'stop at once; no water on magnesium or oil',
    causes: [
      told(
        'heat far above the fluid’s flash point, or magnesium',
        'feed off, tool clear, spindle stopped; then look',
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
        'feed off, tool clear, spindle stopped; then look',
        'a lower step has more torque; then take a third off the depth',
      ),
    ],
  },
  'wisp-smoke': {
    sign: 'a light wisp from cutting oil',
    stop: 'ventilate',
    causes: [
      told('warm oil: usual near the limit', 'keep, ventilate', 'no more smoke over the next passes'),
      told('flow too small', 'add fluid, or the right fluid, before the edge', 'less smoke'),
    ],
  },
  'burnt-smell': {
    sign: 'burnt smell, tool shank too hot to touch after the cut',
    stop: 'let it cool; do not touch to test',
    causes: [
      told('speed too high for the tool', 'one rung down, about 20 %', 'cooler tool'),
      told('rubbing edge', 'hone, regrind or turn to a new edge', 'cooler tool'),
    ],
  },
  'handwheel-hard': {
    sign: 'handwheel takes a hard push',
    stop: 'stop if it jumps',
    causes: [
      told('dull edge', 'hone, regrind or turn to a new edge', 'light push again'),
      told(
        'too little rake or large edge radius',
        '5 degrees more side rake, or a sharper positive insert',
        'light push',
      ),
      told('too deep', 'one third off', 'light push'),
      told('clearance rubs', '2 degrees more clearance', 'light push'),
    ],
  },
  'current-high': {
    sign: 'motor current above its plate value',
    stop: 'stop after a minute above the plate',
    causes: [
      told('removal too great', 'one third off', 'current below the plate'),
      told('dull edge', 'hone, regrind or turn to a new edge', 'current falls'),
    ],
  },
  'current-rising': {
    sign: 'cutting current creeps up pass by pass',
    stop: 'stop at 25 % above the fresh edge',
    causes: [
      told('edge wearing', 'hone, regrind or turn to a new edge', 'current back to the first value'),
      told('work hardening', 'next coarser lever, about 25 %', 'steady'),
    ],
  },
  'digs-in': {
    sign: 'tool pulls itself in',
    stop: 'stop: it can lift the work',
    causes: [
      told('too much rake for the metal', 'zero rake; a flat honed on the top edge', 'steady'),
      told('slack in slide', 'retighten, support with tailstock, shorter stick-out', 'steady'),
      told('below centre', 'set the edge on centre within 0.5 % of diameter', 'steady'),
    ],
  },
  'cut-too-slow': {
    sign: 'everything good but slow',
    stop: 'stop at the first sign of another row',
    causes: [
      told('room in feed', 'next coarser lever, about 25 %', 'chip and load stay good'),
      told('room in depth', 'half as deep again', 'load stays good'),
      told('room in speed', 'one rung up, about 25 %', 'colour stays good'),
    ],
  },
} as const;
