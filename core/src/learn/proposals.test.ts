import fc from 'fast-check';
import { BELT_LATHE, DRILL_PRESS, HAND_MILL, INSERT, MOTOR, setup, SHAPER, TOOLS } from '../fixture';
import type { Machine } from '../machine/machine';
import type { Finding } from '../operation/finding';
import { MATERIALS } from '../material/library';
import { HARDENING_FLOOR } from '../material/work-hardening';
import { MACHINE_OPERATIONS, OPERATIONS, type CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { findings } from '../plan/findings';
import { misfits } from '../plan/misfits';
import { DEFAULT_RULES } from '../plan/rules';
import { GOALS, type Goal, type Trial } from './goal';
import { settingOf, type Setting } from './setting';
import { SIGN_KEYS, type SignKey } from './sign-rows';
import { trial } from './trial.fixture';
import { runState } from './work-up';

/** Lathes with a marked chuck, a motor and steps far beyond both; mills wound by hand and by levers. */
const LATHES: readonly Machine[] = (['rigid', 'ordinary', 'tired'] as const).map((condition) => ({
  ...BELT_LATHE,
  condition,
  motor: { ...MOTOR, powerKw: 1.5 },
  speeds: [42, 70, 118, 265, 440, 745, 920, 1350, 2000].map((rpm, i) => ({ rpm, setting: `Step ${i + 1}` })),
  limits: { chuckRpm: 1200, swingMm: 300 },
}));
const MILLS: readonly Machine[] = [
  { ...HAND_MILL, motor: { ...MOTOR, powerKw: 1.1 } },
  {
    ...HAND_MILL,
    condition: 'tired',
    feeds: [20, 40, 80, 160, 320].map((value, i) => ({ value, setting: `Feed ${i + 1}` })),
  },
];
const MACHINES = [...LATHES, ...MILLS, SHAPER, DRILL_PRESS];

/** How many changes of one run are looked at. */
const DEEP = 8;

const anyCut: fc.Arbitrary<CutSetup> = fc
  .constantFrom(...MACHINES)
  .chain((machine) =>
    fc.record({
      machine: fc.constant(machine),
      operation: fc.constantFrom(...MACHINE_OPERATIONS[machine.kind]),
      materialKey: fc.constantFrom(...MATERIALS.map(({ key }) => key)),
      isInsert: fc.boolean(),
      workDiameterMm: fc.constantFrom(8, 20, 25, 60, 150),
      stickOutMm: fc.constantFrom(15, 40, 90),
      pitchMm: fc.constantFrom(null, 1, 2.5),
    }),
  )
  .map(({ operation, materialKey, isInsert, ...rest }) => {
    const tool =
      isInsert && OPERATIONS[operation].tool === 'turning-tool' ? INSERT : TOOLS[OPERATIONS[operation].tool];
    const stock = { name: 'Any', materialKey, uncertain: false, skinMm: 0 };
    return setup({ operation, stock, tool, ...rest });
  })
  .filter((one) => misfits(one).length === 0);

/** The settings that a run is led through when the same is seen after every cut. */
function ledThrough(
  cut: CutSetup,
  goal: Goal | null,
  signs: readonly SignKey[],
): { from: Setting; to: Setting; said: readonly string[] }[] {
  const plan = cutPlan(cut, DEFAULT_RULES);
  const trials: Trial[] = [trial(signs, { setting: settingOf(plan), outcome: 'worked' })];
  const led: { from: Setting; to: Setting; said: readonly string[] }[] = [];
  for (let i = 0; i < DEEP; i += 1) {
    const state = runState(cut, plan, DEFAULT_RULES, goal, null, trials);
    const from = trials.at(-1)!.setting;
    for (const change of [state.next, ...state.after])
      if (change?.setting)
        led.push({ from, to: change.setting.setting, said: change.setting.cautions.map(({ code }) => code) });
    if (!state.next) break;
    trials.push(
      trial(signs, {
        setting: state.next.setting?.setting ?? from,
        changed: state.next.parameter,
        better: i % 2 === 0,
        outcome: 'worked',
      }),
    );
  }
  return led;
}

/** The cut as its page plans it when the values of a setting are picked there. */
function picked(cut: CutSetup, { rpm, feedMmRev, depthMm }: Setting): CutSetup {
  const perMinute = cut.machine.kind.endsWith('mill');
  const feedByHand = perMinute ? feedMmRev * rpm : feedMmRev;
  return { ...cut, rpmByHand: rpm, depthMm, feedByHand, woundMmRev: feedMmRev };
}
const findingsAt = (cut: CutSetup, setting: Setting): readonly Finding[] => {
  const of = picked(cut, setting);
  return misfits(of).length > 0 ? [] : findings(of, cutPlan(of, DEFAULT_RULES));
};

describe('every setting that is proposed passes all findings of its own cut', () => {
  const isSafe = (cut: CutSetup, led: ReturnType<typeof ledThrough>): void =>
    led.forEach(({ from, to, said }) => {
      const of = picked(cut, to);
      expect(misfits(of)).toEqual([]);
      // The page takes just these values: nothing is held back by a lever or a hand.
      const { rpm, feedMmRev, depthMm } = settingOf(cutPlan(of, DEFAULT_RULES));
      expect([rpm, depthMm]).toEqual([to.rpm, to.depthMm]);
      expect(feedMmRev).toBeCloseTo(to.feedMmRev, 9);
      const found = findingsAt(cut, to);
      expect(found.filter(({ level }) => level === 'danger')).toEqual([]);
      const had = findingsAt(cut, from).map(({ code }) => code);
      const fresh = found.filter(({ level, code }) => level === 'caution' && !had.includes(code));
      expect(said).toEqual(fresh.map(({ code }) => code));
    });

  it.each([...GOALS, null])('in a run after %s, whatever is seen, eight changes deep', (goal) =>
    fc.assert(
      fc.property(anyCut, fc.constantFrom<SignKey>(...SIGN_KEYS), (cut, sign) =>
        isSafe(cut, ledThrough(cut, goal, [sign])),
      ),
      { numRuns: 40 },
    ),
  );

  it('in the shortest time, for every operation of every machine', () => {
    let led = 0;
    for (const machine of MACHINES)
      for (const operation of MACHINE_OPERATIONS[machine.kind])
        for (const signs of [['cut-too-slow'], ['hiss-crackle']] as const) {
          const cut = setup({ machine, operation });
          if (misfits(cut).length > 0) continue;
          const through = ledThrough(cut, 'time', signs);
          isSafe(cut, through);
          led += through.length;
        }
    expect(led).toBeGreaterThan(100);
  });

  it('a metal that hardens is never led under its floors of feed and depth', () => {
    const stock = { name: 'Bar', materialKey: 'austenitic-stainless', uncertain: false, skinMm: 0 };
    for (const sign of ['handwheel-hard', 'feed-threads', 'current-high'] as const) {
      const cut = setup({ machine: LATHES[2]!, stock, depthMm: 0.3, feedByHand: 0.1 });
      const led = [...ledThrough(cut, 'load', [sign]), ...ledThrough(cut, 'finish', [sign])];
      expect(led.length).toBeGreaterThan(0);
      for (const { to } of led) {
        expect(to.feedMmRev).toBeGreaterThanOrEqual(HARDENING_FLOOR.feedMmRev);
        expect(to.depthMm).toBeGreaterThanOrEqual(HARDENING_FLOOR.depthMm);
      }
    }
  });
});
