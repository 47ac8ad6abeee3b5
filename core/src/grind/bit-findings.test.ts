import type { FaceRead } from '../solid/read-face';
import { stopsGrinding, type BitFinding, type BitUse } from './bit-finding';
import { bitFindings } from './bit-findings';
import type { BitPlan, BitShape } from './bit-plan';
import { bitOf } from './grind.fixture';
import type { StepKey } from './grind-step';
import type { BitRead, StepRead } from './read-bit';

const FLAT: FaceRead = { normal: [0, 1, 0], areaMm2: 60, widthMm: 9, hollow: null };

const face = (key: StepKey, deg: number, over: Partial<StepRead> = {}): StepRead => ({
  key,
  face: FLAT,
  readings: [{ plane: 'across-shank', deg }],
  removedMm3: 20,
  ...over,
});

/** A bit with nothing wrong, as it would be read from its solid. */
const READ: BitRead = {
  steps: [face('side', 10), face('front', 8), face('rake', 12)],
  angles: null,
  wedgeDeg: 66,
  wedge2Deg: 70,
  least: { atMm: -10, areaMm2: 80, widthMm: 10, heightMm: 8 },
  blank: { atMm: -40, areaMm2: 100, widthMm: 10, heightMm: 10 },
  volumeMm3: 900,
  removedMm3: 60,
};
const USE: BitUse = { side: 'outside', diameterMm: 20, depthMm: 1, feedMm: 0.1, heightErrorMm: 0 };

interface Wrong {
  readonly shape?: BitShape;
  readonly plan?: Partial<BitPlan>;
  readonly read?: Partial<BitRead>;
  readonly use?: Partial<BitUse>;
  readonly forceN?: number;
}
const found = ({ shape = 'general', plan = {}, read = {}, use, forceN }: Wrong): readonly BitFinding[] =>
  bitFindings(bitOf(shape, plan), { ...READ, ...read }, use ? { ...USE, ...use } : null, forceN ?? null);
const sizes = (shape: BitShape, over: Partial<BitPlan['sizes']>) => ({
  shape,
  plan: { sizes: { ...bitOf(shape).sizes, ...over } },
});
const least = (over: Partial<BitRead['least']>) => ({ read: { least: { ...READ.least, ...over } } });

it('nothing is found on a bit with nothing wrong, at any cut that it is for', () => {
  expect(found({})).toEqual([]);
  expect(found({ use: {}, forceN: 500 })).toEqual([]);
});

it.each<[string, Wrong, BitFinding | null]>([
  ['a thin wedge', { read: { wedgeDeg: 54.9 } }, { code: 'weak-wedge', deg: 54.9, leastDeg: 55 }],
  ['a thin wedge at the end', { read: { wedge2Deg: 50 } }, { code: 'weak-wedge', deg: 50, leastDeg: 55 }],
  ['a wedge as thin as it may be', { read: { wedgeDeg: 55 } }, null],
  ['no wedge', { read: { wedgeDeg: 90.1 } }, { code: 'no-wedge', deg: 90.1 }],
  ['a wedge as blunt as it may be', { read: { wedge2Deg: 90 } }, null],
  ['no top that is ground', { read: { wedgeDeg: null, wedge2Deg: null } }, null],
  [
    'little clearance',
    { read: { steps: [face('side', 2.9)] } },
    { code: 'little-clearance', step: 'side', deg: 2.9, leastDeg: 3 },
  ],
  ['as little clearance as may be', { read: { steps: [face('side', 3)] } }, null],
  ['a top without rake', { read: { steps: [face('side', 10), face('rake', 0)] } }, null],
  [
    'the sides of a blade',
    { shape: 'parting', read: { steps: [face('left', 0.6), face('right', 0.4), face('front', 3)] } },
    { code: 'little-clearance', step: 'right', deg: 0.4, leastDeg: 0.5 },
  ],
  [
    'the front of a blade',
    { shape: 'parting', read: { steps: [face('left', 1), face('front', 2)] } },
    { code: 'little-clearance', step: 'front', deg: 2, leastDeg: 3 },
  ],
  [
    'the trailing flank of a thread, which the helix gives room',
    { shape: 'thread-60', read: { steps: [face('left', 9), face('right', -5)] } },
    null,
  ],
  [
    'the leading flank of a thread',
    { shape: 'thread-60', read: { steps: [face('left', 1), face('right', -5)] } },
    { code: 'little-clearance', step: 'left', deg: 1, leastDeg: 3 },
  ],
  [
    'the right flank of a chamfer',
    { shape: 'chamfer-90', read: { steps: [face('left', 11), face('right', 1)] } },
    { code: 'little-clearance', step: 'right', deg: 1, leastDeg: 3 },
  ],
  [
    'a face that is ground away again',
    { read: { steps: [face('side', 10), face('front', 8, { face: null, removedMm3: 0.6 })] } },
    { code: 'face-gone', step: 'front' },
  ],
  [
    'a touch that leaves no face of its own',
    { read: { steps: [face('side', 10), face('point', 8, { face: null, removedMm3: 0.5 })] } },
    null,
  ],
  [
    'a weak section',
    least({ areaMm2: 49 }),
    { code: 'weak-section', share: 0.49, widthMm: 10, heightMm: 8, behindMm: 10 },
  ],
  ['half of the blank', least({ areaMm2: 50 }), null],
  ['a section that is none', least({ areaMm2: 0, heightMm: 0 }), null],
  // 6 F L / (b h²) with 10 mm of overhang and 10 x 8: 0.09375 F.
  ['a force that it stands', { forceN: 3200 }, null],
  ['a force that breaks it', { forceN: 3300 }, { code: 'breaks', stressMPa: 309.375, allowedMPa: 300 }],
  // The section at its nose is taken a millimetre behind it: 0.009375 F.
  [
    'a force near the nose',
    { ...least({ atMm: -0.2 }), forceN: 33_000 },
    { code: 'breaks', stressMPa: 309.375, allowedMPa: 300 },
  ],
  [
    'a deep hollow',
    { read: { steps: [face('side', 10, { face: { ...FLAT, hollow: { radiusMm: 20, sagittaMm: 0.61 } } })] } },
    { code: 'hollow-deep', sagittaMm: 0.61 },
  ],
  [
    'a hollow that is wanted, as of a corner rounding',
    {
      read: {
        steps: [
          face('side', 10),
          face('hollow-radius', 0, {
            readings: [],
            face: { ...FLAT, hollow: { radiusMm: 3, sagittaMm: 1 } },
          }),
        ],
      },
    },
    null,
  ],
  ['no volume', { read: { volumeMm3: 0 } }, { code: 'no-metal' }],
  ['no flank', { read: { steps: [face('side', 10, { face: null, removedMm3: 0 })] } }, { code: 'no-metal' }],
  ['a large nose', { plan: { noseRadiusMm: 4.01 } }, { code: 'nose-too-large', noseMm: 4.01, mostMm: 4 }],
  ['a nose as large as its edge carries', { plan: { noseRadiusMm: 4 } }, null],
  [
    'a wide groove',
    { plan: { groove: { landMm: 0.25, widthMm: 7, radiusMm: 9 } } },
    { code: 'groove-too-wide', widthMm: 7, mostMm: 6.75 },
  ],
  [
    'a groove that leaves its share',
    { plan: { groove: { landMm: 0.25, widthMm: 6.75, radiusMm: 9 } } },
    null,
  ],
  [
    'a wide blade',
    sizes('parting', { widthMm: 9.5 }),
    { code: 'blank-too-narrow', neededMm: 10.5, widthMm: 10 },
  ],
  ['a blade that its blank carries', sizes('parting', { widthMm: 9 }), null],
  [
    'a wide tongue',
    sizes('radius-convex', { radiusMm: 6 }),
    { code: 'blank-too-narrow', neededMm: 12, widthMm: 10 },
  ],
  [
    'a wide nose',
    sizes('round-nose', { radiusMm: 5.5 }),
    { code: 'blank-too-narrow', neededMm: 11, widthMm: 10 },
  ],
  [
    'a wide corner rounding',
    sizes('radius-concave', { radiusMm: 9.5 }),
    { code: 'blank-too-narrow', neededMm: 10.5, widthMm: 10 },
  ],
  ['a deep cut', { use: { depthMm: 8.1 } }, { code: 'edge-too-short', edgeMm: 8, depthMm: 8.1 }],
  ['a cut as deep as the edge', { use: { depthMm: 8 } }, null],
  [
    'a blade for thick work',
    { shape: 'parting', use: { diameterMm: 24 } },
    { code: 'blade-too-short', bladeMm: 12, neededMm: 13 },
  ],
  ['a blade that just reaches', { shape: 'parting', use: { diameterMm: 22 } }, null],
  ['a low nose', { plan: { noseDownMm: 2.6 } }, { code: 'wasted-stock', downMm: 2.6 }],
  ['a nose a quarter down', { plan: { noseDownMm: 2.5 } }, null],
  [
    'a small bore, the nose below its axis',
    { shape: 'boring', use: { side: 'bore', diameterMm: 24, heightErrorMm: -2.2 } },
    { code: 'bore-too-small', boreMm: 24, bitMm: 9.9 },
  ],
])('%s', (_, wrong, expected) => {
  const all = found(wrong);
  expect(all.filter(({ code }) => code !== 'rubs-in-bore')).toEqual(expected === null ? [] : [expected]);
});

it('the share of the section does not count where a shape is slender', () => {
  const weak = least({ areaMm2: 30 });
  const shapes = (some: readonly BitShape[]) => some.filter((shape) => found({ shape, ...weak }).length > 0);
  expect(
    shapes(['parting', 'thread-60', 'thread-55', 'chamfer-90', 'radius-convex', 'round-nose', 'boring']),
  ).toEqual([]);
  expect(shapes(['general', 'knife', 'facing', 'brass'])).toEqual(['general', 'knife', 'facing', 'brass']);
});

it('what is not worth grinding stands first', () => {
  const all = found({ plan: { noseDownMm: 3, noseRadiusMm: 5 }, read: { wedgeDeg: 40, volumeMm3: 0 } });
  expect(all.map(({ code }) => code)).toEqual(['no-metal', 'nose-too-large', 'wasted-stock', 'weak-wedge']);
  expect(all.map(stopsGrinding)).toEqual([true, true, false, false]);
  // A nose under the bottom of its blank is no bit at all.
  expect(found({ plan: { noseDownMm: 10.1 } })[0]).toEqual({ code: 'no-metal' });
});

describe('in a bore', () => {
  const at = (diameterMm: number, over: Partial<BitPlan> = {}, use: Partial<BitUse> = {}) =>
    found({ shape: 'boring', plan: { heel: null, ...over }, use: { side: 'bore', diameterMm, ...use } });

  it('a heel that rubs is told with its gap and the second clearance that mends it', () => {
    // Heel 9.9 below the nose at 12 degrees, in a bore of 26: hypot(13 - 9.9 tan 12°, 9.9) - 13 = 1.675 into the wall.
    expect(at(26)).toEqual([
      {
        code: 'rubs-in-bore',
        boreMm: 26,
        gapMm: expect.closeTo(13 - Math.hypot(13 - 9.9 * Math.tan((12 * Math.PI) / 180), 9.9), 6),
        secondDeg: expect.any(Number),
      },
    ]);
    expect(at(26, { heel: { clearanceDeg: 40, landMm: 1 } })).toEqual([]);
    expect(at(26, {}, { side: 'outside' })).toEqual([]);
  });

  it('a bit that is not as deep as its land has no second clearance to mend it', () => {
    const blank = { section: 'square', lengthMm: 40, widthMm: 4, heightMm: 0.9 } as const;
    const shallow = at(2, { blank, noseDownMm: 0.05, sizes: { ...bitOf('boring').sizes, edgeMm: 2 } });
    expect(shallow.filter(({ code }) => code === 'rubs-in-bore')).toEqual([
      expect.objectContaining({ secondDeg: null }),
    ]);
  });
});
