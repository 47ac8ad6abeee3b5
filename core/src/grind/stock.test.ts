import { GENERAL } from '../bit/bit.fixture';
import { faceNormals } from '../bit/faces';
import { grindTime, minutesAtWheel } from './grind-time';
import { hollowGrind, sagitta } from './hollow';
import { anglesForMetal } from './metal-angles';
import { noseShift } from './nose-shift';
import { alongShank, regrindsLeft } from './regrinds-left';
import { roundFlat } from './round-flat';
import { MATERIALS } from '../material/library';

describe('a hollow grind', () => {
  it('is steeper at the edge than its chord and flatter at the heel by the same', () => {
    const at = hollowGrind(8, 150, 8);
    expect(at.edgeDeg).toBeCloseTo(11.057, 3);
    expect(at.heelDeg).toBeCloseTo(4.943, 3);
    expect(at.sagittaMm).toBeCloseTo(0.10674, 5);
    expect(at.areaMm2).toBeCloseTo(0.56938, 5);
  });

  it('is refused wider than the wheel', () => {
    expect(() => hollowGrind(150, 150, 8)).toThrow('ground width must be from 0 to 150, got 150');
    expect(() => sagitta(0, 1)).toThrow('radius');
  });
});

describe('stock taken off', () => {
  it('of the front alone takes the nose back, inward along the edge and down', () => {
    const [x, y, z] = noseShift(faceNormals(GENERAL, 'right'), { rake: 0, major: 0, minor: 0.2 });
    expect([x, y, z]).toEqual([
      expect.closeTo(-0.20182, 5),
      expect.closeTo(0.03559, 5),
      expect.closeTo(-0.0208, 4),
    ]);
    expect(alongShank(0.2, faceNormals(GENERAL, 'right').minor[0])).toBeCloseTo(0.204, 3);
    expect(() =>
      noseShift({ rake: [0, 0, 1], major: [0, 0, 1], minor: [1, 0, 0] }, { rake: 0, major: 0, minor: 1 }),
    ).toThrow('corner');
  });

  it('is counted in whole regrinds, what is lost besides taken off first', () => {
    expect(regrindsLeft(63, 30, 10, 0.3, 2)).toEqual({ regrinds: 70, endMm: 40 });
    expect(regrindsLeft(42.4, 30, 10, 0.3, 1.5).regrinds).toBe(3);
    expect(regrindsLeft(30, 30, 10, 0.3, 2).regrinds).toBe(0);
    expect(() => regrindsLeft(63, 30, 10, 0, 2)).toThrow('stock of a regrind');
  });

  it('takes longer with a dull wheel and with pauses', () => {
    expect(grindTime(350, 80, 1, 0.4).totalMin).toBeCloseTo(7.2917, 4);
    expect(grindTime(350, 80, 0.5, 0.4).totalMin).toBeCloseTo(2 * 7.2917, 3);
    // 231 / (55 x 0.7) / (1 - 0.4)
    expect(minutesAtWheel(231)).toBeCloseTo(10, 9);
    expect(() => grindTime(350, 80, 1, 1)).toThrow('cooling share');
    expect(() => grindTime(350, 0, 1, 0.4)).toThrow('rate');
  });

  it('of a round blank leaves a flat', () => {
    expect(roundFlat(8, 1).removedMm2).toBeCloseTo(3.62649, 5);
    expect(roundFlat(8, 4)).toEqual({ removedMm2: expect.closeTo((Math.PI * 16) / 2, 9), widthMm: 8 });
    expect(() => roundFlat(8, 9)).toThrow('depth of the flat');
  });
});

describe('angles to begin with', () => {
  it('are known for every metal of the library, each range in order', () => {
    for (const { key } of MATERIALS) {
      const angles = anglesForMetal(key)!;
      for (const range of [angles.sideRakeDeg, angles.backRakeDeg, angles.sideClearanceDeg])
        expect([...range].sort((a, b) => a - b)).toEqual(range);
    }
    expect(anglesForMetal('brass-free-cutting')).toMatchObject({
      sideRakeDeg: [0, 0, 3],
      generalServes: false,
    });
    expect(anglesForMetal('unobtainium')).toBeNull();
  });
});
