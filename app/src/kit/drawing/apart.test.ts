import fc from 'fast-check';
import { apart, type Area } from './apart';

const sheet = { width: 390, height: 260 };
const area = (left: number, top: number, width = 60): Area => ({ left, top, width, height: 48 });
const gap = (a: Area, b: Area) =>
  Math.max(
    Math.max(a.left, b.left) - Math.min(a.left + a.width, b.left + b.width),
    Math.max(a.top, b.top) - Math.min(a.top + a.height, b.top + b.height),
  );

test('areas that are apart stay where they are', () => {
  const areas = [area(20, 20), area(200, 20), area(20, 150)];
  expect(apart(areas, sheet)).toEqual(areas);
});

test('two that touch part along the shorter way, each by half', () => {
  const [a, b] = apart([area(100, 100), area(100, 140)], sheet);
  expect(a).toMatchObject({ left: 100, top: 92 });
  expect(b).toMatchObject({ left: 100, top: 148 });
});

test('one that would leave the sheet is brought back', () => {
  expect(apart([area(-30, 250)], sheet)[0]).toMatchObject({ left: 8, top: 201 });
});

test('any three on a sheet end a finger apart, and on the sheet', () => {
  const any = fc.record({
    left: fc.integer({ min: -50, max: 400 }),
    top: fc.integer({ min: -20, max: 280 }),
  });
  fc.assert(
    fc.property(fc.tuple(any, any, any), (places) => {
      const placed = apart(
        places.map(({ left, top }) => area(left, top)),
        sheet,
      );
      placed.forEach((one, i) => {
        expect(one.left).toBeGreaterThanOrEqual(0);
        expect(one.left + one.width).toBeLessThanOrEqual(sheet.width);
        expect(one.top + one.height).toBeLessThanOrEqual(sheet.height);
        placed.slice(i + 1).forEach((other) => expect(gap(one, other)).toBeGreaterThan(7.5));
      });
    }),
  );
});
