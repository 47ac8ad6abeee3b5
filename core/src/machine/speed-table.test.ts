import fc from 'fast-check';
import { driveSpeeds, type Drive, type DriveSpeed } from './drive';
import { FLAT_BELT, LATHE_DRIVE } from './drive.fixture';
import { measuresOf, speedTable, type PositionMeasure } from './speed-table';

const tapped = (position: string, rpm: number, uRel = 0.004): PositionMeasure => ({
  position,
  rpm,
  uRel,
  how: 'tapped',
  on: '2026-11-20T10:00:00.000Z',
});

/** Each position under its own id. */
const named = ({ id }: DriveSpeed): string => id;

describe('the speed table', () => {
  it('without a measure everything is computed from the motor', () => {
    const { steps, combined } = speedTable(LATHE_DRIVE, [], named);
    expect(combined).toBeNull();
    expect(steps.every(({ computed, measured }) => computed && !measured)).toBe(true);
    for (let i = 1; i < steps.length; i += 1) expect(steps[i]!.rpm).toBeGreaterThan(steps[i - 1]!.rpm);
  });

  it('one measure moves every step through the pulleys, and keeps its own figure', () => {
    const before = speedTable(LATHE_DRIVE, [], named).steps;
    const after = speedTable(LATHE_DRIVE, [tapped('0-0-1-0', 320)], named).steps;
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
    const { steps } = speedTable(LATHE_DRIVE, [], named);
    const at = (position: string) => steps.find((step) => step.position === position)!.rpm;
    const measures = ['0-0-0-0', '0-0-0-1', '0-0-1-0', '0-0-1-1'].map((position) =>
      tapped(position, at(position), 0.002),
    );
    expect(speedTable(LATHE_DRIVE, measures, named).combined).toMatchObject({
      measuresDisagree: false,
      flaggedMeasure: null,
    });
    const slipping = tapped('0-0-2-0', at('0-0-2-0') * 0.78, 0.002);
    const odd = speedTable(LATHE_DRIVE, [...measures, slipping], named).combined!;
    expect(odd).toMatchObject({ measuresDisagree: true, flaggedMeasure: 4 });
  });

  it('a measure of a position that is no longer there is not used', () => {
    expect(speedTable(LATHE_DRIVE, [tapped('9-9-9-9', 320)], named).combined).toBeNull();
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
    expect(speedTable(twice, [], named).steps).toMatchObject([{ rpm: 500, setting: '0-0' }]);
    expect(speedTable(twice, [tapped('0-1', 500)], named).steps).toMatchObject([{ setting: '0-1' }]);
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
            stages: [{ ...FLAT_BELT, pairs: pairs.map(([driverMm, drivenMm]) => ({ driverMm, drivenMm })) }],
          };
          const plain = driveSpeeds(drive);
          const { combined } = speedTable(drive, [tapped('0-0', rpm)], named);
          combined!.rpm.forEach((one, i) => expect(one / rpm).toBeCloseTo(plain[i]!.rpm / plain[0]!.rpm, 6));
        },
      ),
    );
  });

  it('a measured step of a machine without a drive is not one of the drive’s measures', () => {
    const measured = { how: 'tapped', on: '2026-11-20', uRel: 0.004 } as const;
    expect(measuresOf([{ rpm: 320, setting: 'Belt 2', measured }])).toEqual([]);
  });
});
