import fc from 'fast-check';
import { BELT_LATHE, END_MILL, HAND_MILL, INSERT, MOTOR, setup } from '../fixture';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';
import { toBreak } from './to-break';

const lathe = { ...BELT_LATHE, motor: MOTOR };
const mill = { ...HAND_MILL, motor: MOTOR };

describe('what would break the chip', () => {
  it('is nothing when it breaks already or is not turned', () => {
    expect(
      toBreak(
        setup({ stock: { ...setup().stock, materialKey: 'brass-free-cutting' } }),
        cutPlan(setup({ stock: { ...setup().stock, materialKey: 'brass-free-cutting' } }), DEFAULT_RULES),
      ),
    ).toBeNull();
    const side = setup({ machine: mill, operation: 'mill-side', tool: END_MILL });
    expect(toBreak(side, cutPlan(side, DEFAULT_RULES))).toBeNull();
  });

  it('is the first lever that does, else a feed, and a depth', () => {
    const feeds = (values: readonly number[]) =>
      values.map((value) => ({ value, setting: `Lever ${value}` }));
    const input = (values: readonly number[]) =>
      setup({
        machine: { ...lathe, condition: 'rigid', feeds: feeds(values), motor: undefined },
        stock: { ...setup().stock, materialKey: 'medium-carbon' },
        depthMm: 1,
        feedByHand: 0.05,
        tool: { ...INSERT, rakeDeg: 0 },
        workDiameterMm: 60,
      });
    const broken = (of: CutSetup) => toBreak(of, cutPlan(of, DEFAULT_RULES));
    const breaksAt = (of: CutSetup, mmRev: number) =>
      forecast(of, planWith(cutPlan(of, DEFAULT_RULES), { mmRev })).chip!.breaks;
    const two = input([0.05, 0.49, 0.5]);
    expect([0.05, 0.49, 0.5].map((mmRev) => breaksAt(two, mmRev))).toEqual([false, true, true]);
    expect(broken(two)).toMatchObject({ feedMmRev: 0.49, setting: 'Lever 0.49' });
    // A lever that takes more than the motor has is not told.
    const weak = { ...two, machine: { ...two.machine, motor: MOTOR } };
    expect(broken(weak)).toMatchObject({ feedMmRev: null, setting: null });
    // No lever does: the first step of a twentieth at which it breaks.
    const none = broken(input([0.05, 0.06]))!;
    expect(none.setting).toBeNull();
    expect(Math.log(none.feedMmRev! / 0.05) / Math.log(1.05)).toBeCloseTo(
      Math.round(Math.log(none.feedMmRev! / 0.05) / Math.log(1.05)),
      6,
    );
    expect([none.feedMmRev! / 1.05, none.feedMmRev!].map((mmRev) => breaksAt(two, mmRev))).toEqual([
      false,
      true,
    ]);
    // A lever beyond what nose and machine take is not proposed.
    expect(broken(input([0.05, 0.6]))!.setting).toBeNull();
  });

  it('a lever that the model says breaks it does so in the forecast', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('free-machining-steel', 'medium-carbon', 'ductile-iron', 'aluminium-cast-silicon'),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (materialKey, depthMm) => {
          const input = setup({
            machine: {
              ...lathe,
              condition: 'rigid',
              feeds: [0.05, 0.1, 0.2, 0.3, 0.4, 0.6].map((value) => ({ value, setting: `L${value}` })),
            },
            stock: { ...setup().stock, materialKey },
            depthMm,
            tool: { ...INSERT, rakeDeg: 0 },
            workDiameterMm: 60,
          });
          const plan = cutPlan(input, DEFAULT_RULES);
          const found = toBreak(input, plan);
          const { feedMmRev = null, depthMm: deeper = null } = found ?? {};
          const changes = [feedMmRev && { mmRev: feedMmRev }, deeper && { depthMm: deeper }];
          const broken = changes.flatMap((change) =>
            change ? [forecast(input, planWith(plan, change)).chip!.breaks] : [],
          );
          expect(broken).not.toContain(false);
        },
      ),
      { numRuns: 100 },
    );
  });
});
