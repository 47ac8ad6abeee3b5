import type { DrillUse, ShortJob } from '@pike-stone/core/wheel';

interface ShortWords {
  readonly name: string;
  readonly about: string;
  readonly steps: readonly string[];
  readonly caution: string;
}

export const SHORT_JOB_WORDS: Readonly<Record<ShortJob, ShortWords>> = {
  drill: {
    name: 'Drill',
    about: 'point angle, lips alike, web',
    steps: [
      'Hold the lip level, half the point angle to the face of the wheel.',
      'Touch, and drop the shank while it rolls a little: the heel falls away behind the lip.',
      'Turn it half round and do the same: as many touches on each lip.',
      'Compare the lips under a gauge: length and angle alike.',
      'Thin the web on the corner of the wheel when it has grown.',
    ],
    caution: 'Never push a drill at the wheel point first; a short one in a holder.',
  },
  'fly-tip': {
    name: 'Fly-cutter tip',
    about: 'as a bit, clearance along its own path',
    steps: [
      'End: 5 to 8° seen along the path that the tip swings.',
      'Side: 8 to 15°, more for a small swing, so that the heel clears.',
      'Top: 0 to 10° of rake. A small radius, or a flat that wipes.',
      'Hone, then turn the cutter by hand over the work.',
    ],
    caution: 'Its leading corner lies on the other side than in the lathe: look which way it turns.',
  },
  brazed: {
    name: 'Brazed carbide',
    about: 'green wheel or diamond, dust drawn off',
    steps: [
      'Steel under the tip first, 2 to 3° more than the clearance, on the grey wheel: steel loads the others.',
      'Rough the carbide on the green wheel, from the edge into the tip, light and dry; never quench.',
      'Finish on diamond, 150 to 400, again from the edge into the tip.',
      'Hone with a diamond card: a bevel of 0.02 to 0.05 mm keeps the edge from chipping.',
    ],
    caution:
      'Carbide dust carries cobalt: respirator and extraction, wet where possible, no blowing off, wash hands. Old brazing may hold cadmium: never heat it.',
  },
  scraper: {
    name: 'Scraper',
    about: 'end square or a little blunt, curved, honed',
    steps: [
      'End: 90° for steel and bronze, 95° for iron, on the fine wheel; rock it to a curve of 100 to 150 mm.',
      'Carbide: diamond, never the alumina wheel.',
      'Hone the two faces flat first, then the end, standing up, until it takes hair-thin chips.',
      'Hone again whenever it skates.',
    ],
    caution: 'Its corners cut: ease them, and cover it when it lies down.',
  },
};

export const DRILL_USE_WORDS: Readonly<Record<DrillUse, { readonly name: string; readonly about: string }>> =
  {
    general: { name: 'Steel and iron', about: '118°: the usual point' },
    tough: { name: 'Stainless, hard', about: '135°: thinner chips, less wander' },
    'soft-plastic': { name: 'Soft plastic', about: '90°: does not tear at break-through' },
    brass: { name: 'Brass', about: 'lips dubbed to no rake, so that it does not snatch' },
  };
