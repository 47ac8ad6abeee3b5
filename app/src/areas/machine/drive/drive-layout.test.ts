import type { Drive, DriveStage } from '@pike-stone/core/drive';
import fc from 'fast-check';
import {
  FRESH_DRIVE,
  fittedAt,
  nextPair,
  shapeOf,
  startingAt,
  withNewPart,
  withoutPart,
  withPulley,
  withSteps,
} from './drive-draft';
import { driveLayout } from './drive-layout';

const pair = fc.record({
  driverMm: fc.double({ min: 30, max: 400, noNaN: true }),
  drivenMm: fc.double({ min: 30, max: 400, noNaN: true }),
});
const stage: fc.Arbitrary<DriveStage> = fc.oneof(
  fc.record({
    kind: fc.constant('belt' as const),
    name: fc.constant('Belt'),
    section: fc.constantFrom('A' as const, 'flat' as const, 'toothed' as const),
    thicknessMm: fc.constant(4),
    slipPercent: fc.constant(1),
    pairs: fc.array(pair, { minLength: 1, maxLength: 5 }),
  }),
  fc.record({
    kind: fc.constant('lever' as const),
    name: fc.constant('Lever'),
    positions: fc.array(
      fc.record({
        name: fc.constant('A'),
        driverTeeth: fc.integer({ min: 12, max: 90 }),
        drivenTeeth: fc.integer({ min: 12, max: 90 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
  }),
  fc.constant({ kind: 'variable' as const, name: 'Dial', slowest: 0.4, fastest: 2.4 }),
  fc.constant({ kind: 'back-gear' as const, driversTeeth: [28, 24], drivenTeeth: [72, 76] }),
);
const drives = fc
  .array(stage, { minLength: 1, maxLength: 3 })
  .map((stages): Drive => ({ motorRpm: [1425], stages }));

describe('where a drive stands on the drawing', () => {
  it('everything lies on the paper, each wheel on its shaft, each belt between its rims', () => {
    fc.assert(
      fc.property(drives, fc.integer({ min: 340, max: 620 }), fc.boolean(), (drive, width, inMesh) => {
        const { height, wheels, lanes, shafts } = driveLayout(
          drive,
          width,
          380,
          drive.stages.map(() => inMesh),
        );
        const centres = [...shafts.map(({ y }) => y)];
        for (const wheel of wheels) {
          expect(wheel.y).toBeGreaterThanOrEqual(0);
          expect(wheel.y + wheel.height).toBeLessThanOrEqual(height + 1);
        }
        const kindOf = ({ stage }: { stage: number }) => drive.stages[stage]!.kind;
        const offShaft = wheels
          .filter((wheel) => kindOf(wheel) !== 'back-gear')
          .filter(({ y, height: tall }) => !centres.some((at) => Math.abs(at - (y + tall / 2)) < 1e-6));
        expect(offShaft).toEqual([]);
        const narrow = lanes
          .filter((lane) => kindOf(lane) === 'belt')
          .filter(({ gapTop, gapBottom }) => gapBottom - gapTop < 48);
        expect(narrow).toEqual([]);
        for (const lane of lanes) expect(lane.top).toBeLessThan(lane.bottom);
      }),
    );
  });

  it('pulleys are to scale', () => {
    const { wheels } = driveLayout(FRESH_DRIVE, 390, 380, [false]);
    const of = (side: string, option: number) =>
      wheels.find((wheel) => wheel.side === side && wheel.option === option)!.height;
    expect(of('driven', 0) / of('driver', 0)).toBeCloseTo(130 / 60, 6);
  });

  it('gears stand off when they are out', () => {
    const drive: Drive = {
      motorRpm: [1425],
      stages: [...FRESH_DRIVE.stages, { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] }],
    };
    const lay = (inMesh: boolean) => {
      const layout = driveLayout(drive, 390, 380, [false, inMesh]);
      return layout.shafts.at(-1)!.y - layout.layShafts[0]!.y;
    };
    expect(lay(false)).toBeGreaterThan(lay(true));
  });
});

describe('a drive being drawn', () => {
  it('a new belt stands before the back gear, under a name of its own', () => {
    const drive = withNewPart(withNewPart(FRESH_DRIVE, 'back-gear'), 'belt');
    expect(drive.stages.map((one) => (one.kind === 'back-gear' ? 'gear' : one.name))).toEqual([
      'Belt',
      'Belt B',
      'gear',
    ]);
    expect(withoutPart(drive, 1).stages).toHaveLength(2);
  });

  it('one pulley changes, its belt keeps the rest; the shape stays the same', () => {
    const next = withPulley(FRESH_DRIVE, 0, 1, 'driven', 101);
    expect(next.stages[0]).toMatchObject({
      pairs: [
        { driverMm: 60, drivenMm: 130 },
        { driverMm: 95, drivenMm: 101 },
        { driverMm: 130, drivenMm: 60 },
      ],
    });
    expect(shapeOf(next)).toBe(shapeOf(FRESH_DRIVE));
    expect(shapeOf(withNewPart(FRESH_DRIVE, 'lever'))).not.toBe(shapeOf(FRESH_DRIVE));
  });

  it('more steps go on as the last two did, fewer are cut off', () => {
    const pairs = [
      { driverMm: 60, drivenMm: 130 },
      { driverMm: 90, drivenMm: 100 },
    ];
    expect(withSteps(pairs, 3, nextPair)[2]).toEqual({ driverMm: 120, drivenMm: 70 });
    expect(
      withSteps(pairs, 6, nextPair).every(({ driverMm, drivenMm }) => driverMm >= 30 && drivenMm >= 30),
    ).toBe(true);
    expect(withSteps(pairs, 1, nextPair)).toEqual(pairs.slice(0, 1));
  });

  it('what is looked at stays inside what there is', () => {
    expect(startingAt(FRESH_DRIVE)).toEqual([0, 1]);
    expect(fittedAt([1, 4], [1, 3, 2])).toEqual([0, 2, 0]);
  });
});
