import type { Drive } from './drive';
import { driveDoubts } from './drive-doubts';
import { FLAT_BELT, LATHE_DRIVE } from './drive.fixture';

const cones = (...pairs: readonly (readonly [number, number])[]): Drive => ({
  motorRpm: [1425],
  stages: [{ ...FLAT_BELT, pairs: pairs.map(([driverMm, drivenMm]) => ({ driverMm, drivenMm })) }],
});

describe('figures that contradict each other', () => {
  it('are not found in a sound drive', () => {
    expect(driveDoubts(LATHE_DRIVE)).toEqual([]);
    expect(driveDoubts(cones([100, 140]))).toEqual([]);
    expect(
      driveDoubts({ ...LATHE_DRIVE, stages: [{ kind: 'variable', name: 'Dial', slowest: 1, fastest: 2 }] }),
    ).toEqual([]);
  });

  it('a pair of which the two diameters add up to another length is told, longer or shorter', () => {
    expect(driveDoubts(cones([71, 146], [108.5, 108.5], [146, 110]))).toEqual([
      { is: 'belt-length', stage: 0, pair: 2, longer: expect.closeTo(256 / 217 - 1, 9) },
    ]);
    expect(driveDoubts(cones([60, 100], [100, 100], [120, 80], [140, 60]))).toEqual([
      { is: 'belt-length', stage: 0, pair: 0, longer: expect.closeTo(-0.2, 9) },
    ]);
  });

  it('the usual length is the middle one, in whatever order the pairs stand', () => {
    const lengths = (...sums: readonly number[]) =>
      driveDoubts(cones(...sums.map((sum) => [100, sum - 100] as const))).map((doubt) => doubt.is);
    expect(lengths(250, 200, 150)).toEqual(['belt-length', 'belt-length']);
    expect(lengths(200, 250, 200)).toEqual(['belt-length']);
    expect(lengths(200, 211)).toEqual([]);
    expect(lengths(200, 213)).toEqual(['belt-length']);
  });

  it('gears that would make the spindle faster, or leave it as it is, are told', () => {
    const gears = (driver: number, driven: number) =>
      driveDoubts({
        ...LATHE_DRIVE,
        stages: [FLAT_BELT, { kind: 'back-gear', driversTeeth: [driver], drivenTeeth: [driven] }],
      });
    expect(gears(72, 28)).toEqual([{ is: 'gears-speed-up', stage: 1 }]);
    expect(gears(40, 40)).toEqual([{ is: 'gears-speed-up', stage: 1 }]);
    expect(gears(28, 72)).toEqual([]);
  });
});
