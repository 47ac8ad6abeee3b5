import { backGearCount, frictionWheel, pulseTachometer } from './measured-speed';

describe('measuring the true speed', () => {
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

  const rolled = {
    wheelMm: { value: 50 },
    workMm: { value: 160 },
    turns: { value: 100 },
    timeS: { value: 30 },
  };

  it('a friction wheel of which no creep is known is taken not to creep', () => {
    expect(frictionWheel(rolled)).toEqual({
      rpm: 62.5,
      uRel: 0,
      rimSpeedMPerMin: expect.closeTo((Math.PI * 160 * 62.5) / 1000, 9),
    });
    expect(frictionWheel({ ...rolled, slipPercent: { value: 0, u: 0.5 } }).uRel).toBeCloseTo(0.005, 12);
  });

  it.each<[() => unknown, string]>([
    [() => frictionWheel({ ...rolled, wheelMm: { value: 0 } }), 'wheel diameter must be more than 0, got 0'],
    [() => frictionWheel({ ...rolled, workMm: { value: 0 } }), 'rim diameter must be more than 0, got 0'],
    [() => frictionWheel({ ...rolled, turns: { value: 0 } }), 'turns must be more than 0, got 0'],
    [() => frictionWheel({ ...rolled, timeS: { value: 0 } }), 'time must be more than 0, got 0'],
    [
      () => frictionWheel({ ...rolled, slipPercent: { value: 100 } }),
      'grip of the wheel must be more than 0, got 0',
    ],
    [
      () => backGearCount({ value: 0 }, { value: 9 }, { driversTeeth: [20], drivenTeeth: [60] }),
      'turns must',
    ],
    [() => backGearCount({ value: 9 }, { value: 0 }, { driversTeeth: [20], drivenTeeth: [60] }), 'time must'],
    [() => pulseTachometer('gate', 100, 0, 1), 'time must be more than 0, got 0'],
    [() => pulseTachometer('gate', 100, 5, 0), 'pulses per turn must be more than 0, got 0'],
    [() => pulseTachometer('gate', 0, 5, 1), 'pulses must be more than 0, got 0'],
  ])('refuses a measure of nothing, by name: %#', (measure, sentence) => {
    expect(measure).toThrow(sentence);
  });
});
