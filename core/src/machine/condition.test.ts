import fc from 'fast-check';
import { conditionCheck, type ConditionFindings } from './condition-check';
import { pulseSpeed } from './pulse-speed';
import { steadyReading } from './steady-reading';
import { returnRatioAt, shaperSpeed, shaperStrokes } from '../mechanics/shaper-speed';

describe('the condition of a machine', () => {
  const sound: ConditionFindings = { spindlePlayMm: 0.01, gibSlackMm: 0.02, backlashMm: 0.1, belt: 'grips' };

  it('the worst of play and slack counts, and stands first', () => {
    expect(conditionCheck(sound).condition).toBe('rigid');
    expect(conditionCheck({ ...sound, gibSlackMm: 0.05 })).toMatchObject({
      condition: 'ordinary',
      reasons: [{ finding: 'gibSlackMm' }, {}, {}, {}],
    });
    expect(conditionCheck({ ...sound, gibSlackMm: 0.05, spindlePlayMm: 0.06 })).toMatchObject({
      condition: 'tired',
      reasons: [
        { finding: 'spindlePlayMm', condition: 'tired' },
        { finding: 'gibSlackMm', condition: 'ordinary' },
        {},
        {},
      ],
    });
  });

  it('backlash and a slipping belt never make it tired', () => {
    expect(conditionCheck({ ...sound, backlashMm: 2 }).condition).toBe('ordinary');
    expect(conditionCheck({ ...sound, belt: 'slips-early' }).condition).toBe('ordinary');
  });

  it.each([
    [{ spindlePlayMm: -0.01 }, 'spindle play'],
    [{ gibSlackMm: 9 }, 'gib slack'],
    [{ backlashMm: NaN }, 'backlash'],
  ])('refuses %p', (odd, sentence) => {
    expect(() => conditionCheck({ ...sound, ...odd })).toThrow(sentence);
  });
});

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
});

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
});

describe('a shaper', () => {
  it('strokes and speed are each other’s inverse', () => {
    const speed = shaperSpeed(40, 200, 1.5);
    expect(shaperStrokes(speed.meanCuttingMPerMin, 200, 1.5)).toBeCloseTo(40, 9);
    expect(shaperStrokes(speed.peakCuttingMPerMin, 200, 1.5, 'peak')).toBeCloseTo(40, 9);
  });

  it('a shorter stroke evens the times out, a hydraulic ram has no peak', () => {
    expect(returnRatioAt(350, 350, 1.6)).toBeCloseTo(1.6, 9);
    expect(returnRatioAt(70, 350, 1.6)).toBeLessThan(1.12);
    expect(shaperSpeed(40, 200, 1.5, 'constant')).toMatchObject({
      peakCuttingMPerMin: shaperSpeed(40, 200, 1.5, 'constant').meanCuttingMPerMin,
    });
  });

  it('refuses a stroke of nothing and a return slower than the cut', () => {
    expect(() => shaperSpeed(40, 0, 1.5)).toThrow('stroke must be more than 0');
    expect(() => shaperSpeed(40, 200, 0.8)).toThrow('return ratio');
    expect(() => shaperSpeed(40, 400, 1.5, 'crank', 350)).toThrow('stroke must be from 0 to 350');
  });
});
