import fc from 'fast-check';
import { circleThrough } from './circle-fit';

it('finds a circle from a short arc of it', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 100, noNaN: true }),
      fc.double({ min: -3, max: 3, noNaN: true }),
      (radius, from) => {
        const arc = [0, 0.02, 0.04, 0.06].map((a): [number, number] => [
          3 + radius * Math.cos(from + a),
          -2 + radius * Math.sin(from + a),
        ]);
        const circle = circleThrough(arc)!;
        expect(circle.radius / radius).toBeCloseTo(1, 4);
        expect(circle.x).toBeCloseTo(3, 2);
        expect(circle.y).toBeCloseTo(-2, 2);
      },
    ),
  ));

it('has none through points of a line', () =>
  expect(
    circleThrough([
      [0, 0],
      [1, 1],
      [2, 2],
    ]),
  ).toBeNull());

it('refuses two points', () =>
  expect(() =>
    circleThrough([
      [0, 0],
      [1, 1],
    ]),
  ).toThrow('points'));
