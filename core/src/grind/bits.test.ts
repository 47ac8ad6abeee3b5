import { BIT_ANGLE_KEYS } from '../bit/bit-angles';
import { plainCut } from '../solid/plain-cut';
import { exactCut, type SolidLibrary } from '../solid/exact-cut';
import type { Facet } from '../solid/solid-cut';
import { startSolid } from '../../test/start-solid';
import { stopsGrinding, type BitUse } from './bit-finding';
import { bitFindings } from './bit-findings';
import { usualGroove } from './groove-in-cut';
import { BIT_SHAPES, type BitPlan } from './bit-plan';
import { bitOf } from './grind.fixture';
import { grindSteps, mirroredFacets, solidOf } from './grind-steps';
import { heelAlongShank, heelToGrind } from './heel-in-bore';
import { readBit } from './read-bit';

let library: SolidLibrary;
beforeAll(async () => {
  library = await startSolid();
});

const ground = (plan: BitPlan) => {
  const { blank, cuts } = solidOf(plan);
  return exactCut(library, blank, cuts);
};
const read = (plan: BitPlan) => readBit(plan, ground(plan));
const codes = (plan: BitPlan, use: BitUse | null = null, forceN: number | null = null) =>
  bitFindings(plan, read(plan), use, forceN).map(({ code }) => code);
const HOLLOW = { diameterMm: 150, contactMm: 0, hollow: true };
const IN_BORE: BitUse = { side: 'bore', diameterMm: 24, depthMm: 1, feedMm: 0.1, heightErrorMm: 0 };

describe('every shape', () => {
  it.each(BIT_SHAPES)('%s is ground in steps that end with the hone, each face still there', (shape) => {
    const plan = bitOf(shape);
    const steps = grindSteps(plan);
    expect(steps.at(-1)!.key).toBe('hone');
    const at = read(plan);
    for (const { key, face } of at.steps.filter((one) => one.key !== 'hone'))
      expect(face ?? `${key} is gone`).toMatchObject({ areaMm2: expect.any(Number) });
    expect(codes(plan).filter((code) => code !== 'weak-section')).toEqual([]);
  });

  it.each(BIT_SHAPES)('%s shows on its solid what the protractor is to read', (shape) => {
    const plan = bitOf(shape);
    const steps = grindSteps(plan);
    const at = read(plan);
    steps.forEach((step, i) =>
      at.steps[i]!.readings.forEach((reading, r) =>
        expect(reading.deg).toBeCloseTo(step.readings[r]!.deg, 1),
      ),
    );
  });

  it.each(BIT_SHAPES)('%s is hollow by no more than half a degree off its chord', (shape) => {
    const plan = bitOf(shape, { wheel: HOLLOW, noseRadiusMm: 0, heel: null });
    const at = read(plan);
    grindSteps(plan).forEach((step, i) =>
      at.steps[i]!.readings.forEach((reading, r) =>
        expect(Math.abs(reading.deg - step.readings[r]!.deg)).toBeLessThan(0.5),
      ),
    );
  });

  it.each(BIT_SHAPES)('%s takes the same stock in plain code where nothing is round', (shape) => {
    const plan = bitOf(shape);
    const { blank, cuts } = solidOf(plan);
    const plain = plainCut(blank, cuts);
    const exact = ground(plan);
    const rounds = exact.removedMm3.filter((_, i) => cuts[i]!.rounds).reduce((sum, one) => sum + one, 0);
    expect(plain.volumeMm3 - rounds).toBeCloseTo(exact.volumeMm3, 0);
  });
});

describe('the general bit', () => {
  it('has the angles it was planned with', () => {
    const { angles } = read(bitOf('general'));
    for (const key of BIT_ANGLE_KEYS) expect(angles![key]).toBeCloseTo(bitOf('general').angles[key], 2);
  });

  it('of the left hand is the mirror image, held the other way round', () => {
    const [right, left] = [grindSteps(bitOf('general')), grindSteps(bitOf('general', { hand: 'left' }))];
    expect(left[0]!.setting!.turnDeg).toBe(-right[0]!.setting!.turnDeg);
    expect(left[0]!.setting!.tiltDeg).toBe(right[0]!.setting!.tiltDeg);
    expect(left[2]!.setting!.rollDeg).toBe(-90);
    const [swing, other] = [left.at(-2)!.swing!, right.at(-2)!.swing!];
    expect([swing.fromDeg, swing.toDeg]).toEqual([-other.toDeg, -other.fromDeg]);
    left.forEach(({ normal }, i) => {
      const mirror = right[i]!.normal;
      expect(normal).toEqual(mirror && [mirror[0], -mirror[1], mirror[2]]);
    });
    const facets = ground(bitOf('general')).facets;
    const mirrored = mirroredFacets(facets);
    expect(mirrored[0]!.corners.map(([, y]) => y).reverse()).toEqual(facets[0]!.corners.map(([, y]) => -y));
    // A side keeps whether it is an edge: the side from corner i runs between the same two corners.
    const sides = (facet: Facet) =>
      facet.corners.map((corner, i) => {
        const next = facet.corners[(i + 1) % facet.corners.length]!;
        return [
          [corner, next]
            .map(([x, y, z]) => `${x} ${Math.abs(y)} ${z}`)
            .sort()
            .join(),
          facet.sharp[i],
        ];
      });
    facets.forEach((facet, i) => expect(sides(mirrored[i]!).sort()).toEqual(sides(facet).sort()));
  });

  it('is weaker with a chip breaker, and its nose is where its faces meet', () => {
    const groove = usualGroove(0.15);
    expect(groove).toMatchObject({ landMm: 0.15, widthMm: 2 });
    const [plain, grooved] = [read(bitOf('general')), read(bitOf('general', { groove }))];
    expect(grooved.removedMm3).toBeGreaterThan(plain.removedMm3);
    expect(grooved.steps.find(({ key }) => key === 'groove')!.face!.hollow!.radiusMm).toBeCloseTo(
      groove.radiusMm,
      1,
    );
  });
});

describe('a boring bit', () => {
  it('clears the bore that it is ground for, and says which second clearance it needs if not', () => {
    const plan = bitOf('boring');
    expect(codes(plan, { ...IN_BORE, diameterMm: 40 })).toEqual([]);
    const single = { ...plan, heel: null };
    expect(codes(single, IN_BORE)).toContain('rubs-in-bore');
    const found = bitFindings(single, read(single), IN_BORE, null).find(
      ({ code }) => code === 'rubs-in-bore',
    );
    const secondDeg = (found as { readonly secondDeg: number }).secondDeg;
    const mended = { ...plan, heel: { landMm: 1, clearanceDeg: secondDeg + 0.01 } };
    expect(codes(mended, IN_BORE)).not.toContain('rubs-in-bore');
  });

  it('does not go into a bore smaller than itself', () =>
    expect(codes(bitOf('boring'), { ...IN_BORE, diameterMm: 18 })).toContain('bore-too-small'));
});

describe('a second clearance', () => {
  it('at a square end is nearly the same along the shank, at a point much more', () => {
    expect(heelAlongShank(bitOf('boring'), 28)).toBeCloseTo(27.3, 0);
    const at = heelAlongShank(bitOf('chamfer-90'), 14);
    expect(Math.tan((at * Math.PI) / 180)).toBeCloseTo(Math.SQRT2 * Math.tan((14 * Math.PI) / 180), 6);
  });

  it('is turned into what is ground and back', () => {
    for (const shape of ['boring', 'chamfer-90'] as const) {
      const plan = bitOf(shape);
      expect(heelAlongShank(plan, heelToGrind(plan, 22))).toBeCloseTo(22, 6);
    }
  });
});

describe('what is wrong with a bit', () => {
  it('is a nose larger than its face, a groove wider than the bit, a blade wider than the blank', () => {
    expect(codes(bitOf('general', { noseRadiusMm: 4.5 }))).toContain('nose-too-large');
    expect(codes(bitOf('general', { groove: { landMm: 0.3, widthMm: 8, radiusMm: 10 } }))).toContain(
      'groove-too-wide',
    );
    const wide = bitOf('parting');
    expect(codes({ ...wide, sizes: { ...wide.sizes, widthMm: 9.5 } })).toContain('blank-too-narrow');
  });

  it('is an edge or a blade too short for the cut', () => {
    const deep: BitUse = { side: 'outside', diameterMm: 40, depthMm: 9, feedMm: 0.2, heightErrorMm: 0 };
    expect(codes(bitOf('general'), deep)).toContain('edge-too-short');
    expect(codes(bitOf('parting'), deep)).toContain('blade-too-short');
    expect(codes(bitOf('general'), { ...deep, depthMm: 2 })).toEqual([]);
  });

  it('is a thin wedge, a missing clearance, and a wedge that is none', () => {
    const general = bitOf('general');
    const with_ = (over: Partial<BitPlan['angles']>) => ({
      ...general,
      angles: { ...general.angles, ...over },
    });
    expect(codes(with_({ sideRakeDeg: 30, sideClearanceDeg: 15 }))).toContain('weak-wedge');
    expect(codes(with_({ sideClearanceDeg: 2 }))).toContain('little-clearance');
    expect(codes(with_({ sideRakeDeg: -20, sideClearanceDeg: 3 }))).toContain('no-wedge');
    expect(() => codes(with_({ frontClearanceDeg: 0 }))).toThrow('front clearance');
  });

  it('is steel wasted, a section that breaks, and angles that leave no metal', () => {
    expect(codes(bitOf('general', { noseDownMm: 4 }))).toContain('wasted-stock');
    expect(codes(bitOf('general', { noseDownMm: 7 }), null, 3000)).toContain('breaks');
    const none = bitOf('general', { noseDownMm: 12 });
    const found = bitFindings(none, read(none), null, null);
    expect(found.map(({ code }) => code)).toContain('no-metal');
    expect(stopsGrinding(found[0]!)).toBe(true);
  });

  it('is a hollow so deep that the edge is thin', () =>
    expect(codes(bitOf('general', { wheel: { diameterMm: 30, contactMm: 0, hollow: true } }))).toContain(
      'hollow-deep',
    ));
});
