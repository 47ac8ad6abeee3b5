import { usualBath } from './usual-bath';
import fc from 'fast-check';
import { causticBath, rescueSaving } from './caustic-bath';

const JOB = { aluminiumG: 1, excess: 2, strengthGPerL: 100, temperatureC: 20, pressureKPa: 101.325 };

it('a gram of aluminium takes 1.482 g of sodium hydroxide and gives 1.34 litres of hydrogen', () => {
  const bath = causticBath(JOB);
  expect(bath.neededG).toBeCloseTo(1.482, 3);
  expect(bath.doseG).toBeCloseTo(2.965, 3);
  expect(bath.waterUsedG).toBeCloseTo(2.003, 3);
  expect(bath.hydrogenL).toBeCloseTo(1.337, 3);
  expect(bath.airM3).toBeCloseTo(0.334, 3);
});

it('makes a quarter of a litre at least, so that the edges are covered', () => {
  expect(causticBath(JOB).litresToMake).toBe(0.25);
  expect(causticBath({ ...JOB, aluminiumG: 20 }).litresToMake).toBeCloseTo(0.593, 3);
});

it('everything grows with the aluminium, the gas with warmth', () =>
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 50, noNaN: true }), (aluminiumG) => {
      const [one, two] = [
        causticBath({ ...JOB, aluminiumG }),
        causticBath({ ...JOB, aluminiumG: 2 * aluminiumG }),
      ];
      expect(two.doseG).toBeCloseTo(2 * one.doseG, 8);
      expect(two.airM3).toBeCloseTo(2 * one.airM3, 8);
      expect(causticBath({ ...JOB, aluminiumG, temperatureC: 30 }).hydrogenL).toBeGreaterThan(one.hydrogenL);
    }),
  ));

it.each([
  [{ aluminiumG: 0 }, 'mass of aluminium'],
  [{ excess: 0.5 }, 'excess'],
  [{ strengthGPerL: 0 }, 'strength of the bath'],
  [{ temperatureC: -300 }, 'temperature above absolute zero'],
  [{ pressureKPa: 0 }, 'pressure'],
])('refuses %j', (bad, what) => expect(() => causticBath({ ...JOB, ...bad })).toThrow(what));

it('is worth it for many edges, not for two', () => {
  const cost = { valuePerEdge: 2, minutesAttended: 15, ratePerMin: 0.5, chemicalCost: 2 };
  expect(rescueSaving({ ...cost, edges: 8 })).toBeCloseTo(6.5, 10);
  expect(rescueSaving({ ...cost, edges: 2 })).toBeCloseTo(-5.5, 10);
});

it.each([
  [{ edges: -1 }, 'edges'],
  [{ valuePerEdge: -1 }, 'value of an edge'],
  [{ minutesAttended: -1 }, 'minutes attended'],
  [{ ratePerMin: -1 }, 'cost of a minute'],
  [{ chemicalCost: -1 }, 'cost of the chemicals'],
])('a saving refuses %j', (bad, what) => {
  const cost = { edges: 8, valuePerEdge: 2, minutesAttended: 15, ratePerMin: 0.5, chemicalCost: 2 };
  expect(() => rescueSaving({ ...cost, ...bad })).toThrow(what);
});

it('the usual bath has two and a half times the lye that is needed, and covers the edges', () => {
  const bath = usualBath(1);
  expect(bath.doseG).toBeCloseTo(2.5 * 1.4824, 3);
  expect(bath.litresToMake).toBe(0.25);
  expect(bath.hydrogenL).toBeCloseTo(1.337, 3);
  expect(usualBath(20).litresToMake).toBeCloseTo(0.741, 3);
  expect(() => usualBath(0)).toThrow('mass of aluminium');
});
