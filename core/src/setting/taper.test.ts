import fc from 'fast-check';
import { compoundFeed, offsetHead, setover, setoverLimit, tailstockSetover, taperFrom } from './taper';

const half = fc.double({ min: 0.05, max: 44, noNaN: true });

describe('a taper', () => {
  it('is the same however it is said', () => {
    fc.assert(
      fc.property(half, (deg) => {
        const t = taperFrom('half-angle-deg', deg);
        for (const [said, value] of [
          ['included-angle-deg', t.includedDeg],
          ['taper-per-foot-in', t.perFootIn],
          ['taper-per-mm', t.perMm],
          ['one-to-x', t.oneTo],
        ] as const)
          expect(taperFrom(said, value).halfDeg).toBeCloseTo(deg, 9);
      }),
    );
    expect(taperFrom('one-to-x', 20)).toMatchObject({
      perMm: 0.05,
      perFootIn: expect.closeTo(0.6, 9),
      includedDeg: expect.closeTo(2.864192, 5),
    });
    expect(() => taperFrom('one-to-x', 0)).toThrow('taper');
  });

  it('moves the tailstock by the sine; the shop rule by the tangent is high', () => {
    const over = tailstockSetover(30, 28, 40, 200);
    expect(over.setoverMm).toBeCloseTo(200 * Math.sin(Math.atan(1 / 40)), 9);
    expect(over.simpleMm).toBeGreaterThan(over.setoverMm);
    expect(over.overLimit).toBe(true);
    expect(tailstockSetover(30, 28.5, 60, 200)).toMatchObject({ overLimit: false });
    expect(setoverLimit(200)).toBe(4);
  });

  it('by an offset head is true while the slide lies level, and too large when it is rolled', () => {
    expect(offsetHead(1.5, 200, 0, 12, 150).diameterErrorMm).toBeCloseTo(0, 9);
    const rolled = offsetHead(1.5, 200, 5, 12, 150);
    expect(rolled).toMatchObject({
      offsetMm: expect.closeTo(5.235, 3),
      heightMm: expect.closeTo(0.456, 3),
      diameterErrorMm: expect.closeTo(0.0445, 3),
    });
  });

  it('fed by a slide at an angle moves by sine and cosine', () => {
    expect(compoundFeed(5.7392, 1).radialMm).toBeCloseTo(0.1, 4);
    expect(compoundFeed(30, 1).diameterChangeMm).toBeCloseTo(1, 9);
    fc.assert(
      fc.property(
        half,
        (deg) => Math.abs(Math.hypot(compoundFeed(deg, 2).radialMm, compoundFeed(deg, 2).axialMm) - 2) < 1e-9,
      ),
    );
  });

  it('a set-over of more than a fiftieth of the length is too much for plain centres', () => {
    const degrees = (share: number) => (Math.asin(share) * 180) / Math.PI;
    expect(setover(200, degrees(0.0199)).overLimit).toBe(false);
    expect(setover(200, degrees(0.0201))).toEqual({ mm: expect.closeTo(4.02, 9), overLimit: true });
  });

  it.each<[() => unknown, string]>([
    [() => tailstockSetover(0, 0, 40, 200), 'large diameter must be more than 0, got 0'],
    [() => tailstockSetover(30, 28, 0, 200), 'length of the taper must be more than 0, got 0'],
    [() => tailstockSetover(30, 28, 40, 0), 'length of the work must be more than 0, got 0'],
    [() => offsetHead(46, 200, 0, 12, 150), 'half angle must be from 0 to 45, got 46'],
    [() => offsetHead(1, 0, 0, 12, 150), 'length of the work must be more than 0, got 0'],
  ])('refuses what is no taper, by name: %#', (taper, sentence) => {
    expect(taper).toThrow(sentence);
  });
});
