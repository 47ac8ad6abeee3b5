import { outlineBetween, partingBrightness, thinned } from './trace';

describe('a photo', () => {
  it('is parted between its dark and its light', () => {
    const grey = [...Array<number>(400).fill(30), ...Array<number>(600).fill(220), 31, 33, 215];
    expect(partingBrightness(grey)).toBeGreaterThan(33);
    expect(partingBrightness(grey)).toBeLessThan(215);
  });

  const ring = Array.from(
    { length: 360 },
    (_, i) => [100 * Math.cos((i * Math.PI) / 180), 100 * Math.sin((i * Math.PI) / 180)] as const,
  );
  const small = ring.map(([x, y]) => [x / 10 + 500, y / 10] as const);

  it('gives the shorter way between two places on the outline that passes them', () => {
    const part = outlineBetween([small, ring], [99, 3], [0, 101]);
    expect(part).toHaveLength(89);
    expect(part[0]![0]).toBeGreaterThan(90);
    expect(part.at(-1)![1]).toBeGreaterThan(90);
    // The other way round the shorter way crosses the beginning of the ring.
    expect(outlineBetween([ring], [98, -20], [98, 20])).toHaveLength(25);
  });

  it('is thinned without losing its ends', () => {
    const thin = thinned(ring, 10);
    expect(thin.length).toBeLessThan(70);
    expect(thin[0]).toEqual(ring[0]);
    expect(thin.at(-1)).toEqual(ring.at(-1));
  });

  it('without any outline is refused', () =>
    expect(() => outlineBetween([], [0, 0], [1, 1])).toThrow('outlines'));
});
