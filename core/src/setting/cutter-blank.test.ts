import { eccentricRelief, gashing, leastGashDepth, rakeOffset } from './cutter-blank';
import { compoundSine, sineAngle, sineStack } from './sine-bar';
import { scratchTest, soakMinutes, temperedCutter, temperFor } from './hardening';

describe('a cutter blank', () => {
  it('has its rake by an offset of the face, which grows inwards and stretches the form', () => {
    const { offsetMm, rakeAtRootDeg, faceDepthMm } = rakeOffset(40, 10, 4);
    expect(offsetMm).toBeCloseTo(3.473, 3);
    expect(rakeAtRootDeg).toBeGreaterThan(10);
    expect(faceDepthMm).toBeCloseTo(4.0776, 4);
  });

  it('loses its lands with too many teeth', () => {
    expect(gashing(40, 8, 6, 60, 10).landDeg).toBeGreaterThan(0);
    expect(gashing(32, 16, 6, 60, 0).landDeg).toBeLessThan(0);
    expect(gashing(40, 6, 6, 60, 10).landDeg).toBeGreaterThan(gashing(40, 8, 6, 60, 10).landDeg);
  });

  it('has room for chips below its form', () => expect(leastGashDepth(3, 40)).toBe(7));

  it('is relieved most with the eccentric square ahead of the edge', () => {
    const at = (phase: number): number => eccentricRelief(16, 2.5, phase, 25, 10).reliefDeg;
    expect(at(90)).toBeCloseTo(8.88, 2);
    expect(at(60)).toBeLessThan(at(90) + 0.1);
    expect(eccentricRelief(16, 0, 90, 25, 10).dropMm).toBeCloseTo(0, 12);
  });
});

describe('a sine bar', () => {
  it('gives back the angle it was set for', () => {
    const { stackMm, adviseComplement } = sineStack(100, 30);
    expect(stackMm).toBeCloseTo(50, 9);
    expect(sineAngle(100, stackMm, 0, 0).angleDeg).toBeCloseTo(30, 9);
    expect(adviseComplement).toBe(false);
    expect(sineStack(100, 60).arcsecPerUm).toBeGreaterThan(sineStack(100, 30).arcsecPerUm);
  });

  it('that is too long makes the angle too small', () =>
    expect(sineAngle(100, 50, 0, 2).errorArcsec).toBeLessThan(0));

  it('answers two different questions on a compound plate', () => {
    const [room, face] = [
      compoundSine('plane-in-world', 20, 35, 100, 100),
      compoundSine('face-level', 20, 35, 100, 100),
    ];
    expect(room.trueTiltDeg).toBeCloseTo(face.trueTiltDeg, 9);
    expect(room.upperDeg).toBeLessThan(35);
    expect(face.lowerDeg).toBeLessThan(20);
  });

  it('refuses a stack longer than the bar', () => expect(() => sineAngle(100, 120, 0, 0)).toThrow('stack'));
});

describe('hardening a cutter', () => {
  it('tempers softer the hotter, and finds the heat for a hardness again', () => {
    expect(temperedCutter('carbon-1.0', 230).hrc).toBeCloseTo(59.2, 6);
    expect(temperedCutter('silver-steel', 270).hrc).toBeLessThan(temperedCutter('silver-steel', 220).hrc);
    expect(temperFor('silver-steel', temperedCutter('silver-steel', 237).hrc).temperatureC).toBeCloseTo(
      237,
      6,
    );
    expect(() => temperFor('carbon-1.0', 70)).toThrow('hardness');
  });

  it('soaks longer the thicker', () => {
    expect(soakMinutes(3)).toEqual([1, 3]);
    expect(soakMinutes(10)).toEqual([6, 8]);
  });

  it.each([
    [
      [
        [50, false],
        [60, false],
        [65, true],
      ],
      'hard-enough',
    ],
    [
      [
        [50, false],
        [55, true],
      ],
      'too-soft',
    ],
    [
      [
        [55, true],
        [60, false],
      ],
      'repeat',
    ],
    [
      [
        [55, false],
        [65, true],
      ],
      'undecided',
    ],
  ] as const)('files %j say %s for 60 HRC', (trials, verdict) =>
    expect(
      scratchTest(
        trials.map(([fileHrc, bites]) => ({ fileHrc, bites })),
        60,
      ).verdict,
    ).toBe(verdict),
  );
});
