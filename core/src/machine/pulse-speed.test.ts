import fc from 'fast-check';
import { pulseSpeed } from './pulse-speed';

describe('the pulses of a tachometer', () => {
  const train = (rpm: number, seconds: number, marks = 1) =>
    Array.from({ length: Math.floor((rpm * marks * seconds) / 60) }, (_, i) => (i * 60) / (rpm * marks));

  it('a clean train gives its speed, whatever the marks', () => {
    expect(pulseSpeed(train(437, 6), 1)).toMatchObject({
      rpm: expect.closeTo(437, 6),
      missed: 0,
      doubled: 0,
      quality: 1,
    });
    expect(pulseSpeed(train(437, 6, 4), 4)!.rpm).toBeCloseTo(437, 6);
  });

  it('missed and doubled pulses and a drop-out change nothing but the quality', () => {
    const spoilt = train(437, 8)
      .filter((t, i) => i % 9 !== 4 && !(t > 3 && t < 4.3))
      .flatMap((t, i) => (i % 17 === 3 ? [t, t + 0.005] : [t]));
    const found = pulseSpeed(spoilt, 1)!;
    expect(found.rpm).toBeCloseTo(437, 3);
    expect(found.doubled).toBeGreaterThan(0);
    expect(found.missed).toBeGreaterThan(9);
    expect(found.quality).toBeLessThan(0.9);
    expect(found.trace.some(({ odd }) => odd)).toBe(true);
  });

  it('too few pulses give nothing', () => {
    expect(pulseSpeed([0, 0.1, 0.2], 1)).toBeNull();
  });

  it('for any speed and any few pulses lost, the speed is found', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 3000 }),
        fc.array(fc.nat(200), { maxLength: 6 }),
        (rpm, lost) => {
          const times = train(rpm, 3000 / rpm).filter((_, i) => i < 4 || !lost.includes(i));
          expect(pulseSpeed(times, 1)!.rpm / rpm).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  it('each pulse carries the speed since the one before, by its marks, and whether it is one of the train', () => {
    const times = [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 0.9, 1];
    expect(pulseSpeed(times, 2)).toEqual({
      rpm: expect.closeTo(300, 6),
      uRel: expect.closeTo(1e-4, 6),
      missed: 1,
      doubled: 0,
      outliers: 0,
      quality: expect.closeTo(0.8, 9),
      trace: times
        .slice(1)
        .map((t) => ({ t, rpm: expect.closeTo(t === 0.8 ? 150 : 300, 6), odd: t === 0.8 })),
    });
  });

  it('a pulse up to 0.3 early or late is one of the train', () => {
    const late = (by: number) => [0, 1, 2, 3, 4, 5 + by, 6, 7, 8, 9, 10];
    expect(pulseSpeed(late(0.29), 1)!.trace.filter(({ odd }) => odd)).toEqual([]);
    expect(pulseSpeed(late(0.31), 1)!.trace.filter(({ odd }) => odd)).toHaveLength(2);
  });

  it('two pulses at one time have no speed between them', () => {
    const { trace, doubled } = pulseSpeed([0, 0.1, 0.2, 0.2, 0.3, 0.4, 0.5], 1)!;
    expect(trace[2]).toMatchObject({ rpm: Infinity, odd: true });
    expect(doubled).toBe(1);
  });

  it('is the same whenever the clock began', () => {
    const times = [0, 0.1, 0.2, 0.3, 0.5, 0.6];
    expect(
      pulseSpeed(
        times.map((t) => t + 100),
        1,
      ),
    ).toMatchObject({ quality: expect.closeTo(4 / 6, 9) });
  });
});
