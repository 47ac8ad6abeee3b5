import fc from 'fast-check';
import { beltTable } from './belt-table';
import { changeCosts, driveDoubts, driveSpeeds, type BeltDrive, type Drive } from './drive';
import { driveTorque } from './drive-torque';
import { measuresOf, speedTable, type PositionMeasure } from './speed-table';
import { spindlePower } from './spindle-power';

const belt: BeltDrive = {
  kind: 'belt',
  name: 'Belt',
  section: 'flat',
  thicknessMm: 4,
  slipPercent: 2,
  pullN: 200,
  pairs: [
    { driverMm: 71, drivenMm: 146 },
    { driverMm: 108.5, drivenMm: 108.5 },
    { driverMm: 146, drivenMm: 71 },
  ],
};
const LATHE: Drive = {
  motorRpm: [1425],
  stages: [
    {
      kind: 'belt',
      name: 'Motor belt',
      section: 'A',
      slipPercent: 1,
      pairs: [{ driverMm: 65.5, drivenMm: 245.5 }],
    },
    belt,
    { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] },
  ],
};
const tapped = (position: string, rpm: number, uRel = 0.004): PositionMeasure => ({
  position,
  rpm,
  uRel,
  how: 'tapped',
  on: '2026-11-20T10:00:00.000Z',
});

describe('the speeds of a drive', () => {
  it('are those of the belt table, each said as it is set', () => {
    const speeds = driveSpeeds(LATHE);
    const table = beltTable(
      1425,
      [
        { driverMm: [60], drivenMm: [240] },
        { driverMm: [75, 112.5, 150], drivenMm: [150, 112.5, 75] },
      ],
      0,
      { driversTeeth: [28, 24], drivenTeeth: [72, 76] },
    );
    const grip = 0.99 * 0.98;
    expect(speeds.filter(({ at }) => at[3] === 0).map(({ rpm }) => rpm / grip)).toEqual(
      table.directRpm.map((rpm) => expect.closeTo(rpm, 9)),
    );
    expect(speeds.filter(({ at }) => at[3] === 1).map(({ rpm }) => rpm / grip)).toEqual(
      table.backGearRpm!.map((rpm) => expect.closeTo(rpm, 9)),
    );
    expect(speeds.map(({ words }) => words)).toEqual([
      'Belt 1, back gear out',
      'Belt 1, back gear in',
      'Belt 2, back gear out',
      'Belt 2, back gear in',
      'Belt 3, back gear out',
      'Belt 3, back gear in',
    ]);
    expect(speeds[0]).toMatchObject({ id: '0-0-0-0', settings: { motor: 0, 0: 0, 1: 0, 2: 0 } });
  });

  it('a two-speed motor, a gear lever and a variable pulley each bring their own', () => {
    const lever = driveSpeeds({
      motorRpm: [710, 1420],
      stages: [
        {
          kind: 'lever',
          name: 'Lever',
          positions: [
            { name: 'A', driverTeeth: 20, drivenTeeth: 60 },
            { name: 'B', driverTeeth: 40, drivenTeeth: 40 },
          ],
        },
      ],
    });
    expect(lever.map(({ words }) => words)).toEqual([
      'Motor slow, lever A',
      'Motor slow, lever B',
      'Motor fast, lever A',
      'Motor fast, lever B',
    ]);
    expect(lever.map(({ rpm }) => Math.round(rpm))).toEqual([237, 710, 473, 1420]);
    const variable = driveSpeeds({
      motorRpm: [1000],
      stages: [{ kind: 'variable', name: 'Dial', slowest: 0.5, fastest: 2 }],
    });
    expect([variable[0]!.rpm, variable.at(-1)!.rpm]).toEqual([500, expect.closeTo(2000, 9)]);
    expect(variable[0]!.words).toBe('Dial at 500');
    for (let i = 1; i < variable.length; i += 1)
      expect(variable[i]!.rpm / variable[i - 1]!.rpm).toBeLessThanOrEqual(1.12 + 1e-9);
  });

  it('toothed belts go by teeth, without slip or uncertainty of their own', () => {
    const [speed] = driveSpeeds({
      motorRpm: [1440],
      stages: [
        {
          kind: 'belt',
          name: 'Belt',
          section: 'toothed',
          slipPercent: 0,
          pairs: [{ driverMm: 20, drivenMm: 60 }],
        },
      ],
    });
    expect(speed).toMatchObject({ rpm: expect.closeTo(480, 9), uRatioRel: 0, words: 'One speed' });
  });

  it('refuses nothing at all, a pulley of nothing, and more speeds than a table holds', () => {
    expect(() => driveSpeeds({ motorRpm: [1425], stages: [] })).toThrow(
      'number of belts and gears must be 1 or more, got 0',
    );
    expect(() =>
      driveSpeeds({ motorRpm: [1425], stages: [{ ...belt, pairs: [{ driverMm: 0, drivenMm: 100 }] }] }),
    ).toThrow('outside diameter must be more than 0');
    expect(() => driveSpeeds({ motorRpm: [1425], stages: [belt, belt, belt, belt] })).toThrow(
      'number of speeds must be from 1 to 60, got 81',
    );
    expect(() =>
      driveSpeeds({ motorRpm: [1425], stages: [{ kind: 'variable', name: 'Dial', slowest: 2, fastest: 1 }] }),
    ).toThrow('must be above the slowest');
  });

  it('figures that contradict each other are doubted, not refused', () => {
    expect(driveDoubts(LATHE)).toEqual([]);
    expect(
      driveDoubts({
        ...LATHE,
        stages: [{ ...belt, pairs: [...belt.pairs.slice(0, 2), { driverMm: 146, drivenMm: 110 }] }],
      }),
    ).toMatchObject([
      { stage: 0, pair: 2, text: expect.stringContaining('18 % more than on the other steps') },
    ]);
    expect(
      driveDoubts({ ...LATHE, stages: [{ kind: 'back-gear', driversTeeth: [72], drivenTeeth: [28] }] })[0]!
        .text,
    ).toContain('faster');
  });

  it('changing a belt costs more than a gear, a gear more than a switch', () => {
    expect(changeCosts(LATHE)).toEqual({ motor: 0.2, 0: 3, 1: 3, 2: 1 });
  });
});

describe('the speed table', () => {
  it('without a measure everything is computed from the motor', () => {
    const { steps, combined } = speedTable(LATHE, []);
    expect(combined).toBeNull();
    expect(steps.every(({ computed, measured }) => computed && !measured)).toBe(true);
    for (let i = 1; i < steps.length; i += 1) expect(steps[i]!.rpm).toBeGreaterThan(steps[i - 1]!.rpm);
  });

  it('one measure moves every step through the pulleys, and keeps its own figure', () => {
    const before = speedTable(LATHE, []).steps;
    const after = speedTable(LATHE, [tapped('0-0-1-0', 320)]).steps;
    const share = 320 / before.find(({ position }) => position === '0-0-1-0')!.rpm;
    after.forEach((step, i) => expect(step.rpm / before[i]!.rpm).toBeCloseTo(share, 3));
    expect(after.filter(({ measured }) => measured).map(({ rpm, position }) => ({ rpm, position }))).toEqual([
      { rpm: 320, position: '0-0-1-0' },
    ]);
    // The pulleys are known less surely than a good measure, the motor less surely than both.
    expect(after[0]!.computed!.uRel).toBeLessThan(before[0]!.computed!.uRel);
    expect(measuresOf(after)).toEqual([tapped('0-0-1-0', 320)]);
  });

  it('a step that does not fit the others is flagged: a belt that slips when it runs fast', () => {
    const { steps } = speedTable(LATHE, []);
    const at = (position: string) => steps.find((step) => step.position === position)!.rpm;
    const measures = ['0-0-0-0', '0-0-0-1', '0-0-1-0', '0-0-1-1'].map((position) =>
      tapped(position, at(position), 0.002),
    );
    expect(speedTable(LATHE, measures).combined).toMatchObject({
      measuresDisagree: false,
      flaggedMeasure: null,
    });
    const odd = speedTable(LATHE, [...measures, tapped('0-0-2-0', at('0-0-2-0') * 0.78, 0.002)]).combined!;
    expect(odd).toMatchObject({ measuresDisagree: true, flaggedMeasure: 4 });
  });

  it('a measure of a position that is no longer there is not used', () => {
    expect(speedTable(LATHE, [tapped('9-9-9-9', 320)]).combined).toBeNull();
  });

  it('two ways to one speed make one step', () => {
    const twice: Drive = {
      motorRpm: [1000],
      stages: [
        {
          kind: 'lever',
          name: 'Lever',
          positions: [
            { name: 'A', driverTeeth: 30, drivenTeeth: 60 },
            { name: 'B', driverTeeth: 40, drivenTeeth: 80 },
          ],
        },
      ],
    };
    expect(speedTable(twice, []).steps).toMatchObject([{ rpm: 500, setting: 'Lever A' }]);
    expect(speedTable(twice, [tapped('0-1', 500)]).steps).toMatchObject([{ setting: 'Lever B' }]);
  });

  it('for any cones, one measured step gives back the motor-driven ratios', () => {
    const size = fc.double({ min: 40, max: 300, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(size, size), { minLength: 2, maxLength: 5 }),
        fc.double({ min: 20, max: 3000, noNaN: true }),
        (pairs, rpm) => {
          const drive: Drive = {
            motorRpm: [1425],
            stages: [{ ...belt, pairs: pairs.map(([driverMm, drivenMm]) => ({ driverMm, drivenMm })) }],
          };
          const plain = driveSpeeds(drive);
          const { combined } = speedTable(drive, [tapped('0-0', rpm)]);
          combined!.rpm.forEach((one, i) => expect(one / rpm).toBeCloseTo(plain[i]!.rpm / plain[0]!.rpm, 6));
        },
      ),
    );
  });
});

describe('torque and power in a position', () => {
  const motor = { powerKw: 0.75, phases: 1, efficiency: 0.75 } as const;
  const of = (words: string) => driveSpeeds(LATHE).find((one) => one.words === words)!;

  it('a slow step without gears is limited by the belt, the motor gives the rest', () => {
    expect(driveTorque(LATHE, motor, of('Belt 1, back gear out'))).toMatchObject({
      limit: 'belt-slip',
      torqueNm: expect.closeTo(15, 1),
    });
    const fast = of('Belt 3, back gear out');
    expect(driveTorque(LATHE, motor, fast, fast.rpm)).toMatchObject({
      torqueNm: expect.closeTo(7.5, 1),
      limit: 'belt-slip',
    });
  });

  it('the back gear multiplies the torque and loses a tenth of it', () => {
    const direct = driveTorque(LATHE, motor, of('Belt 1, back gear out')).torqueNm;
    expect(driveTorque(LATHE, motor, of('Belt 1, back gear in')).torqueNm / direct).toBeCloseTo(
      ((72 * 76) / (28 * 24)) * 0.9,
      6,
    );
  });

  it('a slow motor keeps its torque and loses power', () => {
    const two: Drive = {
      motorRpm: [710, 1420],
      stages: [{ ...belt, pullN: undefined, pairs: [{ driverMm: 100, drivenMm: 100 }] }],
    };
    const [slow, fast] = driveSpeeds(two).map((one) => driveTorque(two, motor, one));
    expect(slow!.torqueNm).toBeCloseTo(fast!.torqueNm, 9);
    expect(slow!.powerKw).toBeCloseTo(fast!.powerKw / 2, 9);
  });

  it('a step says what its spindle gives, or nothing when nothing is known', () => {
    const { steps } = speedTable(LATHE, [], motor);
    expect(spindlePower(steps[0]!, motor)).toMatchObject({ torqueNm: steps[0]!.torqueNm, beltFirst: true });
    expect(spindlePower({ rpm: 500, setting: '' }, motor)).toEqual({
      torqueNm: expect.closeTo(10.74, 2),
      powerKw: expect.closeTo(0.5625, 9),
      beltFirst: false,
    });
    expect(spindlePower({ rpm: 500, setting: '' }, undefined)).toBeNull();
  });
});
