import { BELT_LATHE, END_MILL, HAND_MILL, INSERT, MOTOR, TOOLS, setup } from '../fixture';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';
import { whatLimits } from './what-limits';

const lathe = { ...BELT_LATHE, motor: MOTOR };
const mill = { ...HAND_MILL, motor: MOTOR };
const held = (input: CutSetup) => {
  const plan = cutPlan(input, DEFAULT_RULES);
  return whatLimits(input, plan, forecast(input, plan));
};
const of = (input: CutSetup, quantity: 'speed' | 'feed' | 'depth' | 'width') =>
  held(input).find((one) => one.quantity === quantity)!;

describe('what holds a cut back', () => {
  it('keeps to chart, machine, chuck, heat and edge with the speed', () => {
    const speed = (machine: Partial<typeof BELT_LATHE>, more: Partial<CutSetup> = {}) =>
      of(setup({ machine: { ...BELT_LATHE, ...machine } as typeof BELT_LATHE, ...more }), 'speed');
    // The end of the chart is 38 m/min: 484 rpm on 25 mm; the fastest step is 745.
    expect(speed({})).toMatchObject({ upper: 'chart', lower: 'machine-bottom', found: { low: 42 } });
    expect(speed({}).found.high).toBeCloseTo((38 * 1000) / (Math.PI * 25), 6);
    expect(speed({}, { workDiameterMm: 12 })).toMatchObject({ upper: 'machine-top', found: { high: 745 } });
    expect(speed({ limits: { chuckRpm: 300 } })).toMatchObject({ upper: 'chuck', found: { high: 300 } });
    expect(of(setup({ operation: 'mill-side', stickOutMm: 30 }), 'speed').upper).not.toBe('chuck');
    const hot = setup({ machine: lathe, tool: INSERT, rpmByHand: 440, workDiameterMm: 120 });
    const plan = cutPlan(hot, DEFAULT_RULES);
    const f = forecast(hot, plan);
    const melting = { ...plan, edge: { ...plan.edge, hotLimitC: f.heat!.interfaceC } };
    // An edge that stands just this heat is at its limit at this speed.
    const found = whatLimits(hot, melting, f).find(({ quantity }) => quantity === 'speed')!;
    expect(found).toMatchObject({ upper: 'heat', found: { high: expect.closeTo(440, 6), start: 440 } });
    const cooler = { ...plan, edge: { ...plan.edge, hotLimitC: (f.heat!.interfaceC - 20) / 2 + 20 } };
    expect(whatLimits(hot, cooler, f).find(({ quantity }) => quantity === 'speed')!.found.high).toBeCloseTo(
      440 / 8,
      6,
    );
  });

  it('holds feed and depth where they take three quarters of the power', () => {
    const input = setup({ machine: lathe, workDiameterMm: 60, depthMm: 6, feedByHand: 0.19 });
    const plan = cutPlan(input, DEFAULT_RULES);
    const share = (change: Parameters<typeof planWith>[1]) =>
      forecast(input, planWith(plan, change)).power!.share!;
    expect(share({ mmRev: of(input, 'feed').found.high! })).toBeCloseTo(0.75, 6);
    expect(share({ depthMm: of(input, 'depth').found.high! })).toBeCloseTo(0.75, 6);
    const noMotor = setup({ workDiameterMm: 60, depthMm: 6, feedByHand: 0.19 });
    expect(of(noMotor, 'feed').found.high).toBe(plan.feed.highMmRev);
  });

  it('holds depth by spring, flutes, the middle of the work, skin and what the edge can cut', () => {
    const slender = setup({ workDiameterMm: 10, stickOutMm: 90 });
    const { found } = of(slender, 'depth');
    const plan = cutPlan(slender, DEFAULT_RULES);
    const spring = forecast(slender, plan).spring!;
    expect(found.high).toBeCloseTo((plan.depth.mm * 0.1) / spring.errorMm, 9);
    expect(of(setup(), 'depth')).toMatchObject({ lower: 'edge-radius', upper: 'half-the-work' });
    expect(of(setup(), 'depth').found.high).toBe(12.5);
    const casting = { ...setup().stock, skinMm: 1 };
    expect(of(setup({ stock: casting, firstPassOnSkin: true }), 'depth')).toMatchObject({
      lower: 'skin',
      found: { low: 1 },
    });
    expect(of(setup({ stock: casting }), 'depth').lower).toBe('edge-radius');
    const short = setup({ operation: 'mill-side', stickOutMm: 8, widthMm: 1 });
    expect(of(short, 'depth')).toMatchObject({
      upper: 'flute-length',
      found: { high: END_MILL.fluteLengthMm },
    });
    const long = setup({ operation: 'mill-side', stickOutMm: 30 });
    const bends = forecast(long, cutPlan(long, DEFAULT_RULES)).spring!.errorMm;
    const { found: held, upper } = of(long, 'depth');
    expect([upper, held.high! / held.start]).toEqual(['stiffness', expect.closeTo(0.05 / bends, 9)]);
    expect(of(setup({ operation: 'mill-side', widthMm: 3 }), 'width')).toMatchObject({
      upper: 'tool-size',
      lower: null,
      found: { high: 12, start: 3 },
    });
  });

  it('stops a feed by the chip load of a tooth, by the hand, by a table', () => {
    const side = (more: Partial<CutSetup>) => of(setup({ operation: 'mill-side', ...more }), 'feed');
    expect(side({ stickOutMm: 30 })).toMatchObject({ upper: 'chip-load', lower: 'edge-radius' });
    const soft = { ...setup().stock, materialKey: 'aluminium-wrought' };
    expect(side({ stickOutMm: 30, stock: soft }).upper).toBe('hand');
    expect(of(setup({ operation: 'drill' }), 'feed')).toMatchObject({ upper: 'table', lower: 'table' });
  });

  it('names the tightest first', () => {
    const list = held(setup({ machine: lathe, workDiameterMm: 60, depthMm: 6 }));
    expect(list[0]).toMatchObject({ upper: expect.stringMatching(/power|torque/) });
    const shares = list.map(({ found }) => (found.high === null ? 0 : found.start / found.high));
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
  });

  it('knows nose, chip load, pitch and hand as what stops a feed', () => {
    expect(of(setup(), 'feed').upper).toBe('nose-radius');
    expect(of(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), 'feed').upper).toMatch(
      /chip-load|hand|torque/,
    );
    expect(of(setup({ operation: 'thread', tool: TOOLS['threading-tool'] }), 'feed')).toMatchObject({
      upper: 'pitch',
      found: { low: 3, high: 3 },
    });
  });

  it('holds the width of a side cut by power or by the cutter', () => {
    expect(of(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), 'width')).toMatchObject({
      upper: expect.stringMatching(/power|torque|tool-size/),
    });
    expect(held(setup()).some(({ quantity }) => quantity === 'width')).toBe(false);
  });

  it('stops carbide downward and a slender bar by its spring', () => {
    expect(of(setup({ tool: INSERT }), 'speed').lower).toBe('tool-material');
    expect(of(setup({ workDiameterMm: 10, stickOutMm: 90 }), 'depth').upper).toBe('stiffness');
    expect(of(setup({ operation: 'part', tool: TOOLS['parting-blade'] }), 'depth').upper).toBe('tool-size');
  });
});
