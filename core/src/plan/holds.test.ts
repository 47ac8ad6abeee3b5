import fc from 'fast-check';
import {
  anySetup,
  BELT_LATHE,
  DRILL_PRESS,
  HAND_MILL,
  INSERT,
  MOTOR,
  setup,
  SHAPER,
  TOOLS,
} from '../fixture';
import type { Lathe, Machine } from '../machine/machine';
import { MATERIALS } from '../material/library';
import { surfaceSpeed } from '../mechanics/spindle-speed';
import { of } from '../operation/golden.fixture';
import { operationOf, type CutSetup, type OperationKey } from '../operation/registry';
import { TOOL_MATERIALS } from '../tool/library';
import { cutPlan } from './cut-plan';
import { mostSpringMm } from './ease-spring';
import { findings } from './findings';
import { forecast } from './forecast';
import { leavesReserve, powerShare } from './power-share';
import { DEFAULT_RULES } from './rules';

const planOf = (input: CutSetup) => cutPlan(input, DEFAULT_RULES);
const codesOf = (input: CutSetup) => findings(input, planOf(input)).map(({ code }) => code);

/** Steps close enough that a cap is seen in the step taken. */
const closeSteps = (from: number, to: number) => {
  const speeds: { rpm: number; setting: string }[] = [];
  for (let rpm = from; rpm <= to; rpm *= 1.12) speeds.push({ rpm, setting: `Step ${speeds.length + 1}` });
  return speeds;
};
const FAST_LATHE: Lathe = { ...(BELT_LATHE as Lathe), condition: 'ordinary', speeds: closeSteps(30, 2500) };
const WEAK = { ...MOTOR, powerKw: 0.37 } as const;
const MACHINES: readonly Machine[] = [
  FAST_LATHE,
  { ...FAST_LATHE, limits: { chuckRpm: 600 } },
  { ...HAND_MILL, speeds: closeSteps(60, 3000), motor: WEAK },
  { ...DRILL_PRESS, motor: WEAK },
  { ...SHAPER, speeds: closeSteps(10, 160) },
];
/** Sizes as they lie in a small shop. */
const SHOP = { workMm: 150, stickOutMm: 120, cutterMm: 40, depthMm: 6 } as const;

describe('no start goes beyond a cap', () => {
  it('of chart, chuck, carriage or ram, but where even the slowest step does', () =>
    fc.assert(
      fc.property(anySetup(MACHINES, SHOP), (input) => {
        const { speed } = planOf(input);
        const slowest = input.machine.speeds[0]!.rpm;
        return speed.rungRpm <= speed.cap.rpm * 1.0001 || speed.rungRpm === slowest;
      }),
      { numRuns: 1500 },
    ));

  it('a thread runs 6 mm/s toward a shoulder and 12 with a run-out, at most', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIALS.map(({ key }) => key)),
        fc.double({ min: 8, max: 60, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.boolean(),
        (materialKey, workDiameterMm, pitchMm, runOut) => {
          const thread = setup({
            machine: FAST_LATHE,
            operation: 'thread',
            stock: of(materialKey),
            workDiameterMm,
            pitchMm,
            runOut,
          });
          const { rungRpm } = planOf(thread).speed;
          return (pitchMm * rungRpm) / 60 <= (runOut ? 12 : 6) * 1.0001;
        },
      ),
    ));

  it('M10 × 1.5 in aluminium is held by its carriage, at most 240 rpm, and says so', () => {
    const thread = setup({
      machine: FAST_LATHE,
      operation: 'thread',
      stock: of('aluminium-wrought'),
      workDiameterMm: 10,
    });
    const { speed } = planOf(thread);
    expect(speed.heldBy).toEqual({ name: 'carriage', rpm: 240 });
    expect(speed.rungRpm).toBeLessThanOrEqual(240);
    expect(codesOf(thread)).not.toContain('thread-fast');
    const fast = findings(
      { ...thread, rpmByHand: 1000 },
      planOf({ ...thread, rpmByHand: FAST_LATHE.speeds[30]!.rpm }),
    );
    expect(fast.find(({ code }) => code === 'thread-fast')).toMatchObject({ level: 'danger', mostMmPerS: 6 });
  });

  it('a lathe whose slowest step is too fast for a thread is turned by a hand crank', () => {
    const machine = { ...FAST_LATHE, speeds: [{ rpm: 400, setting: 'Only' }] };
    const thread = setup({ machine, operation: 'thread', workDiameterMm: 20 });
    expect(findings(thread, planOf(thread)).find(({ code }) => code === 'thread-fast')).toMatchObject({
      slowest: true,
      level: 'danger',
    });
  });

  it('the mark on the chuck holds everything that turns in it, and is named', () => {
    const marked = { ...FAST_LATHE, limits: { chuckRpm: 1000 } };
    const fine = setup({
      machine: marked,
      stock: of('aluminium-wrought'),
      workDiameterMm: 12,
      stickOutMm: 20,
    });
    const { speed } = planOf(fine);
    expect(speed.heldBy).toEqual({ name: 'chuck', rpm: 1000 });
    expect(codesOf(fine)).not.toContain('chuck-rpm');
    expect(planOf({ ...fine, machine: FAST_LATHE }).speed.rungRpm).toBeGreaterThan(1000);
    const drill = setup({ machine: marked, operation: 'drill', stock: of('aluminium-wrought') });
    expect(planOf({ ...drill, tool: { ...TOOLS.drill, diameterMm: 4 } }).speed.rungRpm).toBeLessThan(1000);
  });

  it('the ram is no faster in mid-stroke than the chart, and feeds 0.2 to 0.6 mm when roughing', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIALS.map(({ key }) => key)),
        fc.double({ min: 40, max: 320, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        (materialKey, workDiameterMm, noseRadiusMm) => {
          const shaping = setup({
            machine: { ...SHAPER, speeds: closeSteps(4, 200), feeds: [] },
            operation: 'shape',
            stock: of(materialKey),
            workDiameterMm,
            tool: { ...TOOLS['turning-tool'], noseRadiusMm },
          });
          const { speed, feed } = planOf(shaping);
          const peak = speed.actualMPerMin * 1.35;
          return peak <= speed.range.highMPerMin * 1.0001 && feed.mmRev >= 0.2 && feed.mmRev <= 0.6;
        },
      ),
    ));
});

describe('a value picked beyond a limit is answered by its name', () => {
  it('a step above the eased band: stainless 24 mm, interrupted, dry', () => {
    const picked = setup({
      stock: of('austenitic-stainless'),
      workDiameterMm: 24,
      interrupted: true,
      fluid: 'dry',
      rpmByHand: 265,
      machine: { ...BELT_LATHE, condition: 'ordinary' },
    });
    const { speed } = planOf(picked);
    expect(speed.bandRpm[1]).toBeLessThan(speed.rungRpm);
    expect(findings(picked, planOf(picked)).find(({ code }) => code === 'above-band')).toMatchObject({
      rpm: 265,
      factors: ['no-fluid', 'interrupted-cut'],
    });
    expect(codesOf({ ...picked, rpmByHand: null })).not.toContain('above-band');
  });

  it('whatever step is picked above the band', () =>
    fc.assert(
      fc.property(anySetup(MACHINES, SHOP), fc.nat(), (input, nth) => {
        const { speeds } = input.machine;
        const picked = { ...input, rpmByHand: speeds[nth % speeds.length]!.rpm };
        const { speed } = planOf(picked);
        const isAbove = speed.rungRpm > speed.bandRpm[1] * 1.0001;
        const said = codesOf(picked).some((code) => code === 'above-band' || code === 'too-fast');
        return isAbove === said;
      }),
      { numRuns: 600 },
    ));

  it('a feed coarser than the tool takes, a slot deeper than the rule, a depth that bends the cutter', () => {
    expect(
      codesOf(setup({ depthMm: 1, feedByHand: 0.19, tool: { ...TOOLS['turning-tool'], noseRadiusMm: 0.2 } })),
    ).toContain('feed-high');
    const slot = setup({ operation: 'mill-slot', stickOutMm: 20, depthMm: 8 });
    expect(findings(slot, planOf(slot)).find(({ code }) => code === 'slot-deep')).toMatchObject({
      mostMm: 6,
    });
    const side = setup({ operation: 'mill-side', stickOutMm: 40, depthMm: 12, widthMm: 3 });
    expect(findings(side, planOf(side)).find(({ code }) => code === 'springs')).toMatchObject({
      what: 'cutter',
      mostMm: 0.05,
    });
    const slender = setup({ workDiameterMm: 12, stickOutMm: 120, depthMm: 2 });
    expect(codesOf(slender)).toContain('springs');
  });
});

describe('the cutter hardly bends', () => {
  it('at any start of side milling, slotting and ramping, as far as its depth can be eased', () =>
    fc.assert(
      fc.property(
        anySetup([MACHINES[2]!], SHOP).filter(({ operation }) =>
          ['mill-side', 'mill-slot', 'ramp'].includes(operation),
        ),
        (made) => {
          const input = { ...made, depthMm: null, widthMm: null, firstPassOnSkin: false };
          const plan = planOf(input);
          const { spring } = forecast(input, plan);
          return spring!.errorMm <= mostSpringMm(input, plan) * 1.01 || plan.depth.mm <= 0.1001;
        },
      ),
      { numRuns: 300 },
    ));
});

describe('power and torque', () => {
  const FIXED: readonly OperationKey[] = [
    'drill',
    'part',
    'groove',
    't-slot',
    'form-mill',
    'saw',
    'plunge',
    'ream',
  ];

  it('leave a quarter in reserve at every start, else the feed and the step are at their least', () =>
    fc.assert(
      fc.property(
        anySetup(
          MACHINES.map((machine) => ({ ...machine, motor: WEAK })),
          SHOP,
        ),
        (made) => {
          const input = { ...made, depthMm: null };
          const plan = planOf(input);
          const { share } = powerShare(input, plan);
          if (share === null || leavesReserve(share)) return true;
          const { feed, speed, edge, diameterMm } = plan;
          const finest = feed.mmRev <= feed.lowMmRev * 1.0001 || feed.setting.how !== 'hand';
          const slower = input.machine.speeds.filter(({ rpm }) => rpm < speed.rungRpm);
          const stuck = slower.every(
            ({ rpm }) =>
              edge.family === 'carbide' && surfaceSpeed(rpm, diameterMm) < speed.range.leastUsefulMPerMin,
          );
          // A constant torque leaves the share as it is however slow: then the step does not matter.
          return finest && (stuck || share > 0.75);
        },
      ),
      { numRuns: 800 },
    ));

  it.each(FIXED)('%s: a weaker motor never feeds faster', (operation) =>
    fc.assert(
      fc.property(fc.constantFrom(...MATERIALS.map(({ key }) => key)), (materialKey) => {
        const table = (powerKw: number) => {
          const base = setup({ operation, stock: of(materialKey), workDiameterMm: 50 });
          return planOf({ ...base, machine: { ...base.machine, motor: { ...MOTOR, powerKw } } }).feed.mmMin;
        };
        return table(0.1) <= table(0.4) * 1.0001 && table(0.4) <= table(4) * 1.0001;
      }),
    ),
  );

  it('a half-inch drill on a small drill press is eased until the press drives it', () => {
    const half = setup({
      machine: { ...DRILL_PRESS, motor: MOTOR },
      operation: 'drill',
      tool: { ...TOOLS.drill, diameterMm: 12.7 },
      stock: of('medium-carbon'),
    });
    expect(powerShare(half, planOf(half)).share).toBeLessThanOrEqual(0.7501);
    const free = planOf({ ...half, machine: DRILL_PRESS });
    expect(planOf(half).feed.mmMin).toBeLessThan(free.feed.mmMin);
  });

  it('what is too much even so names the pilot, the smaller drill, the narrower blade', () => {
    const tiny = { ...MOTOR, powerKw: 0.02 } as const;
    const power = (input: CutSetup) =>
      findings(input, planOf(input)).find(({ code }) => code === 'power') as { lighter: unknown };
    const drill = setup({ machine: { ...DRILL_PRESS, motor: tiny }, operation: 'drill' });
    expect(power(drill).lighter).toMatchObject({
      what: 'drill',
      mm: expect.any(Number),
      pilotMm: expect.any(Number),
    });
    const part = setup({ machine: { ...BELT_LATHE, motor: tiny }, operation: 'part', workDiameterMm: 60 });
    expect(power(part).lighter).toMatchObject({ what: 'blade' });
  });
});

describe('bigger is never faster', () => {
  const INCHES = [1 / 8, 3 / 16, 1 / 4, 5 / 16, 3 / 8, 1 / 2, 5 / 8, 3 / 4, 7 / 8, 1, 1.25, 1.5];
  const SIZES = [
    ...INCHES.map((inch) => inch * 25.4),
    3,
    4,
    5,
    6,
    8,
    10,
    12,
    14,
    16,
    18,
    20,
    22,
    25,
    30,
  ].sort((a, b) => a - b);
  const CUTTERS = ['mill-side', 'mill-slot', 'drill', 'ream', 'plunge'] as const;

  it.each(CUTTERS)('%s, over the sizes that are bought, mm and inch', (operation) => {
    for (const { key } of MATERIALS) {
      const rpms = SIZES.map((diameterMm) => {
        const base = setup({
          operation,
          stock: of(key),
          machine: { ...HAND_MILL, speeds: closeSteps(20, 9000) },
        });
        const sized = { ...base.tool, diameterMm, fluteLengthMm: 3 * diameterMm } as CutSetup['tool'];
        return planOf({ ...base, tool: sized, stickOutMm: 3.5 * diameterMm });
      });
      rpms.slice(1).forEach((plan, i) => {
        expect([key, SIZES[i + 1], plan.speed.rungRpm <= rpms[i]!.speed.rungRpm]).toEqual([
          key,
          SIZES[i + 1],
          true,
        ]);
        expect(plan.speed.factors.applied.map(({ name }) => name)).toEqual(
          rpms[i]!.speed.factors.applied.map(({ name }) => name),
        );
      });
    }
  });

  it('a bar of any size, roughed with the start of the plan', () => {
    for (const { key } of MATERIALS) {
      const machine = { ...FAST_LATHE, speeds: closeSteps(5, 9000) };
      const rpms = SIZES.map((workDiameterMm) => {
        const input = setup({ machine, stock: of(key), workDiameterMm, stickOutMm: 2 * workDiameterMm });
        return planOf(input).speed.rungRpm;
      });
      expect(rpms).toEqual([...rpms].sort((a, b) => b - a));
    }
  });
});

describe('chart, life and heat agree', () => {
  /** A start that followed every burden, on machines that are sound. */
  const anyStart = anySetup(MACHINES, SHOP).map((made) => ({ ...made, depthMm: null, widthMm: null }));

  it('no start of the plan is condemned by its own heat', () =>
    fc.assert(
      fc.property(anyStart, (input) => {
        const plan = planOf(input);
        const isHeld = plan.speed.rungRpm <= plan.speed.idealRpm * 1.1001;
        return !isHeld || plan.speed.factors.floorActed || forecast(input, plan).heat?.verdict !== 'over';
      }),
      { numRuns: 1500 },
    ));

  it('an edge that is over its heat is told no long life', () =>
    fc.assert(
      fc.property(anySetup(MACHINES, SHOP), fc.nat(), (input, nth) => {
        const { speeds } = input.machine;
        const picked = { ...input, rpmByHand: speeds[nth % speeds.length]!.rpm };
        const { heat, life } = forecast(picked, planOf(picked));
        return heat?.verdict !== 'over' || life === null || life.minutes <= 240;
      }),
      { numRuns: 1500 },
    ));

  it.each(TOOL_MATERIALS.map((edge) => [edge.key, edge] as const))(
    'C45 of 50 mm in the middle of the chart of %s lasts about its usual time',
    (key, edge) => {
      const speeds = closeSteps(10, 3000);
      const input = setup({
        machine: { ...FAST_LATHE, speeds: speeds.map((step) => ({ ...step, rpm: step.rpm })) },
        stock: of('medium-carbon'),
        workDiameterMm: 50,
        fluid: edge.family === 'carbide' ? 'dry' : 'brush',
        tool: { ...INSERT, material: key },
        depthMm: 2,
      });
      const { life } = forecast(input, planOf(input));
      const { minutes } = edge.life;
      expect(life!.minutes).toBeGreaterThan(minutes / 4);
      expect(life!.minutes).toBeLessThan(minutes * 4);
    },
  );
});

describe('a slender thread springs', () => {
  it('pushed by the flank with 0.35 of the cutting force', () => {
    const thread = setup({ operation: 'thread', workDiameterMm: 12, stickOutMm: 60 });
    const load = operationOf(thread).edgeLoad(thread, planOf(thread))!;
    expect(load.pushN / load.cuttingN).toBeCloseTo(0.35, 9);
    expect(forecast(thread, planOf(thread)).spring!.errorMm).toBeGreaterThan(0.01);
  });
});

describe('a milled surface', () => {
  it('comes out between 0.4 and 6.3 um at ordinary starts', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('face-mill' as const, 'mill-side' as const, 'mill-slot' as const),
        fc.constantFrom(...MATERIALS.map(({ key }) => key)),
        fc.constantFrom('rigid' as const, 'ordinary' as const),
        (operation, materialKey, condition) => {
          const base = setup({ operation });
          const input = setup({
            operation,
            tool: base.tool.kind === 'face-mill' ? { ...base.tool, noseRadiusMm: 0.8 } : base.tool,
            machine: { ...HAND_MILL, condition },
            stock: of(materialKey),
            stickOutMm: 30,
          });
          const { realisticRaUm } = forecast(input, planOf(input)).finish!;
          return realisticRaUm >= 0.4 && realisticRaUm <= 6.5;
        },
      ),
    ));
});
