import fc from 'fast-check';
import { BELT_LATHE, END_MILL, HAND_MILL, INSERT, MOTOR, SHAPER, TOOLS, anySetup, setup } from '../fixture';
import { toDialStep } from '../operation/depth-step';
import { operationOf, type CutSetup } from '../operation/registry';
import { toolMaterial } from '../tool/library';
import { cutPlan } from './cut-plan';
import { findings } from './findings';
import { forecast } from './forecast';
import { POWER_RESERVE, powerShare } from './power-share';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';

/** Cuts on machines with a motor of this power. */
const poweredBy = (powerKw: number) =>
  anySetup(
    [BELT_LATHE, HAND_MILL, SHAPER].map((machine) => ({ ...machine, motor: { ...MOTOR, powerKw } })),
    { workMm: 300, stickOutMm: 500, cutterMm: 40, depthMm: 20 },
  );

const everyNumber = (value: unknown): number[] =>
  typeof value === 'number'
    ? [value]
    : value && typeof value === 'object'
      ? Object.values(value).flatMap(everyNumber)
      : [];

describe('what a cut will do', () => {
  it('is a number for anything that can be set up', () => {
    fc.assert(
      fc.property(poweredBy(0.55), (of) => {
        const plan = cutPlan(of, DEFAULT_RULES);
        expect(everyNumber([forecast(of, plan), findings(of, plan)])).not.toContain(NaN);
      }),
      { numRuns: 300 },
    );
  });

  it('a depth that the plan proposes leaves a quarter of the machine, or cannot go lower', () => {
    fc.assert(
      fc.property(poweredBy(0.15), (anyCut) => {
        // A large nose asks for more depth than a weak machine has.
        fc.pre(!('noseRadiusMm' in anyCut.tool) || anyCut.tool.noseRadiusMm < 1);
        const of = { ...anyCut, depthMm: null };
        const plan = cutPlan(of, DEFAULT_RULES);
        fc.pre(plan.depth.reason === 'machine-power');
        const share = powerShare(of, plan).share!;
        const dial = operationOf(of).depthDial(of.machine);
        const lower = toDialStep((plan.depth.mm * POWER_RESERVE) / share, dial, Math.floor);
        const isLowest = lower <= (plan.feed.turning?.depthFloorMm ?? 0);
        expect(isLowest ? 0 : share).toBeLessThanOrEqual(POWER_RESERVE * 1.05);
      }),
      { numRuns: 300 },
    );
    const slot = setup({
      machine: { ...HAND_MILL, motor: { ...MOTOR, powerKw: 0.2 } },
      operation: 'mill-slot',
      tool: END_MILL,
      stickOutMm: 30,
    });
    expect(cutPlan(slot, DEFAULT_RULES).depth).toMatchObject({ reason: 'machine-power' });
    expect(findings(slot, cutPlan(slot, DEFAULT_RULES)).map(({ code }) => code)).not.toContain('power');
  });

  it('eases the depth again where a finer feed still cuts at less of it', () => {
    // Found by the property above; sizes a little different go another way.
    const interrupted = setup({
      machine: { ...BELT_LATHE, condition: 'rigid', motor: { ...MOTOR, powerKw: 0.15 } },
      stock: { name: 'Any', materialKey: 'ferritic-martensitic-stainless', uncertain: true, skinMm: 0 },
      tool: {
        ...TOOLS['turning-tool'],
        material: 'carbide-coated',
        noseRadiusMm: 0.4053218099920593,
        approachDeg: 15,
        cornerDeg: 20,
      },
      workDiameterMm: 117.25729396155123,
      stickOutMm: 0.5,
      fluid: 'dry',
      interrupted: true,
    });
    const plan = cutPlan(interrupted, DEFAULT_RULES);
    expect(plan.depth).toMatchObject({ reason: 'machine-power', dialDivisions: 4 });
    expect(powerShare(interrupted, plan).share!).toBeLessThanOrEqual(POWER_RESERVE);
  });

  it('a depth typed over it is kept, and said when it is too much', () => {
    const of = setup({
      machine: { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 0.1 } },
      depthMm: 4,
      workDiameterMm: 50,
    });
    const plan = cutPlan(of, DEFAULT_RULES);
    expect(plan.depth.mm).toBe(4);
    expect(findings(of, plan).find(({ code }) => code === 'power')).toMatchObject({
      level: 'danger',
      share: expect.closeTo(powerShare(of, plan).share!, 9),
      cutting: 'turning',
    });
  });

  it('the same plan gives the same forecast', () => {
    const of = setup({ machine: { ...BELT_LATHE, motor: MOTOR } });
    expect(forecast(of, cutPlan(of, DEFAULT_RULES))).toEqual(forecast(of, cutPlan(of, DEFAULT_RULES)));
  });

  it('an insert on a slow machine has no life to tell', () => {
    const of = setup({ tool: INSERT, workDiameterMm: 10, rpmByHand: 42 });
    expect(forecast(of, cutPlan(of, DEFAULT_RULES)).life).toBeNull();
  });
});

describe('how hot the edge gets', () => {
  const of = setup({ fluid: 'dry' });
  const plan = cutPlan(of, DEFAULT_RULES);
  const { interfaceC } = forecast(of, plan).heat!;
  /** Carbon steel stands 340 °C, 320 K above the shop. */
  const carbon = toolMaterial('carbon-steel');

  it('is good from a hundred degrees below what it stands, or a sixth of the way to it, and over above it', () => {
    // Faster and faster, until it has no margin: the chart is trusted in its middle only.
    const verdicts = [1, 2.4, 6, 12].map((times) => {
      const rpm = plan.speed.rungRpm * times;
      const { marginK, verdict } = forecast(of, { ...planWith(plan, { rpm }), edge: carbon }).heat!;
      return [marginK >= 320 / 6, marginK >= 0, verdict];
    });
    expect(verdicts).toEqual([
      [true, true, 'good'],
      [false, true, 'watch'],
      [false, false, 'over'],
      [false, false, 'over'],
    ]);
  });

  it('is told by the colour of the chip, unless it is drowned', () => {
    const colour = (fluid: CutSetup['fluid']) =>
      forecast({ ...of, fluid, tool: INSERT, rpmByHand: 745 }, planWith(plan, { rpm: 745 })).heat!.colour;
    expect(colour('dry')).not.toBeNull();
    expect(colour('flood')).toBeNull();
    expect(forecast({ ...of, fluid: 'brush' }, plan).heat!.interfaceC).toBeLessThan(interfaceC);
  });
});

test('a pass takes its length over the feed', () => {
  const of = setup({ lengthMm: 60 });
  const plan = cutPlan(of, DEFAULT_RULES);
  const { lengthMm, passS } = forecast(of, plan);
  expect(passS).toBeCloseTo((60 * lengthMm) / (plan.feed.mmRev * plan.speed.rungRpm), 9);
});
