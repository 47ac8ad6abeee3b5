import { beltTable } from './belt-table';
import { changeCosts, driveSpeeds, stageOptions, type Drive } from './drive';
import { FLAT_BELT, LATHE_DRIVE } from './drive.fixture';

describe('the speeds of a drive', () => {
  it('are those of the belt table, each with its own setting', () => {
    const speeds = driveSpeeds(LATHE_DRIVE);
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
    expect(lever.map(({ at }) => at)).toEqual([
      [0, 0],
      [0, 1],
      [1, 0],
      [1, 1],
    ]);
    expect(lever.map(({ rpm }) => Math.round(rpm))).toEqual([237, 710, 473, 1420]);
    const variable = driveSpeeds({
      motorRpm: [1000],
      stages: [{ kind: 'variable', name: 'Dial', slowest: 0.5, fastest: 2 }],
    });
    expect([variable[0]!.rpm, variable.at(-1)!.rpm]).toEqual([500, expect.closeTo(2000, 9)]);
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
    expect(speed).toMatchObject({ rpm: expect.closeTo(480, 9), uRatioRel: 0 });
  });

  it('refuses nothing at all, a pulley of nothing, and more speeds than a table holds', () => {
    expect(() => driveSpeeds({ motorRpm: [1425], stages: [] })).toThrow(
      'number of belts and gears must be 1 or more, got 0',
    );
    expect(() =>
      driveSpeeds({ motorRpm: [1425], stages: [{ ...FLAT_BELT, pairs: [{ driverMm: 0, drivenMm: 100 }] }] }),
    ).toThrow('outside diameter must be more than 0');
    expect(() =>
      driveSpeeds({ motorRpm: [1425], stages: [FLAT_BELT, FLAT_BELT, FLAT_BELT, FLAT_BELT] }),
    ).toThrow('number of speeds must be from 1 to 60, got 81');
    expect(() =>
      driveSpeeds({ motorRpm: [1425], stages: [{ kind: 'variable', name: 'Dial', slowest: 2, fastest: 1 }] }),
    ).toThrow('fastest ratio must be 2 or more, got 1');
  });

  it('changing a belt costs more than a gear, a gear more than a switch', () => {
    expect(changeCosts(LATHE_DRIVE)).toEqual({ motor: 0.2, 0: 3, 1: 3, 2: 1 });
  });

  it('a variable drive is as fine as an eighth of its range, in no more than 13 steps', () => {
    const marks = (fastest: number) =>
      stageOptions({ kind: 'variable', name: 'Dial', slowest: 1, fastest }).map(({ ratio }) => ratio);
    expect(marks(1.12)).toEqual([1, 1.12]);
    expect(marks(1.13)).toHaveLength(3);
    expect(marks(20)).toHaveLength(14);
    expect(marks(20).at(-1)).toBeCloseTo(20, 9);
    expect(() => marks(1)).toThrow('fastest ratio must be 1 or more, got 1');
  });

  it('holds 60 speeds, not one more', () => {
    const pairs = (n: number) => Array.from({ length: n }, () => ({ driverMm: 100, drivenMm: 100 }));
    const speeds = (n: number) =>
      driveSpeeds({ motorRpm: [710, 1420], stages: [{ ...FLAT_BELT, pairs: pairs(n) }] });
    expect(speeds(30)).toHaveLength(60);
    expect(() => speeds(31)).toThrow('number of speeds must be from 1 to 60, got 62');
  });

  it.each<[Drive['stages'][number] | 'motor', string]>([
    [{ kind: 'variable', name: 'Dial', slowest: 0, fastest: 1 }, 'slowest ratio must be more than 0, got 0'],
    [{ ...FLAT_BELT, slipPercent: 51 }, 'slip must be from 0 to 50, got 51'],
    [
      { ...FLAT_BELT, section: 'toothed', pairs: [{ driverMm: 0, drivenMm: 20 }] },
      'teeth must be more than 0, got 0',
    ],
    [
      { kind: 'lever', name: 'L', positions: [{ name: 'A', driverTeeth: 0, drivenTeeth: 9 }] },
      'teeth must be more than 0, got 0',
    ],
    [
      { kind: 'lever', name: 'L', positions: [{ name: 'A', driverTeeth: 9, drivenTeeth: 0 }] },
      'teeth must be more than 0, got 0',
    ],
    ['motor', 'motor speed must be more than 0, got 0'],
  ])('refuses %p, by name', (stage, sentence) => {
    const drive: Drive =
      stage === 'motor' ? { motorRpm: [0], stages: [FLAT_BELT] } : { motorRpm: [1425], stages: [stage] };
    expect(() => driveSpeeds(drive)).toThrow(sentence);
  });

  it('turning a variable pulley costs as little as a switch', () => {
    expect(
      changeCosts({ motorRpm: [1425], stages: [{ kind: 'variable', name: 'Dial', slowest: 1, fastest: 2 }] }),
    ).toEqual({ motor: 0.2, 0: 0.2 });
  });
});
