import fc from 'fast-check';
import { beltMoves, type DrivePosition, type SpeedJob } from './belt-moves';

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

  const free = (id: string, rpmMin: number, rpmMax: number, ...after: string[]): SpeedJob => ({
    id,
    rpmMin,
    rpmMax,
    after,
  });

  it('a step at either end of a job’s window serves it', () => {
    const only = (job: SpeedJob) => beltMoves(positions, [job], costs);
    expect(only(free('low end', 110, 111))).toMatchObject({ order: [{ position: 'c in' }] });
    expect(only(free('high end', 109, 110))).toMatchObject({ order: [{ position: 'c in' }] });
    expect(only(free('none', 111, 112))).toEqual({ feasible: false, impossible: ['none'] });
  });

  it('of ways that cost the same takes the one with the fewest changes', () => {
    const even = { belt: 1, gear: 0 };
    // From a in, both 45 and 301.5 rpm serve; going out of gear would cost nothing but a change.
    expect(beltMoves(positions, [free('either', 40, 310)], even, 'a in')).toEqual({
      feasible: true,
      totalCost: 0,
      positionChanges: 0,
      order: [{ job: 'either', position: 'a in' }],
    });
    expect(beltMoves([...positions].reverse(), [free('either', 40, 310)], even, 'a in')).toMatchObject({
      positionChanges: 0,
    });
  });

  it('the first setting costs nothing when the machine stands nowhere yet', () => {
    expect(beltMoves(positions, [free('slow', 40, 50), free('fast', 700, 800)], costs)).toMatchObject({
      totalCost: 4,
      positionChanges: 1,
    });
    expect(beltMoves(positions, [free('slow', 40, 50)], costs, 'c out')).toMatchObject({
      totalCost: 4,
      positionChanges: 1,
    });
    expect(beltMoves(positions, [], costs)).toEqual({
      feasible: true,
      totalCost: 0,
      positionChanges: 0,
      order: [],
    });
  });

  it('plans fourteen jobs, and refuses to start from a place the machine has not', () => {
    const many = Array.from({ length: 14 }, (_, i) => free(String(i), 40, 50));
    expect(beltMoves(positions, many, costs)).toMatchObject({ totalCost: 0, positionChanges: 0 });
    expect(() => beltMoves(positions, many, costs, 'd in')).toThrow(
      'start position: there is none called "d in"',
    );
  });

  it('of ways to one setting that cost the same takes the one with fewer changes on the way', () => {
    const places: DrivePosition[] = [
      { id: 'gear in', rpm: 100, settings: { gear: 'in' } },
      { id: 'gear out', rpm: 110, settings: { gear: 'out' } },
    ];
    const jobs = [free('first', 90, 120), free('second', 105, 120, 'first')];
    for (const order of [places, [...places].reverse()])
      expect(beltMoves(order, jobs, { gear: 0 })).toMatchObject({
        totalCost: 0,
        positionChanges: 0,
        order: [{ position: 'gear out' }, { position: 'gear out' }],
      });
  });
});
