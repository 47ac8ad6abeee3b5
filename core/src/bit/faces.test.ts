import fc from 'fast-check';
import { DEG } from '../quantity/angle';
import { apparentClearance, apparentRake } from './apparent-angle';
import { anyAngles, GENERAL } from './bit.fixture';
import { BIT_ANGLE_KEYS } from './bit-angles';
import { flankNormal, levelTrace } from './edge-trace';
import { anglesFromFaces, faceNormals, wedgeDeg } from './faces';
import { heelRelief } from './heel-relief';
import { clearanceAtEdge, clearanceToGrind } from './clearance';
import { rakeAtEdge, rakesToGrind } from './rake';

const closely = (values: readonly number[]) => values.map((value) => expect.closeTo(value, 4) as number);

describe('the faces of a bit', () => {
  it('of the general bit stand as the handbook case gives them', () => {
    const { rake, major, minor } = faceNormals(GENERAL, 'right');
    expect(rake).toEqual(closely([-0.13619, -0.20597, 0.96903]));
    expect(major).toEqual(closely([0.18812, 0.96722, -0.17055]));
    expect(minor).toEqual(closely([0.98049, -0.14018, -0.1378]));
    expect(wedgeDeg(rake, major)).toBeCloseTo(67.04, 2);
    expect(wedgeDeg(rake, minor)).toBeCloseTo(76.22, 2);
  });

  it('give the angles back that they were made from, of either hand', () =>
    fc.assert(
      fc.property(anyAngles, fc.constantFrom('right' as const, 'left' as const), (angles, hand) => {
        const read = anglesFromFaces(faceNormals(angles, hand), hand);
        return BIT_ANGLE_KEYS.every((key) => Math.abs(read[key] - angles[key]) < 1e-6);
      }),
    ));

  it('read what a protractor would in each plane', () => {
    const { rake, major, minor } = faceNormals(GENERAL, 'right');
    expect(apparentRake(rake, 90)).toBeCloseTo(12, 6);
    expect(apparentRake(rake, 0)).toBeCloseTo(8, 6);
    expect(apparentRake(rake, 80)).toBeCloseTo(rakeAtEdge(12, 8, 80).orthogonalDeg, 6);
    expect(apparentClearance(major, 90)).toBeCloseTo(10, 6);
    expect(apparentClearance(minor, 0)).toBeCloseTo(8, 6);
  });

  it('have their least clearance square to the level trace, which is not the edge in plan', () =>
    fc.assert(
      fc.property(anyAngles, fc.double({ min: -80, max: 80, noNaN: true }), (angles, off) => {
        const { major } = faceNormals(angles, 'right');
        const trace = levelTrace(major);
        return apparentClearance(major, trace.azimuthDeg + off) >= trace.tiltDeg - 1e-9;
      }),
    ));

  it('stand on their level trace', () => {
    const { major } = faceNormals(GENERAL, 'right');
    expect(levelTrace(major).azimuthDeg).toBeCloseTo(78.993, 3);
    expect(flankNormal(levelTrace(major))).toEqual(closely([...major]));
  });

  it('make a wedge that fills the right angle with the clearance and the rake square to the edge', () =>
    fc.assert(
      fc.property(anyAngles, (angles) => {
        const { rake, major } = faceNormals(angles, 'right');
        const edge = rakeAtEdge(angles.sideRakeDeg, angles.backRakeDeg, angles.kappaDeg);
        const { normalDeg } = clearanceAtEdge(angles.sideClearanceDeg, edge.inclinationDeg, angles.kappaDeg);
        return Math.abs(wedgeDeg(rake, major) + normalDeg + edge.normalDeg - 90) < 1e-6;
      }),
    ));

  it('are refused with an angle that no bit has, by name', () => {
    expect(() => faceNormals({ ...GENERAL, sideClearanceDeg: 0 }, 'right')).toThrow('side clearance');
    expect(() => faceNormals({ ...GENERAL, kappaDeg: 130 }, 'right')).toThrow(
      'cutting edge angle must be from 10 to 120, got 130',
    );
    expect(() => faceNormals({ ...GENERAL, backRakeDeg: NaN }, 'right')).toThrow('back rake');
    const { rake, major } = faceNormals(GENERAL, 'right');
    expect(() => anglesFromFaces({ rake: [0, 0, -1], major, minor: major }, 'right')).toThrow('rake face');
    expect(() => anglesFromFaces({ rake, major, minor: major }, 'right')).toThrow('corner');
  });
});

describe('rake and clearance at the edge', () => {
  it('are turned into what is ground and back', () =>
    fc.assert(
      fc.property(anyAngles, ({ sideRakeDeg, backRakeDeg, kappaDeg, sideClearanceDeg }) => {
        const edge = rakeAtEdge(sideRakeDeg, backRakeDeg, kappaDeg);
        const ground = rakesToGrind(edge.normalDeg, edge.inclinationDeg, kappaDeg);
        const clearance = clearanceAtEdge(sideClearanceDeg, edge.inclinationDeg, kappaDeg);
        const back = clearanceToGrind(clearance.normalDeg, edge.inclinationDeg, kappaDeg);
        return (
          Math.abs(ground.sideRakeDeg - sideRakeDeg) < 1e-6
          && Math.abs(ground.backRakeDeg - backRakeDeg) < 1e-6
          && Math.abs(back.sideClearanceDeg - sideClearanceDeg) < 1e-6
          && Math.abs(back.alongShankDeg - clearance.alongShankDeg) < 1e-6
        );
      }),
    ));

  it('pass 90 along the shank where the edge lies along it', () =>
    expect(clearanceAtEdge(8, 0, 90).alongShankDeg).toBeCloseTo(90, 6));

  it('refuse an edge that is none and a clearance that is none', () => {
    expect(() => rakeAtEdge(12, 8, 5)).toThrow('cutting edge angle');
    expect(() => clearanceAtEdge(0, 5, 80)).toThrow('side clearance');
    expect(() => clearanceToGrind(-1, 5, 80)).toThrow('normal clearance');
  });
});

describe('a second clearance', () => {
  it('begins where the land of the first ends', () => {
    const { rake, major } = faceNormals(GENERAL, 'right');
    const heel = heelRelief(rake, major, 16, 1);
    expect(heel.offsetMm).toBeCloseTo(0.10677, 5);
    expect(heel.normal).toEqual(closely([0.19433, 0.94182, -0.27423]));
  });

  it('at the clearance of the flank itself is the flank', () => {
    const { rake, minor } = faceNormals(GENERAL, 'right');
    const own = 90 - wedgeDeg(rake, minor) + Math.atan(0) / DEG;
    const up = rakeAtEdge(-GENERAL.sideRakeDeg, GENERAL.backRakeDeg, GENERAL.kappa2Deg);
    const heel = heelRelief(rake, minor, own - up.normalDeg, 1);
    expect(heel.offsetMm).toBeCloseTo(0, 4);
  });

  it('is refused without a land', () => {
    const { rake, major } = faceNormals(GENERAL, 'right');
    expect(() => heelRelief(rake, major, 16, 0)).toThrow('land must be more than 0');
    expect(() => heelRelief(rake, major, 90, 1)).toThrow('second clearance');
  });
});
