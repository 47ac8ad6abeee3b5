import fc from 'fast-check';
import { anyAngles, GENERAL } from '../bit/bit.fixture';
import { faceNormals } from '../bit/faces';
import { dot } from '../quantity/vector';
import { axleIn, groundFace, restSetting, wheelLeanDeg } from './rest-setting';

const LEVEL = { wheelMm: 150, heightMm: 0 };
const setting = (turnDeg: number, tiltDeg: number) => ({
  turnDeg: expect.closeTo(turnDeg, 2),
  tiltDeg: expect.closeTo(tiltDeg, 2),
});

describe('how a bit is held against the wheel', () => {
  it('is the handbook setting of each face of the general bit', () => {
    const { rake, major, minor } = faceNormals(GENERAL, 'right');
    expect(restSetting(major, 0, LEVEL)).toMatchObject(setting(78.99, 9.82));
    expect(restSetting(minor, 0, LEVEL)).toMatchObject(setting(-8.14, 7.92));
    expect(restSetting(rake, 90, LEVEL)).toMatchObject(setting(-98, 11.89));
  });

  it('of the other hand turns and rolls the other way at the same tilt', () => {
    const left = faceNormals(GENERAL, 'left');
    expect(restSetting(left.major, 0, LEVEL)).toMatchObject(setting(-78.99, 9.82));
    expect(restSetting(left.rake, -90, LEVEL)).toMatchObject(setting(98, 11.89));
  });

  it('grinds the face that was asked for, at any roll and contact', () =>
    fc.assert(
      fc.property(
        anyAngles,
        fc.constantFrom('rake' as const, 'major' as const, 'minor' as const),
        fc.constantFrom(0, 90, -90, 180),
        fc.double({ min: -30, max: 30, noNaN: true }),
        (angles, face, roll, heightMm) => {
          const normal = faceNormals(angles, 'right')[face];
          const contact = { wheelMm: 150, heightMm };
          return dot(groundFace(restSetting(normal, roll, contact), contact), normal) > 1 - 1e-12;
        },
      ),
    ));

  it('hollows along the axle, which lies in the ground face', () =>
    fc.assert(
      fc.property(anyAngles, fc.constantFrom(0, 90), (angles, roll) => {
        const { major } = faceNormals(angles, 'right');
        return Math.abs(dot(axleIn(restSetting(major, roll, LEVEL)), major)) < 1e-9;
      }),
    ));

  it('is refused off the wheel', () => {
    expect(wheelLeanDeg({ wheelMm: 150, heightMm: 10 })).toBeCloseTo(7.66, 2);
    expect(() => wheelLeanDeg({ wheelMm: 150, heightMm: 75 })).toThrow('contact height');
    expect(() => wheelLeanDeg({ wheelMm: 0, heightMm: 0 })).toThrow('wheel diameter');
  });
});
