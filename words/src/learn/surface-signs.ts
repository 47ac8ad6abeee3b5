import { told, type SignWords } from './sign-words';

/** Signs on the work in words. */
export const SURFACE_WORDS = {
  'torn-surface': {
    sign: 'torn, scaly, dull surface',
    stop: 'after two changes without effect, change the tool',
    causes: [
      told('built-up edge: too slow for carbide', 'shine returns'),
      told('built-up edge: in the sticking zone', 'shine returns', 'with cutting oil'),
      told('no fluid', 'cleaner'),
      told('too little rake', 'cleaner'),
    ],
  },
  'feed-threads': {
    sign: 'clear even threads of feed',
    stop: 'go no finer once the ridges are f²/(8 r) high: this nose leaves no less',
    causes: [
      told('feed coarse for the nose radius', 'height falls with the square of feed'),
      told('nose radius small', 'finer at the same feed'),
    ],
  },
  'glazed-hard': {
    sign: 'bright glazed band, next pass will not bite',
    stop: 'do not dwell; do not rub',
    causes: [
      told('work-hardened by rubbing', 'bites again'),
      told('depth inside the hard layer', 'cuts under the layer'),
      told('edge dull', 'bites at once'),
    ],
  },
  'welded-specks': {
    sign: 'bright specks welded on the work',
    stop: null,
    causes: [
      told('built-up edge breaking off', 'specks gone'),
      told('too slow for carbide', 'specks gone'),
      told('edge rough or coated for another metal', 'specks gone'),
    ],
  },
  'taper-turned': {
    sign: 'work comes out tapered',
    stop: 'measure at both ends again',
    causes: [
      told('work bends away or tailstock off line', 'equal sizes'),
      told('edge wearing along the cut', 'equal sizes'),
    ],
  },
  'chip-marks-climb': {
    sign: 'scratches from chips carried round',
    stop: null,
    causes: [
      told('chips recut', 'no scratches', 'blow or brush clear with the spindle stopped; stronger flow'),
      told(
        'chip strikes the finished side',
        'clean',
        'turn the lead angle or breaker so the chip leaves the other way',
      ),
    ],
  },
  'size-grows': {
    sign: 'diameter grows part by part',
    stop: 'measure again when it is cold',
    causes: [
      told('edge wear', 'size returns'),
      told('work hot when measured', 'same size cold and at the machine'),
    ],
  },
  'dial-ignored': {
    sign: 'cut is less than the dial says',
    stop: 'two equal passes without new depth, then measure',
    causes: [
      told('work or tool springs; below least bite', 'takes what is set'),
      told('backlash or slack', 'takes what is set'),
      told('dull', 'takes what is set'),
    ],
  },
  'pip-left': {
    sign: 'a pip or cone is left when facing',
    stop: null,
    causes: [told('edge not on centre', 'no pip')],
  },
} as const satisfies Readonly<Record<string, SignWords>>;
