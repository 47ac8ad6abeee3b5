import fc from 'fast-check';
import { beltMoves, type DrivePosition, type SpeedJob } from './belt-moves';
import { beltTable, beltTableFromOne, reduction } from './belt-table';
import { changeGearSearch, fitsBanjo, threadPitch } from './change-gears';
import { combineMeasures } from './combine-measures';
import { backGearCount, frictionWheel, pulseTachometer } from './measured-speed';
import { BELT_SECTIONS, pitchDiameter } from './pitch-diameter';
import { spindleTorque } from './spindle-torque';
import { tapTiming } from './tap-timing';

describe('pulleys and belts', () => {
  it('a flat belt runs on a larger circle, a V-belt on a smaller one', () => {
    expect(pitchDiameter(100, 'flat', 4).mm).toBe(104);
    expect(pitchDiameter(100, 'B').mm).toBe(93);
    for (const section of BELT_SECTIONS) expect(pitchDiameter(200, section, 5).uMm).toBeGreaterThan(0.2);
  });

  it.each([
    [0, 'A', undefined, 'outside diameter'],
    [5, 'A', undefined, 'pitch diameter'],
    [100, 'flat', undefined, 'belt thickness'],
  ] as const)('refuses %p on %s', (d, section, t, sentence) => {
    expect(() => pitchDiameter(d, section, t)).toThrow(sentence);
  });

  it('one measured step gives the table that the motor would give', () => {
    const stage = { driverMm: [75, 100, 125], drivenMm: [125, 100, 75] };
    const whole = beltTable(1425, [stage], 2).directRpm;
    beltTableFromOne(stage, 0, whole[0]!, 0.004, 0.5).rpm.forEach((rpm, i) =>
      expect(rpm).toBeCloseTo(whole[i]!, 9),
    );
  });

  it('refuses cones that do not match, a pulley of nothing and a gear train without a partner', () => {
    expect(() => beltTable(1425, [{ driverMm: [60, 90], drivenMm: [150] }])).toThrow(
      'number of driven pulleys must be from 2 to 2, got 1',
    );
    expect(() => beltTable(1425, [{ driverMm: [0], drivenMm: [150] }])).toThrow(
      'pulley diameter must be more than 0',
    );
    expect(() => reduction({ driversTeeth: [25], drivenTeeth: [] })).toThrow('number of driven');
  });
});

describe('measuring the true speed', () => {
  const noise = fc.double({ min: -0.02, max: 0.02, noNaN: true });

  it('taps find the speed within their own uncertainty, whatever is doubled, missed or far out', () => {
    const run = fc.record({
      period: fc.double({ min: 0.4, max: 3, noNaN: true }),
      jitter: fc.array(noise, { minLength: 14, maxLength: 30 }),
      missed: fc.integer({ min: 3, max: 9 }),
      doubled: fc.integer({ min: 3, max: 9 }),
    });
    fc.assert(
      fc.property(run, ({ period, jitter, missed, doubled }) => {
        const taps = jitter.map((j, i) => i * period + j * period).filter((_, i) => i !== missed);
        const withDouble = [
          ...taps.slice(0, doubled + 1),
          taps[doubled]! + 0.1 * period,
          ...taps.slice(doubled + 1),
        ];
        const found = tapTiming(withDouble)!;
        return (
          Math.abs(found.rpm / (60 / period) - 1) < 0.01
          && found.doublesDropped === 1
          && found.missedTaps === 1
        );
      }),
    );
  });

  it('asks for more while there are too few taps', () => {
    expect(tapTiming([0, 1, 2])).toBeNull();
    expect(tapTiming([0, 1, 1.1, 2])).toBeNull();
  });

  it('a gate is the surer the more pulses it counts, a period far surer still', () => {
    expect(pulseTachometer('gate', 100, 5, 1).uRel).toBeLessThan(pulseTachometer('gate', 50, 5, 1).uRel);
    expect(pulseTachometer('period', 101, 5, 1, 0, 0.0002).uRel).toBeLessThan(
      pulseTachometer('gate', 100, 5, 1).uRel / 10,
    );
    expect(() => pulseTachometer('period', 1, 5, 1)).toThrow('pulses after the first');
  });

  it('a creeping friction wheel is corrected upward, and slow turns are multiplied', () => {
    const wheel = (slip: number) =>
      frictionWheel({
        wheelMm: { value: 50 },
        workMm: { value: 160 },
        turns: { value: 100, u: 0.5 },
        timeS: { value: 30 },
        slipPercent: { value: slip },
      }).rpm;
    expect(wheel(1)).toBeGreaterThan(wheel(0));
    expect(
      backGearCount({ value: 30 }, { value: 60 }, { driversTeeth: [20, 20], drivenTeeth: [60, 60] }),
    ).toMatchObject({ slowRpm: 30, reduction: 9, directRpm: 270, uRel: 0 });
  });

  it('measures combine between what they say, and two that differ blame neither', () => {
    const two = combineMeasures(
      [1, 2],
      [
        { step: 0, rpm: 100, uRel: 0.005 },
        { step: 1, rpm: 230, uRel: 0.005 },
      ],
    );
    expect(two).toMatchObject({ measuresDisagree: true, flaggedMeasure: null, withoutFlagged: null });
    expect(two.rpm[0]).toBeGreaterThan(100);
    expect(two.rpm[0]).toBeLessThan(115);
    expect(combineMeasures([1, 2], [{ step: 0, rpm: 100, uRel: 0.005 }])).toMatchObject({
      standardisedResiduals: [0],
      measuresDisagree: false,
      rpm: [expect.closeTo(100, 9), expect.closeTo(200, 9)],
    });
    expect(() => combineMeasures([1], [])).toThrow('number of measures must be 1 or more, got 0');
  });
});

describe('change gears', () => {
  it('127 makes a metric thread on an inch screw exact', () =>
    expect(threadPitch(3.175, { drivers: [40], driven: [127] })).toBeCloseTo(1, 12));

  it('uses each gear once, and leaves out what fouls the banjo when asked', () => {
    const gears = [20, 30, 40, 45, 50, 60, 63, 80];
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), (wanted) => {
        const free = changeGearSearch(3.175, gears, wanted);
        const fit = changeGearSearch(3.175, gears, wanted, { mustFit: true });
        const used = [...free.drivers, ...free.driven];
        return (
          new Set(used).size === used.length
          && used.every((gear) => gears.includes(gear))
          && fitsBanjo(fit)
          && Math.abs(free.errorPpm) <= Math.abs(fit.errorPpm) + 1e-6
        );
      }),
      { numRuns: 25 },
    );
  });
});

describe('torque at the spindle', () => {
  it('is the belt’s in the low steps and the motor’s in the high ones', () => {
    const at = (rpm: number, drivenPulleyMm: number) =>
      spindleTorque({ motorPowerKw: 0.55, efficiency: 0.8, rpm, belt: { pullN: 180, drivenPulleyMm } });
    expect(at(200, 140).limit).toBe('belt-slip');
    expect(at(1500, 70).limit).toBe('motor');
    expect(spindleTorque({ motorPowerKw: 0.55, efficiency: 0.8, rpm: 300 })).toMatchObject({
      beltNm: null,
      limit: 'motor',
      powerKw: expect.closeTo(0.44, 9),
    });
  });
});

describe('fewest belt moves', () => {
  const positions: DrivePosition[] = ['in', 'out'].flatMap((gear) =>
    ['a', 'b', 'c'].map((belt, i) => ({
      id: `${belt} ${gear}`,
      rpm: [45, 70, 110][i]! * (gear === 'in' ? 1 : 6.7),
      settings: { belt, gear },
    })),
  );
  const costs = { belt: 3, gear: 1 };
  const cost = (a: DrivePosition, b: DrivePosition) =>
    (a.settings.belt === b.settings.belt ? 0 : 3) + (a.settings.gear === b.settings.gear ? 0 : 1);

  /** Every order and every choice of steps, tried one by one. */
  function cheapest(jobs: readonly SpeedJob[], at: DrivePosition | null, done: readonly string[]): number {
    if (jobs.length === 0) return 0;
    return Math.min(
      ...jobs
        .filter((job) => job.after.every((id) => done.includes(id)))
        .flatMap((job) =>
          positions
            .filter(({ rpm }) => rpm >= job.rpmMin && rpm <= job.rpmMax)
            .map(
              (position) =>
                (at ? cost(at, position) : 0)
                + cheapest(
                  jobs.filter((other) => other !== job),
                  position,
                  [...done, job.id],
                ),
            ),
        ),
    );
  }

  it('are as cheap as the best of all orders, and the order given is one that holds', () => {
    const aJob = fc.record({
      rpmMin: fc.integer({ min: 20, max: 600 }),
      width: fc.double({ min: 1.3, max: 4, noNaN: true }),
      follows: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(aJob, { minLength: 1, maxLength: 4 }), (raw) => {
        const jobs = raw.map(({ rpmMin, width, follows }, i): SpeedJob => ({
          id: String(i),
          rpmMin,
          rpmMax: rpmMin * width,
          after: follows && i > 0 ? [String(i - 1)] : [],
        }));
        const found = beltMoves(positions, jobs, costs, 'b out');
        const want = cheapest(
          jobs,
          positions.find(({ id }) => id === 'b out')!,
          [],
        );
        if (!found.feasible) return found.impossible.length > 0 && want === Infinity;
        const taken = found.order.map(({ job, position }) => ({
          job: jobs.find(({ id }) => id === job)!,
          position: positions.find(({ id }) => id === position)!,
        }));
        const holds = taken.every(
          ({ job, position }, i) =>
            position.rpm >= job.rpmMin * 0.999
            && position.rpm <= job.rpmMax * 1.001
            && job.after.every((id) => taken.slice(0, i).some((before) => before.job.id === id)),
        );
        return Math.abs(found.totalCost - want) < 1e-9 && holds && taken.length === jobs.length;
      }),
      { numRuns: 150 },
    );
  });

  it('say when the order is a circle, and refuse what cannot be searched', () => {
    const circle = [
      { id: 'a', rpmMin: 40, rpmMax: 800, after: ['b'] },
      { id: 'b', rpmMin: 40, rpmMax: 800, after: ['a'] },
    ];
    expect(beltMoves(positions, circle, costs)).toEqual({ feasible: false, impossible: [] });
    expect(() => beltMoves(positions, circle.slice(0, 1), costs)).toThrow('job: there is none called "b"');
    expect(() =>
      beltMoves(
        positions,
        Array.from({ length: 15 }, (_, i) => ({ id: String(i), rpmMin: 1, rpmMax: 9, after: [] })),
        costs,
      ),
    ).toThrow('number of jobs must be from 0 to 14, got 15');
    expect(beltMoves(positions, [], costs)).toMatchObject({ feasible: true, totalCost: 0 });
  });
});
