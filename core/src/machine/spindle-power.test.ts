import { LATHE_DRIVE } from './drive.fixture';
import { speedTable } from './speed-table';
import { spindlePower } from './spindle-power';

describe('power of a step', () => {
  const motor = { powerKw: 0.75, phases: 1, efficiency: 0.75 } as const;

  it('a step says what its spindle gives, or nothing when nothing is known', () => {
    const { steps } = speedTable(LATHE_DRIVE, [], ({ id }) => id, motor);
    expect(spindlePower(steps[0]!, motor)).toMatchObject({ torqueNm: steps[0]!.torqueNm, beltFirst: true });
    expect(spindlePower({ rpm: 500, setting: '' }, motor)).toEqual({
      torqueNm: expect.closeTo(10.74, 2),
      powerKw: expect.closeTo(0.5625, 9),
      beltFirst: false,
    });
    expect(spindlePower({ rpm: 500, setting: '' }, undefined)).toBeNull();
  });

  it('a belt comes first only where it leaves less than 85 % of the motor', () => {
    const ofMotor = 10;
    const rpm = ((30_000 / Math.PI) * (0.75 * 0.75)) / ofMotor;
    const first = (torqueNm: number) => spindlePower({ rpm, setting: '', torqueNm }, motor)!.beltFirst;
    expect([first(8.49), first(8.51)]).toEqual([true, false]);
    expect(spindlePower({ rpm, setting: '', torqueNm: 8 }, undefined)).toMatchObject({ beltFirst: false });
  });
});
