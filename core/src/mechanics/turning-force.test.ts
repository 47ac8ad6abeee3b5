import fc from 'fast-check';
import { chipFlowDeg, depthByPower, turningForce } from './turning-force';
import { CUT, SHARP, STEEL } from './force.fixture';

const times = fc.double({ min: 1.05, max: 4, noNaN: true });

describe('turning', () => {
  it('gives the same power by force and speed as by torque and turns', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 5, max: 300, noNaN: true }),
        (diameterMm, speedMPerMin) => {
          const { powerKw, torqueNm } = turningForce(STEEL, SHARP, 'turn-outside', {
            ...CUT,
            diameterMm,
            speedMPerMin,
          });
          const rpm = (1000 * speedMPerMin) / (Math.PI * diameterMm);
          expect((torqueNm * rpm * Math.PI) / 30_000).toBeCloseTo(powerKw, 9);
        },
      ),
    );
  });

  it('a blade pushes straight back, a nose sideways the more the lighter the cut', () => {
    expect(turningForce(STEEL, SHARP, 'part', CUT).fpN).toBe(0);
    expect(chipFlowDeg(0.2, 0.1, 0.8, 90)).toBeGreaterThan(chipFlowDeg(2, 0.1, 0.8, 90));
  });

  it('the depth that takes all the power takes it when it is cut', () => {
    const { mm, limit } = depthByPower(STEEL, SHARP, 'turn-outside', CUT, { powerKw: 0.5, torqueNm: 1000 });
    expect(limit).toBe('power');
    expect(turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, depthMm: mm }).powerKw).toBeCloseTo(0.5, 9);
    expect(depthByPower(STEEL, SHARP, 'turn-outside', CUT, { powerKw: 50, torqueNm: 10 }).limit).toBe(
      'torque',
    );
  });

  it('rise with depth, feed and wear, fall with rake', () => {
    const base = turningForce(STEEL, SHARP, 'turn-outside', CUT).fcN;
    fc.assert(
      fc.property(times, (by) => {
        expect(turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, depthMm: 2 * by }).fcN).toBeGreaterThan(
          base,
        );
        const coarser = turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, feedMmRev: 0.2 * by }).fcN;
        // A thicker chip costs less force for each square millimetre.
        expect(coarser).toBeGreaterThan(base);
        expect(coarser).toBeLessThan(base * by);
      }),
    );
    expect(turningForce(STEEL, { rakeDeg: 20, wearLandMm: 0 }, 'turn-outside', CUT).fcN).toBeLessThan(base);
    expect(turningForce(STEEL, { rakeDeg: 6, wearLandMm: 0.4 }, 'turn-outside', CUT).fcN).toBeGreaterThan(
      base,
    );
  });

  it.each<[() => unknown, string]>([
    [
      () => turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, depthMm: 0 }),
      'depth must be more than 0, got 0',
    ],
    [
      () => turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, feedMmRev: 0 }),
      'feed must be more than 0, got 0',
    ],
    [
      () => turningForce(STEEL, SHARP, 'turn-outside', { ...CUT, diameterMm: 0 }),
      'diameter must be more than 0, got 0',
    ],
  ])('refuses what takes no chip: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
