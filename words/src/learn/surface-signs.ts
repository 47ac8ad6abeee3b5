import { told } from './sign-words';

/** Signs on the work in words. */
export const SURFACE_WORDS = {
  'torn-surface': {
    sign: 'torn, scaly, dull surface',
    stop: 'two changes, then change tool',
    causes: [
      told('built-up edge: too slow for carbide', 'half as fast again', 'shine returns'),
      told('built-up edge: in the sticking zone', 'half the speed, with cutting oil', 'shine returns'),
      told('no fluid', 'add fluid, or the right fluid, before the edge', 'cleaner'),
      told('too little rake', '5 degrees more side rake, or a sharper positive insert', 'cleaner'),
    ],
  },
  'feed-threads': {
    sign: 'clear even threads of feed',
    stop: 'ideal height f²/(8 r)',
    causes: [
      told(
        'feed coarse for the nose radius',
        'next finer lever, about 20 %',
        'height falls with the square of feed',
      ),
      told('nose radius small', 'next larger nose radius', 'finer at the same feed'),
    ],
  },
  'glazed-hard': {
    sign: 'bright glazed band, next pass will not bite',
    stop: 'do not dwell; do not rub',
    causes: [
      told('work-hardened by rubbing', 'next coarser lever, about 25 %', 'bites again'),
      told('depth inside the hard layer', 'half as deep again', 'cuts under the layer'),
      told('edge dull', 'hone, regrind or turn to a new edge', 'bites at once'),
    ],
  },
  'welded-specks': {
    sign: 'bright specks welded on the work',
    stop: 'none special',
    causes: [
      told('built-up edge breaking off', 'add fluid, or the right fluid, before the edge', 'specks gone'),
      told('too slow for carbide', 'one rung up, about 25 %', 'specks gone'),
      told(
        'edge rough or coated for another metal',
        'tougher or harder tool material, or uncoated for aluminium',
        'specks gone',
      ),
    ],
  },
  'taper-turned': {
    sign: 'work comes out tapered',
    stop: 'measure at both ends again',
    causes: [
      told(
        'work bends away or tailstock off line',
        'retighten, support with tailstock, shorter stick-out',
        'equal sizes',
      ),
      told('edge wearing along the cut', 'hone, regrind or turn to a new edge', 'equal sizes'),
    ],
  },
  'chip-marks-climb': {
    sign: 'scratches from chips carried round',
    stop: 'none special',
    causes: [
      told('chips recut', 'blow or brush clear with the spindle stopped; stronger flow', 'no scratches'),
      told(
        'chip strikes the finished side',
        'turn the lead angle or breaker so the chip leaves the other way',
        'clean',
      ),
    ],
  },
  'size-grows': {
    sign: 'diameter grows part by part',
    stop: 'remeasure cold',
    causes: [
      told('edge wear', 'hone, regrind or turn to a new edge', 'size returns'),
      told(
        'work hot when measured',
        'add fluid, or the right fluid, before the edge',
        'same size cold and at the machine',
      ),
    ],
  },
  'dial-ignored': {
    sign: 'cut is less than the dial says',
    stop: 'two equal passes without new depth, then measure',
    causes: [
      told('work or tool springs; below least bite', 'half as deep again', 'takes what is set'),
      told('backlash or slack', 'retighten, support with tailstock, shorter stick-out', 'takes what is set'),
      told('dull', 'hone, regrind or turn to a new edge', 'takes what is set'),
    ],
  },
  'pip-left': {
    sign: 'a pip or cone is left when facing',
    stop: 'none special',
    causes: [told('edge not on centre', 'set the edge on centre within 0.5 % of diameter', 'no pip')],
  },
} as const;
