import jsQR from 'jsqr';
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

it('a printed code is read back as the address of its tool, from a label with a line around it', () => {
  const address = 'http://192.168.1.20:4700/drawer/supplies/0192f000-0006-7000-8000-00000000000a';
  const code = codeOf(address);
  const dotsPerMm = 12;
  const [wide, high] = [LABEL_MM.code + 2 * LABEL_MM.quiet, LABEL_MM.height].map((mm) => mm * dotsPerMm) as [
    number,
    number,
  ];
  const square = (LABEL_MM.code * dotsPerMm) / code.length;
  const [left, top] = [LABEL_MM.quiet * dotsPerMm, ((LABEL_MM.height - LABEL_MM.code) / 2) * dotsPerMm];
  const dots = new Uint8ClampedArray(wide * high * 4).fill(255);
  for (let y = 0; y < high; y += 1)
    for (let x = 0; x < wide; x += 1) {
      const onLine = x === 0 || y === 0 || y === high - 1;
      const dark = code[Math.floor((y - top) / square)]?.[Math.floor((x - left) / square)] ?? false;
      if (onLine || dark) dots.fill(0, 4 * (y * wide + x), 4 * (y * wide + x) + 3);
    }
  expect(jsQR(dots, wide, high)?.data).toBe(address);
  // Four squares of white are asked for around a code.
  expect(LABEL_MM.quiet).toBeGreaterThanOrEqual((4 * LABEL_MM.code) / code.length);
});
