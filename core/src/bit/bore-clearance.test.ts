import fc from 'fast-check';
import { boreClearance, boreOutline, secondClearance, smallestBore } from './bore-clearance';

const ONE_FLANK = { primaryDeg: 10, heelMm: 6, heightErrorMm: 0 };
const RELIEVED = { ...ONE_FLANK, heelMm: 8, landMm: 1, secondaryDeg: 25, widthMm: 8 };

describe('a bit in a bore', () => {
  it('rubs with its heel in a small bore and clears a larger one', () => {
    expect(boreClearance(ONE_FLANK, 30)).toMatchObject({
      at: 'heel',
      touches: true,
      gapMm: expect.closeTo(-0.1783, 4),
    });
    expect(boreClearance({ ...ONE_FLANK, heelMm: 4.5 }, 30).touches).toBe(false);
  });

  it('just clears the smallest bore that it clears', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 6, max: 20, noNaN: true }),
        fc.double({ min: 3, max: 10, noNaN: true }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        (primaryDeg, heelMm, heightErrorMm) => {
          const section = { primaryDeg, heelMm, heightErrorMm };
          const least = smallestBore(section, 0);
          return (
            Math.abs(boreClearance(section, least).gapMm) < 1e-6
            && boreClearance(section, least * 1.01).gapMm > 0
            && boreClearance(section, least * 0.99).gapMm < 0
          );
        },
      ),
    ));

  it('gets out of the way by a second clearance of just the gap that is wanted', () => {
    const secondaryDeg = secondClearance({ ...ONE_FLANK, heelMm: 8 }, 1, 25, 0.3);
    expect(secondaryDeg).toBeCloseTo(23.974, 3);
    const at = boreClearance({ ...RELIEVED, secondaryDeg, widthMm: undefined }, 25);
    expect(at.gapMm).toBeLessThan(0.3);
    expect(boreClearance({ ...RELIEVED, landMm: 0.999999, secondaryDeg }, 25).atNoseDeg).toBe(10);
    expect(smallestBore({ ...RELIEVED, secondaryDeg, widthMm: undefined }, 0.3)).toBeCloseTo(25, 3);
  });

  it('is drawn as the section it is judged by', () => {
    const outline = boreOutline(RELIEVED, 25);
    expect(outline).toHaveLength(5);
    expect(outline[0]).toEqual({ x: 12.5, y: 0 });
    expect(Math.min(...outline.map(({ y }) => y))).toBe(-8);
    // Without a width it is drawn as wide as it is deep, or up to the far wall of a small bore.
    const tan = Math.tan((10 * Math.PI) / 180);
    expect(boreOutline({ ...ONE_FLANK, heightErrorMm: 0.5 }, 30)).toEqual([
      { x: expect.closeTo(14.99166, 5), y: 0.5 },
      { x: expect.closeTo(14.99166 - 6 * tan, 5), y: -5.5 },
      { x: expect.closeTo(8.99166, 5), y: -5.5 },
      { x: expect.closeTo(8.99166, 5), y: 0.5 },
    ]);
    expect(boreOutline({ ...ONE_FLANK, heelMm: 9 }, 8)[2]!.x).toBeCloseTo(-4, 9);
  });

  it('rubs with its back when it is wider than the bore leaves room for', () => {
    const wide = { primaryDeg: 20, heelMm: 2, heightErrorMm: 0, widthMm: 19.8 };
    // The lower corner at the back: x = 10 - 19.8, y = -2.
    expect(boreClearance(wide, 20)).toMatchObject({
      at: 'back bottom',
      touches: true,
      gapMm: expect.closeTo(10 - Math.hypot(9.8, 2), 9),
    });
    // A bit whose top is the widest: its nose stands below the axis by more than half its depth.
    expect(boreClearance({ ...wide, heightErrorMm: 1.5, widthMm: 19.9 }, 20).at).toBe('back top');
  });

  it('is relieved by a nose above the axis and rubs sooner below it', () => {
    const high = boreClearance({ ...ONE_FLANK, heightErrorMm: 0.3 }, 30);
    const low = boreClearance({ ...ONE_FLANK, heightErrorMm: -0.3 }, 30);
    expect(high.atNoseDeg).toBeGreaterThan(10);
    expect(high.gapMm).toBeGreaterThan(low.gapMm);
  });

  it('is refused where it cannot be', () => {
    expect(() => boreClearance({ ...ONE_FLANK, heightErrorMm: 15 }, 30)).toThrow('height error');
    expect(() => boreClearance({ ...ONE_FLANK, heelMm: 0 }, 30)).toThrow('depth of the heel');
    expect(() => secondClearance({ ...ONE_FLANK, heelMm: 20 }, 1, 25, 0.3)).toThrow('depth of the heel');
    expect(() => secondClearance(ONE_FLANK, 6, 25, 0.3)).toThrow('land');
    expect(() => smallestBore(ONE_FLANK, 1e6)).toThrow('gap');
  });
});
