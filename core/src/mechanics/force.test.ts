import fc from 'fast-check';
import {
  barDeflection,
  endMillDeflection,
  roundInertia,
  WORST_PLACE,
  workDeflection,
  type SupportedBy,
} from './deflection';
import { drillingForce } from './drilling-force';
import { interfaceHeat, speedForHeat } from './heat';
import { millingForce, millingPower, type MillingCut } from './milling-force';
import { builtUpEdgeFactor, idealRoughness, millingRoughness } from './roughness';
import { specificForce, thrustRatio } from './specific-force';
import { chipFlowDeg, depthByPower, turningForce } from './turning-force';

const STEEL = { kc11: 1500, mc: 0.22, rake0Deg: 6, speedExponent: 0.1 };
const SHARP = { rakeDeg: 6, wearLandMm: 0 };
const DRILL = {
  diameterMm: 10,
  pilotMm: 0,
  feedMmRev: 0.17,
  rpm: 700,
  pointAngleDeg: 118,
  point: 'plain',
} as const;
const MILL: MillingCut = {
  diameterMm: 12,
  aeMm: 12,
  apMm: 4,
  teeth: 4,
  fzMm: 0.04,
  rpm: 700,
  approachDeg: 90,
  position: 'side',
};
const times = fc.double({ min: 1.05, max: 4, noNaN: true });

describe('force per chip section', () => {
  it('falls with a thicker chip and with rake, rises with wear, within its bounds', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.8, noNaN: true }),
        times,
        (h, k) =>
          specificForce(STEEL, SHARP, h * k, 60, 'turn-outside').kc
          < specificForce(STEEL, SHARP, h, 60, 'turn-outside').kc,
      ),
    );
    expect(specificForce(STEEL, { rakeDeg: 45, wearLandMm: 0 }, 0.2, 60, 'mill').kRake).toBe(0.7);
    expect(specificForce(STEEL, { rakeDeg: -45, wearLandMm: 0 }, 0.2, 60, 'mill').kRake).toBe(1.4);
    expect(specificForce(STEEL, { rakeDeg: 6, wearLandMm: 2 }, 0.2, 60, 'mill').kWear).toBe(1.6);
    expect([1, 1000].map((v) => specificForce(STEEL, SHARP, 0.2, v, 'mill').kSpeed)).toEqual([1.3, 0.85]);
  });

  it('is flagged where the fit was not made for so thin a chip', () => {
    expect(specificForce(STEEL, SHARP, 0.02, 60, 'mill').extrapolated).toBe(true);
    expect(specificForce(STEEL, SHARP, 0.2, 60, 'mill').extrapolated).toBe(false);
    expect(() => specificForce(STEEL, SHARP, 0, 60, 'mill')).toThrow('chip thickness');
  });

  it('pushes less with rake and more with wear', () => {
    expect(thrustRatio(STEEL, { rakeDeg: 20, wearLandMm: 0 })).toBeLessThan(thrustRatio(STEEL, SHARP));
    expect(thrustRatio(STEEL, { rakeDeg: 6, wearLandMm: 0.4 })).toBeGreaterThan(thrustRatio(STEEL, SHARP));
  });
});

const CUT = {
  depthMm: 2,
  feedMmRev: 0.2,
  approachDeg: 90,
  noseRadiusMm: 0.4,
  diameterMm: 40,
  speedMPerMin: 25,
};

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
});

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
});

describe('milling', () => {
  it('power rises with depth, width, feed and speed', () => {
    const base = millingPower(STEEL, SHARP, { ...MILL, aeMm: 3 }).powerKw;
    for (const more of [{ apMm: 6, aeMm: 3 }, { aeMm: 5 }, { fzMm: 0.06, aeMm: 3 }, { rpm: 900, aeMm: 3 }])
      expect(millingPower(STEEL, SHARP, { ...MILL, ...more }).powerKw).toBeGreaterThan(base);
  });

  it('a full slot has half of the teeth in it, a narrow cut less than one: it hammers', () => {
    expect(millingPower(STEEL, SHARP, MILL).teethInCut).toBeCloseTo(2, 9);
    expect(millingPower(STEEL, SHARP, { ...MILL, aeMm: 0.6 }).teethInCut).toBeLessThan(1);
  });

  it('more teeth at one feed per tooth smooth the peak toward the mean', () => {
    const share = (teeth: number) => {
      const r = millingForce(STEEL, SHARP, { ...MILL, teeth });
      return r.peakPowerKw / r.powerKw;
    };
    expect(share(8)).toBeLessThan(share(2));
    expect(share(8)).toBeGreaterThanOrEqual(1 - 1e-3);
  });
});

describe('what gives way', () => {
  const held: readonly SupportedBy[] = ['chuck', 'chuck-and-centre', 'between-centres'];

  it('most at the place that is named for each way of holding', () => {
    for (const support of held) {
      const at = (share: number) => workDeflection(support, 208, 20, 0, 200, share * 200, 100).deflectionMm;
      for (let share = 0.05; share <= 1; share += 0.05)
        expect(at(share)).toBeLessThanOrEqual(at(WORST_PLACE[support]) * 1.001);
    }
  });

  it('with the third power of length, the fourth of thickness; a bore softens it', () => {
    const bend = (d: number, L: number, bore = 0) =>
      workDeflection('chuck', 208, d, bore, L, L, 100).deflectionMm;
    expect(bend(20, 120) / bend(20, 60)).toBeCloseTo(8, 9);
    expect(bend(10, 60) / bend(20, 60)).toBeCloseTo(16, 9);
    expect(bend(20, 60, 15)).toBeGreaterThan(bend(20, 60));
    expect(roundInertia(20, 10)).toBeCloseTo(roundInertia(20) - roundInertia(10), 9);
  });

  it('a carbide bar a third of a steel one, and it may stand out further', () => {
    const [steel, carbide] = (['steel', 'carbide'] as const).map((material) =>
      barDeflection(material, 12, 60, 100, 200),
    );
    expect(carbide!.radialMm / steel!.radialMm).toBeCloseTo(205 / 600, 9);
    expect([steel!.overAllowable, carbide!.overAllowable]).toEqual([true, false]);
  });

  it('an end mill the less the shorter its flutes and the thicker its shank', () => {
    expect(endMillDeflection('hss', 12, 12, 20, 40, 100)).toBeLessThan(
      endMillDeflection('hss', 12, 12, 40, 40, 100),
    );
    expect(endMillDeflection('hss', 12, 16, 20, 40, 100)).toBeLessThan(
      endMillDeflection('hss', 12, 12, 20, 40, 100),
    );
    expect(endMillDeflection('carbide', 12, 12, 20, 40, 100)).toBeCloseTo(
      (endMillDeflection('hss', 12, 12, 20, 40, 100) * 210) / 600,
      12,
    );
  });
});

describe('heat and finish', () => {
  const thermal = { rhoCJMm3K: 0.0038, kWMK: 45, coefficient: 0.5 };

  it('the speed for a heat is the speed that makes it', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 250, noNaN: true }), fc.boolean(), (v, wet) => {
        const { riseK } = interfaceHeat(2400, thermal, v, 0.2, 20, wet);
        expect(speedForHeat(2400, thermal, 0.2, riseK, wet)).toBeCloseTo(v, 6);
      }),
    );
  });

  it('fluid cools, speed heats, the chip stays cooler than the edge', () => {
    const at = (v: number, wet: boolean) => interfaceHeat(2400, thermal, v, 0.2, 20, wet);
    expect(at(60, true).interfaceC).toBeLessThan(at(60, false).interfaceC);
    expect(at(120, false).riseK / at(60, false).riseK).toBeCloseTo(Math.cbrt(2), 9);
    expect(at(60, false).chipBodyC).toBeLessThan(at(60, false).interfaceC);
  });

  it('ridges rise with the square of the feed while the nose makes them, then with the edges', () => {
    expect(idealRoughness(0.1, 0.8, 95, 5).rtUm / idealRoughness(0.05, 0.8, 95, 5).rtUm).toBeCloseTo(4, 6);
    expect(idealRoughness(0.1, 0.8, 95, 5).regime).toBe('nose-only');
    expect(idealRoughness(0.6, 0.4, 95, 5).regime).not.toBe('nose-only');
  });

  it('the built-up edge is worst in the middle of its zone and gone outside', () => {
    const bue = { level: 2, zoneMPerMin: [8, 50] } as const;
    const at = (v: number) => builtUpEdgeFactor(bue, v, false, 6);
    expect(at(20)).toBeGreaterThan(at(10));
    expect(at(20)).toBeGreaterThan(at(45));
    expect(at(200)).toBe(1);
    expect(builtUpEdgeFactor(bue, 20, true, 6)).toBeLessThan(at(20));
    expect(builtUpEdgeFactor({ level: 0, zoneMPerMin: [8, 50] }, 20, false, 6)).toBe(1);
  });

  it('one high tooth leaves marks of the whole turn', () => {
    for (const kind of ['peripheral', 'face-nose', 'end-dish'] as const) {
      const { everyToothUm, oneToothUm } = millingRoughness(kind, 20, 0.08, 4, 0.8, 1);
      expect(oneToothUm).toBeGreaterThan(everyToothUm);
    }
  });
});

describe('force and power', () => {
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

  it('a cutter refuses a width above its diameter, and its peak is never under its mean', () => {
    const mill = { ...MILL, aeMm: 3 };
    expect(() => millingForce(STEEL, SHARP, { ...mill, aeMm: 13 })).toThrow(
      'width of cut must be from 0 to 12',
    );
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.integer({ min: 1, max: 8 }),
        (aeMm, teeth) => {
          const r = millingForce(STEEL, SHARP, { ...mill, aeMm, teeth });
          expect(r.peakPowerKw).toBeGreaterThanOrEqual(r.powerKw * 0.999);
        },
      ),
    );
  });
});
