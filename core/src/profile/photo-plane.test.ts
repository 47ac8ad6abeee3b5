import fc from 'fast-check';
import type { PlanePoint } from '../quantity/plane';
import { photoSize, planeOfPhoto, type FourPoints } from './photo-plane';

const card: FourPoints = [
  [0, 0],
  [60, 0],
  [60, 40],
  [0, 40],
];
/** A tilted camera: pixels of a place on the card, v downwards. */
const seen =
  (tilt: number) =>
  ([x, y]: PlanePoint): PlanePoint => {
    const w = 1 + tilt * x + (tilt / 2) * y;
    return [(400 + 50 * x + 3 * y) / w, (3000 - 2 * x - 50 * y) / w];
  };

describe('a photo with four known points', () => {
  it('gives back any place on the card, however the camera leans', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -0.003, max: 0.003, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (tilt, x, y) => {
          const plane = planeOfPhoto(card.map(seen(tilt)) as unknown as FourPoints, card);
          const [px, py] = plane(seen(tilt)([x, y]));
          expect(px).toBeCloseTo(x, 6);
          expect(py).toBeCloseTo(y, 6);
        },
      ),
    ));

  it('refuses three points in a line, crossed points and a mirrored order', () => {
    const pixels = card.map(seen(0.001)) as unknown as FourPoints;
    expect(() =>
      planeOfPhoto(pixels, [
        [0, 0],
        [30, 0],
        [60, 0],
        [0, 40],
      ]),
    ).toThrow('four places');
    expect(() => planeOfPhoto([pixels[0], pixels[2], pixels[1], pixels[3]], card)).toThrow('four points');
    expect(() => planeOfPhoto(pixels, [card[1], card[0], card[3], card[2]])).toThrow('order');
  });

  it('corrects a feature that stands nearer to the lens', () => {
    const size = photoSize({ knownMm: 50, knownPx: 1000, featurePx: 100, abovePlaneMm: 4, cameraMm: 400 });
    expect(size.apparentMm).toBeCloseTo(5, 9);
    expect(size.trueMm).toBeCloseTo(4.95, 9);
  });
});
