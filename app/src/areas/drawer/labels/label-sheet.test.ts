import { codeOf, LABEL_MM, placeLabels, runsOf, type Label } from './label-sheet';

const labels = (count: number): Label[] =>
  Array.from({ length: count }, (_, i) => ({
    name: `Tool ${i}`,
    about: '',
    address: `http://shop/drawer/tools/${i}`,
  }));

it('places every label once, none over another or off the paper', () => {
  for (const [paper, wide, high] of [
    ['a4', 210, 297],
    ['letter', 215.9, 279.4],
  ] as const) {
    const placed = placeLabels(labels(60), paper);
    expect(placed).toHaveLength(60);
    expect(new Set(placed.map(({ page, xMm, yMm }) => `${page} ${xMm} ${yMm}`)).size).toBe(60);
    for (const { xMm, yMm } of placed) {
      expect(xMm).toBeGreaterThanOrEqual(5);
      expect(xMm + LABEL_MM.width).toBeLessThanOrEqual(wide - 5);
      expect(yMm).toBeGreaterThanOrEqual(8);
      expect(yMm + LABEL_MM.height).toBeLessThanOrEqual(high - 8);
    }
  }
});

it('a code is square, with its three finders, and its runs draw just its dark squares', () => {
  const code = codeOf('http://127.0.0.1:4700/drawer/tools/0192f000-0003-7000-8000-000000000001');
  const size = code.length;
  expect(code.every((row) => row.length === size)).toBe(true);
  // A finder begins with seven dark squares in a row, in three of the corners.
  for (const [x, y] of [
    [0, 0],
    [size - 7, 0],
    [0, size - 7],
  ] as const)
    expect(code[y]!.slice(x, x + 7).every(Boolean)).toBe(true);
  expect(code[size - 1]!.slice(size - 7).every(Boolean)).toBe(false);
  for (const row of code) {
    const drawn = row.map(() => false);
    for (const [from, length] of runsOf(row)) drawn.fill(true, from, from + length);
    expect(drawn).toEqual(row);
  }
});
