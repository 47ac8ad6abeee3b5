import { exactCut, type SolidLibrary } from '../solid/exact-cut';
import { startSolid } from '../../test/start-solid';
import { bitFindings } from './bit-findings';
import { BIT_SHAPES, type BitPlan, type BitShape } from './bit-plan';
import { bitOf } from './grind.fixture';
import { grindSteps, solidOf } from './grind-steps';
import { usualNoseDown } from './nose-down';
import { readBit } from './read-bit';
import { SHAPES } from './shape/registry';

const ROUND = { section: 'round', lengthMm: 40, widthMm: 10, heightMm: 10 } as const;
const HOLLOW = { diameterMm: 150, contactMm: 0, hollow: true };

let library: SolidLibrary;
beforeAll(async () => {
  library = await startSolid();
});

/** A bit out of a round blank, its nose as deep as it usually is. */
function roundBit(shape: BitShape, over: Partial<BitPlan> = {}): BitPlan {
  const plan = bitOf(shape, { blank: ROUND, noseRadiusMm: 0, ...over });
  return { ...plan, noseDownMm: over.noseDownMm ?? usualNoseDown(plan) };
}
function read(plan: BitPlan) {
  const { blank, cuts } = solidOf(plan);
  return readBit(plan, exactCut(library, blank, cuts));
}
const found = (plan: BitPlan) => bitFindings(plan, read(plan), null, null);

describe('a bit out of a round blank', () => {
  it('has its nose as low as the steel begins there', () => {
    // The nose stands 8 tan 10° = 1.41 in from the side, 3.59 off the middle: 5 - sqrt(25 - 12.88) + 0.1.
    expect(usualNoseDown(roundBit('general'))).toBeCloseTo(1.619, 3);
    expect(usualNoseDown(bitOf('general'))).toBe(0.1);
    // A round nose of 3 wants a top of 6: 5 - 4 + 0.1.
    expect(usualNoseDown(roundBit('round-nose'))).toBeCloseTo(1.1, 9);
    // A thread's point of 60 degrees with flanks of 7 is 7 wide: 5 - sqrt(25 - 3.5²) + 0.1.
    expect(usualNoseDown(roundBit('thread-60'))).toBeCloseTo(1.529, 3);
    // No form is deeper than its blank.
    const wide = roundBit('chamfer-90', { sizes: { ...bitOf('chamfer-90').sizes, edgeMm: 30 } });
    expect(usualNoseDown(wide)).toBeCloseTo(5 - Math.sqrt(25 - 4.75 ** 2) + 0.1, 9);
  });

  it('is no bit when its nose stands in the air', () => {
    expect(found(roundBit('general', { noseDownMm: 0.1 }))[0]).toEqual({ code: 'no-metal' });
    expect(found(roundBit('general')).map(({ code }) => code)).not.toContain('no-metal');
  });

  it('wastes no steel by lying as low as it must, and wastes some lower down', () => {
    const codes = (over: Partial<BitPlan>) => found(roundBit('knife', over)).map(({ code }) => code);
    expect(usualNoseDown(roundBit('knife'))).toBeGreaterThan(2.5);
    expect(codes({})).not.toContain('wasted-stock');
    expect(codes({ noseDownMm: usualNoseDown(roundBit('knife')) + 0.5 })).toContain('wasted-stock');
  });

  it('says where its edge leaves the steel; deeper it is longer', () => {
    const edgeOf = (plan: BitPlan) => {
      const one = found(plan).find(({ code }) => code === 'edge-leaves-blank');
      return one && 'edgeMm' in one ? one.edgeMm : Infinity;
    };
    const usual = edgeOf(roundBit('general'));
    expect(usual).toBeGreaterThan(0);
    expect(usual).toBeLessThan(8 * 0.95);
    expect(edgeOf(roundBit('general', { noseDownMm: 2.5 }))).toBeGreaterThan(usual);
    expect(edgeOf(bitOf('general'))).toBe(Infinity);
  });

  const corners = BIT_SHAPES.filter((shape) => SHAPES[shape].hasNose);
  it.each(corners)('%s shows on its solid what the protractor is to read, flat and hollow', (shape) => {
    for (const [over, slackDeg] of [
      [{}, 0.02],
      [{ wheel: HOLLOW, heel: null }, 0.35],
    ] as const) {
      const plan = roundBit(shape, over);
      const at = read(plan);
      grindSteps(plan).forEach((step, i) =>
        at.steps[i]!.readings.forEach(({ deg }, r) =>
          expect(Math.abs(deg - step.readings[r]!.deg)).toBeLessThan(slackDeg),
        ),
      );
    }
  });
});
