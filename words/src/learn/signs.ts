import type { SignGroup, SignKey } from '@pike-stone/core/learn';
import { CHIP_WORDS } from './chip-signs';
import { EDGE_WORDS } from './edge-signs';
import { LOAD_WORDS } from './load-signs';
import type { SignWords } from './sign-words';
import { SOUND_WORDS } from './sound-signs';
import { SURFACE_WORDS } from './surface-signs';

/** Every sign of the rule base in words. */
export const SIGN_WORDS: Readonly<Record<SignKey, SignWords>> = {
  ...CHIP_WORDS,
  ...SURFACE_WORDS,
  ...SOUND_WORDS,
  ...EDGE_WORDS,
  ...LOAD_WORDS,
};

/** Where a sign is looked for, as the picker calls it. */
export const SIGN_GROUP_WORDS: Readonly<Record<SignGroup, string>> = {
  'chip-shape': 'Chip',
  'chip-colour': 'Colour',
  surface: 'Surface',
  sound: 'Sound',
  edge: 'Edge',
  load: 'Load',
};

/** Short names under the pictograms. */
export const SIGN_SHORT: Readonly<Record<SignKey, string>> = {
  'ribbon-winding': 'Winds round',
  'long-ribbon': 'Long ribbon',
  'tight-clock-spring': 'Jammed curls',
  'good-arcs': 'Short arcs',
  'powder-dust': 'Dust, scales',
  'thick-torn-chip': 'Thick, torn',
  'stringy-hair': 'Hair, wool',
  'chip-dark-blue': 'Dark blue',
  'chip-blue-carbide': 'Blue',
  'chip-silver-carbide': 'Silver',
  'chip-straw': 'Straw',
  'chip-black': 'Burnt black',
  'torn-surface': 'Torn, scaly',
  'feed-threads': 'Feed threads',
  'glazed-hard': 'Glazed band',
  'welded-specks': 'Welded specks',
  'taper-turned': 'Tapered',
  'chip-marks-climb': 'Scratches',
  'size-grows': 'Size creeps up',
  'dial-ignored': 'Less than dial',
  'pip-left': 'Pip left',
  squeal: 'Squeal',
  'chatter-marks': 'Chatter',
  'rumble-low': 'Low rumble',
  'hiss-crackle': 'Soft hiss',
  'knock-once-per-rev': 'Knock each turn',
  'bang-on-entry': 'Bang',
  'edge-flew': 'Piece broke off',
  'built-up-edge': 'Built-up edge',
  crater: 'Crater',
  notch: 'Notch',
  'flank-even': 'Even land',
  'flank-fast': 'Worn in minutes',
  'chipped-edge': 'Chipped',
  'nose-deformed': 'Nose sagged',
  'edge-blued': 'Edge blued',
  'work-moved': 'Work slipped',
  'spindle-stalls': 'Belt slips',
  'smoke-oil': 'Thick smoke',
  'handwheel-hard': 'Hard handwheel',
  'current-high': 'Amps too high',
  'current-rising': 'Amps creep up',
  'digs-in': 'Digs in',
  'cut-too-slow': 'Good but slow',
  'wisp-smoke': 'Wisp of oil',
  'burnt-smell': 'Burnt smell',
};

/** Signs that one cut cannot show together. */
export const sayExclusion = ([one, other]: readonly [SignKey, SignKey]): string =>
  `“${SIGN_SHORT[one]}” and “${SIGN_SHORT[other].toLowerCase()}” do not go together in one cut: leave the one that was seen most.`;
