import { secondsUntil, tipAfter, tipTemperature, type TipHeat } from './tip-temperature';

/** A 10 mm bit of high speed steel at a 150 mm wheel, pressed with 5 N. */
const HEAT: TipHeat = {
  ambientC: 20,
  startC: 20,
  forceN: 5,
  wheelMPerS: 22.4,
  heatShare: 0.6,
  tipG: 6.3,
  heatCapacityJKgK: 460,
  shankKPerW: 8,
  dipKPerW: 1.25,
  coolantC: 20,
};

describe('the temperature of the tip', () => {
  it('climbs with each spell of grinding towards a steady cycle', () => {
    const at = tipTemperature(
      HEAT,
      [
        { kind: 'grind', seconds: 5 },
        { kind: 'pause', seconds: 5 },
      ],
      200,
    );
    expect(at.powerW).toBeCloseTo(67.2, 6);
    expect(at.endsC[0]).toBeCloseTo(124, 0);
    expect(at.steadyPeakC).toBeCloseTo(318, 0);
    expect(at.toLimitS).toBeCloseTo(9.45, 1);
  });

  it('stays low with a dip, and never comes to the limit under a light hand', () => {
    const dipped = tipTemperature(
      HEAT,
      [
        { kind: 'grind', seconds: 5 },
        { kind: 'dip', seconds: 2 },
      ],
      200,
    );
    expect(dipped.steadyPeakC).toBeCloseTo(202, 0);
    expect(secondsUntil({ ...HEAT, forceN: 1.5 }, 20, 200)).toBeNull();
  });

  it('falls to where it may be ground again, and says at once when it is there', () => {
    const seconds = secondsUntil(HEAT, 150, 60, 'pause')!;
    expect(tipAfter(HEAT, 150, { kind: 'pause', seconds })).toBeCloseTo(60, 6);
    expect(secondsUntil(HEAT, 50, 60, 'pause')).toBe(0);
    expect(secondsUntil(HEAT, 150, 10, 'pause')).toBeNull();
    expect(secondsUntil(HEAT, 210, 200)).toBe(0);
  });

  it('is refused without a schedule or without a mass', () => {
    expect(() => tipTemperature(HEAT, [], 200)).toThrow('number of spells');
    expect(() => tipTemperature(HEAT, [{ kind: 'grind', seconds: 0 }], 200)).toThrow('seconds of a spell');
    expect(() => tipAfter({ ...HEAT, tipG: 0 }, 20, { kind: 'grind', seconds: 1 })).toThrow('mass');
  });
});
