import fc from 'fast-check';
import { drillingForce } from './drilling-force';
import { DRILL, SHARP, STEEL } from './force.fixture';

const times = fc.double({ min: 1.05, max: 4, noNaN: true });

describe('drilling', () => {
  it('takes more torque for a larger drill, less with a pilot hole', () => {
    fc.assert(
      fc.property(
        times,
        (k) =>
          drillingForce(STEEL, SHARP, { ...DRILL, diameterMm: 10 * k }).torqueNm
          > drillingForce(STEEL, SHARP, DRILL).torqueNm,
      ),
    );
    const piloted = drillingForce(STEEL, SHARP, { ...DRILL, pilotMm: 4 });
    expect(piloted.torqueNm).toBeLessThan(drillingForce(STEEL, SHARP, DRILL).torqueNm);
    expect(piloted.thrustN).toBeLessThan(drillingForce(STEEL, SHARP, { ...DRILL, point: 'thinned' }).thrustN);
  });

  it('a thinned point is pushed in with less', () =>
    expect(drillingForce(STEEL, SHARP, { ...DRILL, point: 'thinned' }).thrustN).toBeLessThan(
      drillingForce(STEEL, SHARP, DRILL).thrustN,
    ));
  it('refuses a pilot as large as the drill', () =>
    expect(() => drillingForce(STEEL, SHARP, { ...DRILL, pilotMm: 10 })).toThrow('drill diameter'));

  it('a pilot as wide as the web takes the chisel edge out of the cut', () => {
    const thrust = (pilotMm: number) => drillingForce(STEEL, SHARP, { ...DRILL, pilotMm }).thrustN;
    expect(thrust(1.5) / thrust(1.49)).toBeCloseTo(1 / 1.6, 2);
  });
});
