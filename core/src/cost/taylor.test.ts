import fc from 'fast-check';
import { economicSpeed } from './economic-speed';
import { taylorLife, taylorSpeed, taylorThrough } from './taylor';

const AT_REFERENCE = { feedMm: 0.2, depthMm: 1.5, feedRefMm: 0.2, depthRefMm: 1.5, a: 0.6, b: 0.2 };
const HSS = { n: 0.125, cMPerMin: 50 };

describe('life of an edge', () => {
  it('is what the line says: carbide, n 0.25, C 400, at 200 m/min 16 minutes', () =>
    expect(taylorLife({ n: 0.25, cMPerMin: 400 }, 200, AT_REFERENCE)).toBeCloseTo(16, 10));

  it('and its speed are each other’s inverse, at any feed and depth', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 60, noNaN: true }),
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        (vc, feedMm, depthMm) => {
          const cut = { ...AT_REFERENCE, feedMm, depthMm };
          expect(taylorSpeed(HSS, taylorLife(HSS, vc, cut), cut)).toBeCloseTo(vc, 8);
        },
      ),
    ));

  it('falls with speed, feed and depth', () => {
    const life = taylorLife(HSS, 30, AT_REFERENCE);
    expect(taylorLife(HSS, 31, AT_REFERENCE)).toBeLessThan(life);
    expect(taylorLife(HSS, 30, { ...AT_REFERENCE, feedMm: 0.21 })).toBeLessThan(life);
    expect(taylorLife(HSS, 30, { ...AT_REFERENCE, depthMm: 1.6 })).toBeLessThan(life);
  });

  it('two trials give the line through both', () => {
    const line = taylorThrough([30, 60], [36, 15]);
    expect(taylorLife(line, 30, AT_REFERENCE)).toBeCloseTo(60, 8);
    expect(taylorLife(line, 36, AT_REFERENCE)).toBeCloseTo(15, 8);
  });

  it('refuses a faster cut that lasted longer, equal lives, and nothing', () => {
    expect(() => taylorThrough([30, 15], [36, 60])).toThrow('exponent of life');
    expect(() => taylorThrough([30, 15], [36, 15])).toThrow('exponent of life');
  });

  it.each([
    ['cutting speed', () => taylorLife(HSS, 0, AT_REFERENCE)],
    ['constant of life', () => taylorLife({ ...HSS, cMPerMin: 0 }, 30, AT_REFERENCE)],
    ['exponent of life', () => taylorLife({ ...HSS, n: 0 }, 30, AT_REFERENCE)],
    ['exponent of life', () => taylorLife({ ...HSS, n: 1 }, 30, AT_REFERENCE)],
    ['feed', () => taylorLife(HSS, 30, { ...AT_REFERENCE, feedMm: 0 })],
    ['reference feed', () => taylorLife(HSS, 30, { ...AT_REFERENCE, feedRefMm: 0 })],
    ['depth', () => taylorLife(HSS, 30, { ...AT_REFERENCE, depthMm: 0 })],
    ['reference depth', () => taylorLife(HSS, 30, { ...AT_REFERENCE, depthRefMm: 0 })],
    ['life', () => taylorSpeed(HSS, -1, AT_REFERENCE)],
    ['constant of life', () => taylorSpeed({ ...HSS, cMPerMin: 0 }, 60, AT_REFERENCE)],
    ['first speed', () => taylorThrough([0, 60], [36, 15])],
    ['first life', () => taylorThrough([30, 0], [36, 15])],
    ['second speed', () => taylorThrough([30, 60], [0, 15])],
    ['second life', () => taylorThrough([30, 60], [36, 0])],
  ])('refuses a %s that cannot be', (what, run) => expect(run).toThrow(`${what} `));
});

describe('the economic speed', () => {
  const cost = { ratePerMin: 0.6, changeMin: 4, edgeCost: 2 };

  it('costs less than a speed a little slower or faster', () => {
    const found = economicSpeed(HSS, cost, 60, 500);
    const costAt = (v: number) => {
      const life = (HSS.cMPerMin / v) ** (1 / HSS.n);
      return (
        (60 / v) * cost.ratePerMin + (60 / v / life) * (cost.changeMin * cost.ratePerMin + cost.edgeCost)
      );
    };
    expect(found.costAtSet).toBeCloseTo(costAt(found.setMPerMin), 10);
    expect(found.costAtSet).toBeLessThan(costAt(found.setMPerMin * 0.97));
    expect(found.costAtSet).toBeLessThan(costAt(found.setMPerMin * 1.03));
    expect(found.maxOutput.vcMPerMin).toBeGreaterThan(found.minCost.vcMPerMin);
  });

  it('is held by the machine that does not reach it', () => {
    const found = economicSpeed(HSS, cost, 60, 20);
    expect(found).toMatchObject({ limitedByMachine: true, setMPerMin: 20 });
    expect(found.lifeAtSetMin).toBeCloseTo((50 / 20) ** 8, 6);
  });

  it.each([
    [{ ...cost, ratePerMin: 0 }, 'cost of a minute'],
    [{ ...cost, changeMin: 0 }, 'minutes to change an edge'],
    [{ ...cost, edgeCost: -1 }, 'cost of an edge'],
  ])('refuses %j', (bad, what) => expect(() => economicSpeed(HSS, bad, 60, 100)).toThrow(what));

  it.each([
    ['constant of life', () => economicSpeed({ ...HSS, cMPerMin: 0 }, cost, 60, 100)],
    ['exponent of life', () => economicSpeed({ ...HSS, n: 1 }, cost, 60, 100)],
    ['length of cut', () => economicSpeed(HSS, cost, 0, 100)],
    ['reachable speed', () => economicSpeed(HSS, cost, 60, 0)],
  ])('refuses a %s that cannot be', (what, run) => expect(run).toThrow(what));

  it('is not held by a machine that just reaches it', () => {
    const { minCost } = economicSpeed(HSS, cost, 60, 500);
    expect(economicSpeed(HSS, cost, 60, minCost.vcMPerMin).limitedByMachine).toBe(false);
  });
});
