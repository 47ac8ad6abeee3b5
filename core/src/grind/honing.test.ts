import fc from 'fast-check';
import { honeBands, honingPays, noseFlats } from './honing';

describe('honing a hollow face', () => {
  it('leaves two bands along edge and heel, until the hollow is gone', () => {
    expect(honeBands(10, 75, 0.02).bandMm).toBeCloseTo(0.3089, 4);
    expect(honeBands(10, 75, 0.2)).toMatchObject({ bandMm: 5, flatAllOver: true });
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.14, noNaN: true }), (depth) => {
        const [now, later] = [honeBands(10, 75, depth), honeBands(10, 75, depth + 0.02)];
        return later.bandMm > now.bandMm && !later.flatAllOver;
      }),
    );
    expect(() => honeBands(0, 75, 0.02)).toThrow('land must be more than 0');
  });

  it('rounds a nose by so many flats that none stands off by more than the limit', () => {
    expect(noseFlats(0.8, 80, 10)).toEqual({ flats: 4, deviationUm: expect.closeTo(7.862, 3) });
    expect(noseFlats(0.2, 60, 50).flats).toBe(0);
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        fc.double({ min: 20, max: 150, noNaN: true }),
        (radius, arc) => noseFlats(radius, arc, 10).deviationUm <= 10 + 1e-6,
      ),
    );
    expect(() => noseFlats(0.8, 180, 10)).toThrow('arc of the nose');
  });

  it('pays for a fine finish, not for roughing', () => {
    expect(honingPays(0.1, 0.8, 4)).toMatchObject({ pays: true, totalUm: expect.closeTo(5.564, 3) });
    expect(honingPays(0.25, 0.4, 2).pays).toBe(false);
    expect(() => honingPays(2, 0.8, 4)).toThrow('feed');
  });
});
