import fc from 'fast-check';
import { reliefOnHinge, reliefOnRest, tiltForRelief, tiltOnHinge, wearCorrection } from './rest-tilt';

const deg = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });
const mm = deg;

it('the tilt for a relief grinds that relief, at any height of the wheel', () =>
  fc.assert(
    fc.property(deg(1, 30), mm(-20, 20), mm(30, 150), (wanted, height, radius) =>
      expect(reliefOnRest(tiltForRelief(wanted, height, radius), height, radius)).toBeCloseTo(wanted, 9),
    ),
  ));

it('so does the tilt of a rest on its hinge, without a height', () =>
  fc.assert(
    fc.property(deg(1, 20), mm(80, 110), mm(-20, 0), mm(4, 16), (wanted, xMm, yMm, bitMm) => {
      const hinge = { xMm, yMm, bitMm };
      const { tiltDeg, heightMm } = tiltOnHinge(hinge, wanted, 75);
      expect(reliefOnHinge(hinge, tiltDeg, 75).angleDeg).toBeCloseTo(wanted, 9);
      // The height that follows gives the same by the other formula.
      expect(reliefOnRest(tiltDeg, heightMm, 75)).toBeCloseTo(wanted, 9);
    }),
  ));

it('after wear, the new tilt and the new height each bring the relief back', () =>
  fc.assert(
    fc.property(deg(0, 15), mm(-15, 15), mm(50, 100), deg(0.6, 1), (tilt, height, before, share) => {
      const after = before * share;
      const worn = wearCorrection(tilt, height, before, after);
      expect(reliefOnRest(worn.tiltDeg, height, after)).toBeCloseTo(worn.beforeDeg, 9);
      expect(reliefOnRest(tilt, worn.heightMm, after)).toBeCloseTo(worn.beforeDeg, 9);
      // Above the axle the relief grows as the wheel wears, below it falls.
      expect(Math.sign(worn.uncorrectedDeg - worn.beforeDeg) * Math.sign(height)).toBeGreaterThanOrEqual(
        -1e-9,
      );
    }),
  ));

it.each([
  [() => reliefOnRest(0, 75, 75), 'contact height'],
  [() => reliefOnRest(0, 0, 0), 'wheel diameter'],
  [() => tiltOnHinge({ xMm: 10, yMm: 0, bitMm: 60 }, 5, 75), 'contact height'],
  [() => wearCorrection(8, 60, 75, 50), 'contact height'],
])('refuses %#', (run, what) => expect(run).toThrow(what));
