import { BELT_SECTIONS, pitchDiameter, pulleyLeast } from './pitch-diameter';

describe('pitch diameters', () => {
  it('a flat belt runs on a larger circle, a V-belt on a smaller one', () => {
    expect(pitchDiameter(100, 'flat', 4).mm).toBe(104);
    expect(pitchDiameter(100, 'B').mm).toBe(93);
    for (const section of BELT_SECTIONS) expect(pitchDiameter(200, section, 5).uMm).toBeGreaterThan(0.2);
  });

  it.each([
    [0, 'A', undefined, 'outside diameter'],
    [5, 'A', undefined, 'pitch diameter'],
    [100, 'flat', undefined, 'belt thickness'],
  ] as const)('refuses %p on %s', (d, section, t, sentence) => {
    expect(() => pitchDiameter(d, section, t)).toThrow(sentence);
  });

  it('a flat belt brings half its thickness on each side, a round one is measured over the belt', () => {
    expect(pitchDiameter(100, 'flat', 4)).toEqual({ mm: 104, uMm: Math.hypot(0.4, 0.2) });
    expect(pitchDiameter(100, 'round', 6)).toEqual({ mm: 94, uMm: expect.closeTo(Math.hypot(0.3, 0.2), 12) });
  });

  it.each([
    ['A', undefined, 8.25],
    ['B', undefined, 10.5],
    ['PJ', undefined, 1],
    ['flat', 6, 1],
    ['round', 6, 9],
    ['round', undefined, 1],
  ] as const)('a pulley for a belt %s of %p is larger than %p', (section, thicknessMm, least) => {
    expect(pulleyLeast(section, thicknessMm)).toBe(least);
  });
});
