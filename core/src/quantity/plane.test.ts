import fc from 'fast-check';
import { angleBetween, cross, distanceOf, leftOf, leftTurn, minus, polar, turnedBy } from './plane';

const angle = fc.double({ min: -3, max: 3, noNaN: true });

describe('the plane', () => {
  it('turns to the left by positive angles', () => {
    expect(leftOf([2, 0])).toEqual([-0, 2]);
    expect(turnedBy(Math.PI / 2, [1, 0])[1]).toBeCloseTo(1, 12);
    expect(cross([1, 0], [0, 1])).toBe(1);
    expect(angleBetween([0, -1], [1, 0])).toBeCloseTo(Math.PI / 2, 12);
  });

  it('keeps distances when it is turned, and finds the angle again', () =>
    fc.assert(
      fc.property(angle, (turn) => {
        const [a, b] = [turnedBy(turn, [3, 1]), turnedBy(turn, [-1, 4])];
        expect(distanceOf(a, b)).toBeCloseTo(5, 9);
        expect(minus(a, b)[0]).toBeCloseTo(a[0] - b[0], 12);
        expect(angleBetween([3, 1], a)).toBeCloseTo(turn, 9);
      }),
    ));

  it('measures the angle of a tooth from +y, clockwise', () => {
    expect(polar(10, 0)).toEqual([0, 10]);
    expect(polar(10, Math.PI / 2)[0]).toBeCloseTo(10, 12);
  });

  it.each([
    [0, 90, 90],
    [350, 10, 20],
    [10, 350, 340],
    [-90, 90, 180],
    [45, 45, 360],
  ])('turns left from %p to %p degrees by %p', (from, to, by) =>
    expect((leftTurn((from * Math.PI) / 180, (to * Math.PI) / 180) * 180) / Math.PI).toBeCloseTo(by, 9),
  );
});
