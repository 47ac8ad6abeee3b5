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

  it('a belt comes first only where it is what ends the torque of the step', () => {
    const first = (torqueLimit?: 'motor' | 'belt-slip') =>
      spindlePower({ rpm: 500, setting: '', torqueNm: 5, torqueLimit }, motor)!.beltFirst;
    expect([first('belt-slip'), first('motor'), first()]).toEqual([true, false, false]);
  });

  it('a motor that runs at half its speed has half of its power, which is no slipping belt', () => {
    const slow = { ...LATHE_DRIVE, motorRpm: [700, 1400] };
    const { steps } = speedTable(slow, [], ({ id }) => id, { ...motor, powerKw: 0.01 });
    expect(steps.map(({ torqueLimit }) => torqueLimit)).not.toContain('belt-slip');
  });
});
