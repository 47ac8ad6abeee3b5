import fc from 'fast-check';
import { RACKS, type Gear } from '../gear/gear';
import { involuteCurve } from '../gear/involute-curve';
import { toothSpace } from '../gear/tooth-space';
import type { PlanePoint } from '../quantity/plane';
import { arcsWithin, biarc, circleOfBestFit, circleOfThree, piecesWithin } from './arc-fit';
import { distanceFrom } from './nearest';
import { directionOn, piecesOf } from './profile';
import { steppedPoints } from './sampled';

const gear: Gear = { moduleMm: 1, teeth: 20, rack: RACKS['iso-53-a'], shift: 0 };
const DEG = Math.PI / 180;

/** Largest angle between one piece's end and the next one's start, degrees. */
function tangentBreak(profile: Parameters<typeof piecesOf>[0]): number {
  const pieces = piecesOf(profile);
  return Math.max(
    ...pieces.slice(1).map((piece, i) => {
      const [ax, ay] = directionOn(pieces[i]!, 1);
      const [bx, by] = directionOn(piece, 0);
      return Math.abs(Math.atan2(ax * by - ay * bx, ax * bx + ay * by)) / DEG;
    }),
  );
}

describe('circles', () => {
  it('pass three points and refuse three in a line', () => {
    expect(circleOfThree([1, 0], [0, 1], [-1, 0]).radiusMm).toBeCloseTo(1, 12);
    expect(() => circleOfThree([0, 0], [1, 1], [2, 2])).toThrow('bend');
  });

  it('of best fit are found again from points on them', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        fc.double({ min: 10, max: 300, noNaN: true }),
        (x, radius, sweepDeg) => {
          const points = Array.from({ length: 12 }, (_, i): PlanePoint => {
            const angle = (i / 11) * sweepDeg * DEG;
            return [x + radius * Math.cos(angle), 3 + radius * Math.sin(angle)];
          });
          const fit = circleOfBestFit(points);
          expect(fit.radiusMm).toBeCloseTo(radius, 5);
          expect(fit.maxDeviationMm).toBeLessThan(1e-7);
        },
      ),
    ));
});

describe('arcs within a tolerance', () => {
  const curve = involuteCurve(18.8, 18.81, 22);

  it('follow an involute, tangent to one another, ends on the curve', () => {
    const fitted = arcsWithin(curve, 0.001);
    expect(fitted.length - 1).toBeLessThanOrEqual(8);
    expect(tangentBreak(fitted)).toBeLessThan(0.01);
    expect(
      Math.max(...involuteCurve(18.8, 18.81, 22, 0, 1700).map(({ at }) => distanceFrom(fitted, at))),
    ).toBeLessThan(0.001);
    expect(fitted[0]!.slice(0, 2)).toEqual([...curve[0]!.at]);
  });

  it('take more arcs for a finer tolerance', () =>
    expect(arcsWithin(curve, 1e-5).length).toBeGreaterThan(arcsWithin(curve, 1e-3).length));

  it('join two directions with one tangent', () => {
    const { joinMm, bulges } = biarc({ at: [0, 0], direction: [1, 0] }, { at: [3, 2], direction: [0, 1] });
    expect(
      tangentBreak([
        [0, 0, bulges[0]],
        [...joinMm, bulges[1]],
        [3, 2, 0],
      ]),
    ).toBeLessThan(1e-6);
  });

  it('leave a straight stretch straight', () => {
    const line = arcsWithin(
      [0, 1, 2, 3].map((x) => ({ at: [x, 0] as const, direction: [1, 0] as const })),
      0.001,
    );
    line.forEach(([, , bulge]) => expect(bulge).toBeCloseTo(0, 12));
  });
});

describe('lines and arcs through points', () => {
  it('stay within the tolerance of every point, and need few pieces', () => {
    const { profile } = toothSpace(gear, 0.0005);
    const points = steppedPoints(profile, 0.05);
    const fitted = piecesWithin(points, 0.005);
    expect(Math.max(...points.map((point) => distanceFrom(fitted, point)))).toBeLessThanOrEqual(0.005 + 1e-9);
    expect(fitted.length).toBeLessThan(24);
  });

  it('go round a whole circle in halves, and past points that bend both ways', () => {
    const circle = Array.from({ length: 73 }, (_, i): PlanePoint => [
      3 * Math.cos(i * 5 * DEG),
      3 * Math.sin(i * 5 * DEG),
    ]);
    const wave: readonly PlanePoint[] = [
      [0, 0],
      [1, 0.5],
      [2, 0],
      [3, -0.5],
      [4, 0],
    ];
    for (const points of [circle, wave, [...wave].reverse()]) {
      const fitted = piecesWithin(points, 0.01);
      fitted.forEach(([, , bulge]) => expect(Math.abs(bulge)).toBeLessThanOrEqual(1));
      points.forEach((point) => expect(distanceFrom(fitted, point)).toBeLessThanOrEqual(0.01 + 1e-9));
    }
    expect(piecesWithin(circle, 0.01).length).toBeLessThan(5);
  });

  it('find the line and the arc that were measured', () => {
    const points: PlanePoint[] = [
      ...Array.from({ length: 10 }, (_, i): PlanePoint => [i - 10, 0]),
      ...Array.from({ length: 20 }, (_, i): PlanePoint => [
        4 * Math.sin((i / 19) * 90 * DEG),
        4 - 4 * Math.cos((i / 19) * 90 * DEG),
      ]),
    ];
    const pieces = piecesOf(piecesWithin(points, 0.002));
    expect(pieces.map(({ kind }) => kind)).toEqual(['line', 'arc']);
    expect((pieces[1] as { radiusMm: number }).radiusMm).toBeCloseTo(4, 2);
  });
});
