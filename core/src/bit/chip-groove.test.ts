import fc from 'fast-check';
import { grooveDepth, grooveRadius, groundBack, rakeInGroove, untilRecut } from './chip-groove';

const GROOVE = { landMm: 0.2, widthMm: 2, radiusMm: 3 };

describe('a chip breaker ground into the top', () => {
  it('is steep at its near lip, flat at its bottom and climbs beyond it', () => {
    expect(rakeInGroove(8, GROOVE, 0.1)).toEqual({ rakeDeg: 8, dropMm: 0 });
    expect(rakeInGroove(8, GROOVE, 0.4).rakeDeg).toBeCloseTo(23.47, 2);
    expect(rakeInGroove(8, GROOVE, 1.2).rakeDeg).toBe(8);
    expect(rakeInGroove(8, GROOVE, 2).rakeDeg).toBeLessThan(0);
    expect(rakeInGroove(8, GROOVE, 1.2).dropMm).toBeCloseTo(grooveDepth(GROOVE), 9);
  });

  it('has the radius of its width and depth', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.double({ min: 0.05, max: 0.4, noNaN: true }),
        (widthMm, depthMm) =>
          Math.abs(grooveDepth({ landMm: 0.2, widthMm, radiusMm: grooveRadius(widthMm, depthMm) }) - depthMm)
          < 1e-9,
      ),
    ));

  it('loses its rake as the flank is ground back, down to the least that is wanted', () => {
    const { stockMm, regrinds } = untilRecut(8, GROOVE, 10, 15, 0.15);
    expect(regrinds).toBe(4);
    expect(groundBack(8, GROOVE, 10, stockMm).rakeDeg).toBeCloseTo(15, 6);
    expect(groundBack(8, GROOVE, 10, 0.05)).toMatchObject({ rakeDeg: 8, dropMm: 0, wedgeDeg: 72 });
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 1.2, noNaN: true }), (stock) => {
        const [now, later] = [groundBack(8, GROOVE, 10, stock), groundBack(8, GROOVE, 10, stock + 0.1)];
        return later.rakeDeg < now.rakeDeg && later.wedgeDeg > now.wedgeDeg;
      }),
    );
  });

  it('is refused wider than its round, without a depth, and without a stock', () => {
    expect(() => rakeInGroove(8, { ...GROOVE, widthMm: 6 }, 0.4)).toThrow('groove width must be from 0 to 6');
    expect(() => grooveRadius(2, 0)).toThrow('groove depth');
    expect(() => untilRecut(8, GROOVE, 10, 15, 0)).toThrow('stock of a regrind must be more than 0');
  });
});
