import fc from 'fast-check';
import { clearanceAtEdge } from '../bit/clearance';
import { faceNormals, wedgeDeg } from '../bit/faces';
import { rakeAtEdge } from '../bit/rake';
import { BIT_SHAPES } from './bit-plan';
import { readingAtTilt } from './face-reading';
import { bitOf } from './grind.fixture';
import { grindSteps } from './grind-steps';
import { STEP_KEYS } from './grind-step';
import { angleRead, judgeAngle, type ReadAngle } from './judge-angle';
import { material } from '../material/library';
import { forceOnBit } from './force-on-bit';
import { forThread } from './for-thread';
import { grooveInCut } from './groove-in-cut';
import { restSetting } from './rest-setting';
import { tipOf } from './bit-heat';
import { bitPlanFor, generalIsPoor } from './plan-for';
import { shapeFor } from './shape-for';

const GENERAL = bitOf('general');
const ON_20 = { side: 'outside', diameterMm: 20, depthMm: 1, feedMm: 0.2, heightErrorMm: 0 } as const;

describe('an angle that was read on a face', () => {
  it('is right within a degree', () => {
    expect(judgeAngle(GENERAL, 'sideClearanceDeg', 10.9, ON_20).ok).toBe(true);
    expect(judgeAngle(GENERAL, 'sideClearanceDeg', 8.9, ON_20).ok).toBe(false);
  });

  it('says at which feed the side rubs: at 4 degrees above pi d tan 1°', () => {
    const at = judgeAngle(GENERAL, 'sideClearanceDeg', 4, ON_20);
    expect(at.rubsAboveMm).toBeCloseTo(Math.PI * 20 * Math.tan(Math.PI / 180), 6);
    expect(at.offDeg).toBe(-6);
    expect(judgeAngle(GENERAL, 'sideClearanceDeg', 2, null).rubsAboveMm).toBe(0);
    expect(judgeAngle(GENERAL, 'sideRakeDeg', 4, null).rubsAboveMm).toBeNull();
  });

  it('says what is left under a nose that stands too high', () => {
    const high = { ...ON_20, heightErrorMm: 0.5 };
    expect(judgeAngle(GENERAL, 'frontClearanceDeg', 8, high).frontLeftDeg).toBeCloseTo(5.134, 3);
    expect(judgeAngle(GENERAL, 'frontClearanceDeg', 8, ON_20).frontLeftDeg).toBeCloseTo(8, 9);
    expect(judgeAngle(GENERAL, 'frontClearanceDeg', 8, { ...ON_20, heightErrorMm: 10 }).frontLeftDeg).toBe(8);
  });

  it('warns of a wedge that is too thin, and of none where no bit can have the angle', () => {
    expect(judgeAngle(GENERAL, 'sideRakeDeg', 28, null)).toMatchObject({ weakWedge: true });
    expect(judgeAngle(GENERAL, 'sideClearanceDeg', -1, null)).toMatchObject({
      wedgeDeg: null,
      weakWedge: false,
      tiltBy: 0,
    });
  });

  it('is put right by the change of the rest that is told', () =>
    fc.assert(
      fc.property(fc.double({ min: 3, max: 20, noNaN: true }), (measured) => {
        const contact = { wheelMm: 150, heightMm: 0 };
        const tilt = (deg: number) =>
          restSetting(faceNormals({ ...GENERAL.angles, sideClearanceDeg: deg }, 'right').major, 0, contact)
            .tiltDeg;
        const { tiltBy } = judgeAngle(GENERAL, 'sideClearanceDeg', measured, null);
        return Math.abs(tilt(measured) + tiltBy - tilt(10)) < 1e-9;
      }),
    ));

  it('is one of the angles of the bit, by its face and plane', () => {
    expect(angleRead('rake', 'across-shank')).toBe('sideRakeDeg');
    expect(angleRead('rake', 'along-shank')).toBe('backRakeDeg');
    const of = (angle: ReadAngle | null) =>
      STEP_KEYS.filter((key) => angleRead(key, 'along-shank') === angle);
    expect(of('sideClearanceDeg')).toEqual(['side', 'left']);
    expect(of('frontClearanceDeg')).toEqual(['front', 'point', 'arc']);
    expect(of(null)).toEqual([
      'right',
      'heel-front',
      'heel-left',
      'heel-right',
      'nose',
      'hollow-radius',
      'groove',
      'hone',
    ]);
  });

  it('tells the front what is left under it, and the wedge at the edge that it makes', () => {
    expect(judgeAngle(GENERAL, 'sideRakeDeg', 12, ON_20).frontLeftDeg).toBeNull();
    const normals = faceNormals({ ...GENERAL.angles, frontClearanceDeg: 14 }, 'right');
    expect(judgeAngle(GENERAL, 'frontClearanceDeg', 14, ON_20).wedgeDeg).toBeCloseTo(
      wedgeDeg(normals.rake, normals.minor),
      9,
    );
    const side = faceNormals({ ...GENERAL.angles, sideClearanceDeg: 14 }, 'right');
    expect(judgeAngle(GENERAL, 'sideClearanceDeg', 14, ON_20)).toMatchObject({
      wedgeDeg: expect.closeTo(wedgeDeg(side.rake, side.major), 9),
      weakWedge: false,
      ok: false,
    });
  });

  it('of the top is put right with the bit on its side', () => {
    const tilt = (deg: number) =>
      restSetting(faceNormals({ ...GENERAL.angles, sideRakeDeg: deg }, 'right').rake, 90, {
        wheelMm: 150,
        heightMm: 0,
      }).tiltDeg;
    expect(judgeAngle(GENERAL, 'sideRakeDeg', 5, ON_20).tiltBy).toBeCloseTo(tilt(12) - tilt(5), 9);
  });
});

describe('a bit to begin with', () => {
  const wish = {
    shape: 'general',
    hand: 'right',
    blank: GENERAL.blank,
    wheel: GENERAL.wheel,
    materialKey: 'copper',
  } as const;

  it('has the angles of its metal in the one school, those of the general bit in the other', () => {
    expect(bitPlanFor({ ...wish, school: 'per-metal' }).angles.sideRakeDeg).toBe(20);
    expect(bitPlanFor({ ...wish, school: 'general' }).angles.sideRakeDeg).toBe(12);
    expect(bitPlanFor({ ...wish, school: 'per-metal', materialKey: null }).angles.sideRakeDeg).toBe(12);
  });

  it('is a poor choice as the general one for brass, copper and plastics', () => {
    expect(['brass-free-cutting', 'copper', 'nylon'].every(generalIsPoor)).toBe(true);
    expect(generalIsPoor('medium-carbon')).toBe(false);
    expect(generalIsPoor(null)).toBe(false);
  });

  it('has the shape of its operation', () => {
    expect(shapeFor('bore')).toBe('boring');
    expect(shapeFor('drill')).toBeNull();
  });
});

describe('a bit in its cut', () => {
  it('of a thread has the clearances and the flat of its lead', () => {
    const bit = forThread(bitOf('thread-60'), 1.5, 10);
    expect(bit.angles.sideClearanceDeg).toBeCloseTo(6 + 3.345, 2);
    expect(bit.trailingDeg).toBeCloseTo(6 - 3.345, 2);
    expect(bit.sizes.flatMm).toBeCloseTo(1.5 / 8, 9);
    // Two starts of the same pitch lean twice as much.
    expect(forThread(bitOf('thread-60'), 3, 10).trailingDeg).toBeLessThan(0);
  });

  it('bears the force of its metal: more for steel than for aluminium, more for a deeper cut', () => {
    const force = (key: string, depthMm: number) => forceOnBit(GENERAL, { ...ON_20, depthMm }, material(key));
    expect(force('medium-carbon', 2)).toBeGreaterThan(600);
    expect(force('medium-carbon', 2)).toBeLessThan(1200);
    expect(force('aluminium-wrought', 2)).toBeLessThan(force('medium-carbon', 2));
    expect(force('medium-carbon', 3)).toBeGreaterThan(force('medium-carbon', 2));
    // A blade cuts with its whole width, whatever depth is typed.
    const blade = (widthMm: number, depthMm: number) =>
      forceOnBit(
        bitOf('parting', { sizes: { ...bitOf('parting').sizes, widthMm } }),
        { ...ON_20, depthMm },
        material('medium-carbon'),
      );
    expect(blade(4, 1) / blade(2, 9)).toBeCloseTo(2, 6);
    // The inside of a bore holds the chip.
    const inBore = forceOnBit(GENERAL, { ...ON_20, side: 'bore' }, material('medium-carbon'));
    expect(inBore).toBeGreaterThan(force('medium-carbon', 1));
  });

  it('breaks the chip with its groove, whose rake falls with each regrind', () => {
    const groove = { landMm: 0.1, widthMm: 1.6, radiusMm: 1.7 };
    const at = grooveInCut(GENERAL, groove, { depthMm: 1.5, feedMm: 0.2 }, material('medium-carbon'));
    expect(at.chip.forcedCurlMm).toBeCloseTo(1.7, 6);
    expect(at.lipRakeDeg).toBeGreaterThan(at.flatRakeDeg);
    expect(at.afterOne.rakeDeg).toBeLessThan(at.lipRakeDeg);
    expect(at.regrinds).toBeGreaterThan(0);
    // Its flat face and its clearance are those square to the edge.
    const edge = rakeAtEdge(12, 8, 80);
    const clearance = clearanceAtEdge(10, edge.inclinationDeg, 80).normalDeg;
    expect(at.wedgeDeg).toBeCloseTo(90 - edge.normalDeg - clearance, 9);
    expect(at.leastRakeDeg).toBeCloseTo(edge.normalDeg + 5, 9);
    expect(() => grooveInCut(GENERAL, { ...groove, widthMm: 4 }, ON_20, material('copper'))).toThrow(
      'groove width',
    );
  });
});

describe('the tip that gets warm', () => {
  it('of a 10 mm bit is the handbook one', () => {
    expect(tipOf(GENERAL, 'hss')).toMatchObject({
      tipG: expect.closeTo(6.3, 1),
      shankKPerW: expect.closeTo(8, 9),
      wheelMPerS: expect.closeTo(22.4, 1),
    });
    // Into water from the end and the four sides of 7.7 mm: 1 / (2000 x 408 mm²).
    expect(tipOf(GENERAL, 'hss').dipKPerW).toBeCloseTo(1 / (2000 * 408e-6), 9);
    const round = { ...GENERAL, blank: { ...GENERAL.blank, section: 'round' as const } };
    expect(tipOf(round, 'carbon-steel').tipG).toBeLessThan(tipOf(GENERAL, 'carbon-steel').tipG);
  });
});

describe('a face ground with the rest at another tilt', () => {
  it('reads as its step wants at the tilt of the step, on either hand', () => {
    for (const hand of ['right', 'left'] as const)
      for (const shape of BIT_SHAPES) {
        const plan = bitOf(shape, { hand, wheel: { diameterMm: 150, contactMm: 20, hollow: true } });
        for (const step of grindSteps(plan).filter(({ setting }) => setting !== null))
          for (const { plane, deg } of step.readings)
            expect(readingAtTilt(step, plan, plane, step.setting!.tiltDeg)).toBeCloseTo(deg, 6);
      }
  });

  it('has less clearance with the rest less tilted, and the correction of what is read leads back', () => {
    const plan = bitOf('general');
    const side = grindSteps(plan).find(({ key }) => key === 'side')!;
    const read = readingAtTilt(side, plan, 'across-shank', side.setting!.tiltDeg - 4)!;
    expect(read).toBeLessThan(10 - 3.9);
    expect(judgeAngle(plan, 'sideClearanceDeg', read, null).tiltBy).toBeCloseTo(4, 1);
    const hone = grindSteps(plan).at(-1)!;
    expect(readingAtTilt(hone, plan, 'across-shank', 10)).toBeNull();
  });
});
