import { spindleTorque } from './spindle-torque';

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

  const sound = { motorPowerKw: 0.55, efficiency: 0.8, rpm: 300 };

  it.each<[Partial<Parameters<typeof spindleTorque>[0]>, string]>([
    [{ motorPowerKw: 0 }, 'motor power must be more than 0, got 0'],
    [{ supplyRatio: 0 }, 'supply ratio must be more than 0, got 0'],
    [{ efficiency: 0 }, 'efficiency must be more than 0, got 0'],
    [{ rpm: 0 }, 'spindle speed must be more than 0, got 0'],
    [{ belt: { pullN: 0, drivenPulleyMm: 100 } }, 'belt pull must be more than 0, got 0'],
    [{ belt: { pullN: 180, drivenPulleyMm: 0 } }, 'pulley diameter must be more than 0, got 0'],
  ])('refuses %p, by name', (odd, sentence) => {
    expect(() => spindleTorque({ ...sound, ...odd })).toThrow(sentence);
  });
});
