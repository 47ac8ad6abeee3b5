import { driveSpeeds, type Drive } from './drive';
import { driveTorque } from './drive-torque';
import { FLAT_BELT, LATHE_DRIVE } from './drive.fixture';

describe('torque and power in a position', () => {
  const motor = { powerKw: 0.75, phases: 1, efficiency: 0.75 } as const;
  const of = (position: string) => driveSpeeds(LATHE_DRIVE).find(({ id }) => id === position)!;

  it('a slow step without gears is limited by the belt, the motor gives the rest', () => {
    expect(driveTorque(LATHE_DRIVE, motor, of('0-0-0-0'))).toMatchObject({
      limit: 'belt-slip',
      torqueNm: expect.closeTo(15, 1),
    });
    const fast = of('0-0-2-0');
    expect(driveTorque(LATHE_DRIVE, motor, fast, fast.rpm)).toMatchObject({
      torqueNm: expect.closeTo(7.5, 1),
      limit: 'belt-slip',
    });
  });

  it('the back gear multiplies the torque and loses a tenth of it', () => {
    const direct = driveTorque(LATHE_DRIVE, motor, of('0-0-0-0')).torqueNm;
    expect(driveTorque(LATHE_DRIVE, motor, of('0-0-0-1')).torqueNm / direct).toBeCloseTo(
      ((72 * 76) / (28 * 24)) * 0.9,
      6,
    );
  });

  it('a slow motor keeps its torque and loses power', () => {
    const two: Drive = {
      motorRpm: [710, 1420],
      stages: [{ ...FLAT_BELT, pullN: undefined, pairs: [{ driverMm: 100, drivenMm: 100 }] }],
    };
    const [slow, fast] = driveSpeeds(two).map((one) => driveTorque(two, motor, one));
    expect(slow!.torqueNm).toBeCloseTo(fast!.torqueNm, 9);
    expect(slow!.powerKw).toBeCloseTo(fast!.powerKw / 2, 9);
  });

  it('without a belt that slips the back gear costs the motor a tenth, and multiplies the rest', () => {
    const gripping: Drive = {
      ...LATHE_DRIVE,
      stages: LATHE_DRIVE.stages.map((stage) =>
        stage.kind === 'belt' ? { ...stage, pullN: undefined } : stage,
      ),
    };
    const [out, inGear] = driveSpeeds(gripping).map((one) => driveTorque(gripping, motor, one));
    expect(out!.powerKw).toBeCloseTo(0.75 * 0.75, 9);
    expect(inGear!.powerKw).toBeCloseTo(0.75 * 0.75 * 0.9, 9);
    expect(inGear!.limit).toBe('motor');
  });

  it('the weakest belt counts, whichever comes first, slowed by what follows it', () => {
    const belts = (first: number, second: number): Drive => ({
      motorRpm: [1425],
      stages: [
        { ...FLAT_BELT, pullN: first, pairs: [{ driverMm: 96, drivenMm: 196 }] },
        { ...FLAT_BELT, pullN: second, slipPercent: 0, pairs: [{ driverMm: 96, drivenMm: 96 }] },
      ],
    });
    const torque = (drive: Drive) => driveTorque(drive, motor, driveSpeeds(drive)[0]!);
    expect(torque(belts(20, 200))).toMatchObject({
      torqueNm: expect.closeTo((20 * 200) / 2000, 9),
      motorNm: expect.closeTo(7.693, 3),
      limit: 'belt-slip',
    });
    expect(torque(belts(200, 20)).torqueNm).toBeCloseTo((20 * 100) / 2000, 9);
  });

  it('a toothed belt pulls at the pitch circle of its teeth, 5 mm apart', () => {
    const toothed: Drive = {
      motorRpm: [1425],
      stages: [
        {
          kind: 'belt',
          name: 'Belt',
          section: 'toothed',
          slipPercent: 0,
          pullN: 50,
          pairs: [{ driverMm: 20, drivenMm: 60 }],
        },
      ],
    };
    expect(driveTorque(toothed, motor, driveSpeeds(toothed)[0]!).torqueNm).toBeCloseTo(
      (50 * 60 * 5) / Math.PI / 2000,
      9,
    );
  });
});
