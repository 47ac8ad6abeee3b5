import { setup, TOOLS } from '../fixture';
import { millingRoughness, minChipRoughness } from '../mechanics/roughness';
import { type CutSetup } from '../operation/registry';
import { toolMaterial } from '../tool/library';
import { cutPlan } from './cut-plan';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';

describe('what the surface will be', () => {
  const finish = (of: CutSetup, change: Parameters<typeof planWith>[1] = {}) =>
    forecast(of, planWith(cutPlan(of, DEFAULT_RULES), change)).finish!;
  const slow = { rpm: 20 };

  it('of a nose: f²/8r, rougher by the machine, and between seven tenths and half as much again', () => {
    const { idealRaUm, realisticRaUm, lowRaUm, highRaUm, builtUp, finerIsWorse } = finish(setup(), slow);
    const rt = (1000 * 0.1 ** 2) / (8 * 0.4);
    const least = minChipRoughness(0.1, 0.4, toolMaterial('hss').edgeRadiusUm).raUm;
    expect(idealRaUm).toBeCloseTo((rt * 4) / (9 * Math.sqrt(3)), 9);
    expect(realisticRaUm).toBeCloseTo(Math.max(idealRaUm, least) * builtUp * 1.7, 9);
    expect(lowRaUm).toBeCloseTo(0.7 * realisticRaUm, 9);
    expect(highRaUm).toBeCloseTo(1.5 * realisticRaUm, 9);
    expect(finerIsWorse).toBe(false);
    expect(finish(setup(), { mmRev: 0.005 }).finerIsWorse).toBe(true);
  });

  it('rougher where the edge builds up: at its speed, less with fluid', () => {
    const builtUp = (fluid: CutSetup['fluid'], rpm: number) => finish(setup({ fluid }), { rpm }).builtUp;
    expect(builtUp('dry', 2)).toBe(1);
    expect(builtUp('dry', 265)).toBeGreaterThan(builtUp('flood', 265));
    expect(builtUp('flood', 265)).toBe(builtUp('brush', 265));
    expect(builtUp('flood', 265)).toBeGreaterThan(1);
  });

  it('of a mill: one tooth stands out by the runout, and the machine adds its own floor', () => {
    const of = setup({ operation: 'mill-side', stickOutMm: 30, widthMm: 3 });
    const found = finish(of, { mmRev: 0.4, rpm: 1 });
    const marks = millingRoughness('peripheral', 12, 0.1, 4, 0, 1.5);
    const share = 4 / (9 * Math.sqrt(3));
    const real = Math.hypot(share * marks.oneToothUm, 0.8);
    expect(found).toEqual({
      idealRaUm: expect.closeTo(share * marks.everyToothUm, 9),
      realisticRaUm: expect.closeTo(real, 9),
      lowRaUm: expect.closeTo(0.7 * real, 9),
      highRaUm: expect.closeTo(1.5 * real, 9),
      finerIsWorse: false,
      builtUp: 1,
    });
    const wiper = (landMm: number) =>
      finish(setup({ operation: 'face-mill', tool: { ...TOOLS['face-mill'], landMm } }), {
        mmRev: 0.4,
        rpm: 1,
      });
    expect(wiper(0.4).realisticRaUm).toBeCloseTo(Math.hypot(wiper(0.4).idealRaUm, 0.8), 9);
    expect(wiper(0.39).realisticRaUm).toBeGreaterThan(2 * wiper(0.4).realisticRaUm);
    const face = finish(setup({ operation: 'face-mill' }), { mmRev: 0.4, rpm: 1 });
    expect(face.idealRaUm).toBeCloseTo(
      share * millingRoughness('face-nose', 50, 0.1, 4, 0.4, 0).everyToothUm,
      9,
    );
    expect(
      forecast(setup({ operation: 'drill' }), cutPlan(setup({ operation: 'drill' }), DEFAULT_RULES)),
    ).toMatchObject({ finish: null, chip: null });
  });
});
