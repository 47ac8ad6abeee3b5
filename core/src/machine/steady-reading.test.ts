import { steadyReading } from './steady-reading';

describe('an instrument that is held still', () => {
  it('a jump among the readings is left aside, the last place bounds what is known', () => {
    expect(steadyReading([25.41, 25.4, 25.41, 25.42, 31.9, 25.41], 0.01)).toMatchObject({
      value: 25.41,
      used: 5,
      leftAside: 1,
      u: 0.005,
    });
    expect(steadyReading([10, 10, 10, 10, 10, 10, 10, 10], 0.1)).toEqual({
      value: 10,
      u: 0.05,
      used: 8,
      leftAside: 0,
    });
    expect(steadyReading([1, 2, 3], 0.01)).toBeNull();
  });

  it('four readings are enough; the finer the display, the more the scatter counts', () => {
    expect(steadyReading([10, 10.1, 10.2, 10.3], 0.01)).toEqual({
      value: expect.closeTo(10.15, 9),
      u: expect.closeTo((1.4826 * 0.1) / 2, 9),
      used: 4,
      leftAside: 0,
    });
    expect(steadyReading([10, 10.1, 10.2, 10.3], 1)!.u).toBe(0.5);
  });

  it('a reading four standard deviations off counts, one further off does not', () => {
    // All but one agree, so the last place alone is the scatter: 0.5.
    expect(steadyReading([10, 10, 10, 10, 12], 1)).toMatchObject({ used: 5 });
    expect(steadyReading([10, 10, 10, 10, 12.01], 1)).toMatchObject({ used: 4, leftAside: 1 });
  });
});
