import fc from 'fast-check';
import {
  currentFor,
  isBelowSight,
  netPower,
  POWER_METHODS,
  removalRate,
  SUPPLIES,
  type MotorReading,
} from './net-power';

const CUT = { vcMPerMin: 30, feedMm: 0.15, depthMm: 1.5 };
const MOTOR: MotorReading = {
  supply: 'single',
  method: 'power-factors',
  volts: 230,
  idleA: 3.2,
  cutA: 4.6,
  pfIdle: 0.35,
  pfCut: 0.7,
  efficiency: 0.7,
};

it('by hand: 230 V, 3.2 A idle and 4.6 A in the cut are 338 W and 3.0 J/mm³', () => {
  const { inputIdleW, inputCutW, netPowerW, specificEnergyJMm3 } = netPower(MOTOR, CUT);
  expect(inputIdleW).toBeCloseTo(230 * 3.2 * 0.35, 9);
  expect(inputCutW).toBeCloseTo(230 * 4.6 * 0.7, 9);
  expect(netPowerW).toBeCloseTo(338.1, 6);
  expect(specificEnergyJMm3).toBeCloseTo(3.005, 3);
});

it('the current that is asked for is read back as the power it was asked for', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...SUPPLIES),
      fc.constantFrom(...POWER_METHODS),
      fc.double({ min: 1, max: 5_000, noNaN: true }),
      (supply, method, watts) => {
        const motor = { ...MOTOR, supply, method };
        const cutA = currentFor(motor, watts);
        expect(netPower({ ...motor, cutA }, CUT).netPowerW).toBeCloseTo(watts, 6);
      },
    ),
  ));

it('more current is more power; three phases give more than one', () => {
  expect(netPower({ ...MOTOR, cutA: 5 }, CUT).netPowerW).toBeGreaterThan(netPower(MOTOR, CUT).netPowerW);
  expect(netPower({ ...MOTOR, supply: 'three' }, CUT).netPowerW).toBeCloseTo(
    Math.sqrt(3) * netPower(MOTOR, CUT).netPowerW,
    6,
  );
});

it.each([
  [{ volts: 0 }, 'volts'],
  [{ efficiency: 0 }, 'efficiency'],
  [{ idleA: -1 }, 'current at idle'],
  [{ cutA: 0 }, 'current in the cut'],
  [{ pfIdle: 1.2 }, 'power factor at idle'],
  [{ pfCut: 0 }, 'power factor in the cut'],
] as const)('refuses %j', (bad, what) => expect(() => netPower({ ...MOTOR, ...bad }, CUT)).toThrow(what));

it('a current below the magnetising current cannot be', () =>
  expect(() => netPower({ ...MOTOR, method: 'quadrature', cutA: 2 }, CUT)).toThrow('current in the cut'));

it('metal is taken off by speed, feed and depth alike', () => {
  // 30 m/min, 0.15 mm and 1.5 mm: 112.5 mm³ a second.
  expect(removalRate(CUT)).toBeCloseTo(112.5, 9);
  for (const key of ['vcMPerMin', 'feedMm', 'depthMm'] as const) {
    expect(removalRate({ ...CUT, [key]: 2 * CUT[key] })).toBeCloseTo(225, 9);
    expect(() => removalRate({ ...CUT, [key]: 0 })).toThrow(RangeError);
  }
});

it.each([
  [2, 2.03, 0.01, false],
  [2, 2.029, 0.01, true],
  [2, 1.9, 0.01, true],
  [2, 5, 0.09, false],
  [2, 2, 0, false],
] as const)('%d A at idle, %d A in the cut, in steps of %d A: below sight %s', (idleA, cutA, stepA, is) =>
  expect(isBelowSight(idleA, cutA, stepA)).toBe(is),
);
