import type { DressWay, WheelAct, WheelSign } from '@pike-stone/core/wheel';

/** Ways to dress, both schools. */
export const DRESS_WORDS: Readonly<Record<DressWay, { readonly name: string; readonly about: string }>> = {
  diamond: {
    name: 'Diamond only',
    about:
      'true and fine: a finishing wheel stays as the diamond left it. Point it 10 to 15° downhill, 0.01 to 0.03 mm a pass.',
  },
  'diamond-then-star': {
    name: 'Diamond, then star wheel',
    about: 'true, then opened: the usual for a roughing wheel. Hook the star wheel on the rest, light.',
  },
  'diamond-then-stick': {
    name: 'Diamond, then coarse stick',
    about: 'true, then opened, finer than with the star wheel.',
  },
  'star-only': {
    name: 'Star wheel only',
    about: 'quick and sharp, but it follows the lumps of the wheel: not for finishing or forms.',
  },
  'stick-only': {
    name: 'Stick only',
    about: 'cleans a loaded face by hand; it follows the lumps of the wheel.',
  },
};

/** Why the default way is the default. */
export const DRESS_SCHOOLS =
  'Two schools. Default: the diamond first, because it trues the wheel as well; then open a roughing wheel, and leave a finishing wheel as it is. The other dresses by star wheel or stick alone: quick, and enough where nothing is finished on the wheel.';

export const SIGN_WORDS: Readonly<Record<WheelSign, { readonly name: string; readonly about: string }>> = {
  glazed: { name: 'Glazed', about: 'shiny hard face, squeal, sudden heat, few sparks' },
  loaded: { name: 'Loaded', about: 'grey or metallic spots in the pores' },
  'out-of-true': { name: 'Out of true', about: 'beats or bounces; the gap to the rest changes in a turn' },
  grooved: { name: 'Grooved', about: 'grooved or crowned face' },
  slow: { name: 'Slow', about: 'little comes off for the pressure' },
  burning: { name: 'Burning', about: 'edges colour at once' },
};

export const ACT_WORDS: Readonly<Record<WheelAct, string>> = {
  dress: 'Dress it.',
  true: 'True it with the diamond.',
  'softer-grade': 'If it comes often: a softer grade lets blunt grains go.',
  'open-structure': 'A more open structure loads less.',
  'check-material': 'Look at what was ground: soft metal never touches this wheel.',
  'check-flanges': 'Look at flanges, blotters and bearings, power off.',
  'move-across': 'Move the work across the full width.',
  'coarser-lead': 'Dress with a faster traverse: an open face cuts freely.',
  'lighter-hand': 'A lighter hand: heat goes with the pressure.',
  'pause-longer': 'Shorter touches, longer pauses.',
  'coarser-grit': 'A coarser grit takes more with less heat.',
};

/** Why a wheel was dressed. */
export const sayDressWhy = (why: WheelSign | 'routine' | 'new'): string =>
  why === 'routine' ? 'due' : why === 'new' ? 'new wheel' : SIGN_WORDS[why].name.toLowerCase();
