import fc from 'fast-check';
import { anySetup, BELT_LATHE, END_MILL, HAND_MILL, INSERT, setup, SHAPER } from '../fixture';
import { material } from '../material/library';
import { chipForm } from '../mechanics/chip-form';
import { barDeflection, endMillDeflection, workDeflection } from '../mechanics/deflection';
import { oxideColour } from '../mechanics/heat';
import { millingForce } from '../mechanics/milling-force';
import { feedForRoughness, millingRoughness, minChipRoughness } from '../mechanics/roughness';
import { toolLife } from '../mechanics/tool-life';
import { turningForce } from '../mechanics/turning-force';
import { toDialStep } from '../operation/depth-step';
import { operationOf, type CutSetup } from '../operation/registry';
import { toolMaterial } from '../tool/library';
import { cutPlan } from './cut-plan';
import { findings } from './findings';
import { forecast } from './forecast';
import { POWER_RESERVE, powerShare } from './power-share';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';

const motor = { powerKw: 0.55, phases: 1, efficiency: 0.7 } as const;
const STEEL = { kc11: 1500, mc: 0.22, rake0Deg: 6, speedExponent: 0.1 };
const SHARP = { rakeDeg: 6, wearLandMm: 0 };

/** Cuts on machines with a motor of this power. */
const poweredBy = (powerKw: number) =>
  anySetup(
    [BELT_LATHE, HAND_MILL, SHAPER].map((machine) => ({ ...machine, motor: { ...motor, powerKw } })),
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
      machine: { ...HAND_MILL, motor: { ...motor, powerKw: 0.2 } },
      operation: 'mill-slot',
      tool: END_MILL,
      stickOutMm: 30,
    });
    expect(cutPlan(slot, DEFAULT_RULES).depth).toMatchObject({ reason: 'machine-power' });
    expect(findings(slot, cutPlan(slot, DEFAULT_RULES)).map(({ code }) => code)).not.toContain('power');
  });

  it('a depth typed over it is kept, and said when it is too much', () => {
    const of = setup({
      machine: { ...BELT_LATHE, motor: { ...motor, powerKw: 0.1 } },
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
    const of = setup({ machine: { ...BELT_LATHE, motor } });
    expect(forecast(of, cutPlan(of, DEFAULT_RULES))).toEqual(forecast(of, cutPlan(of, DEFAULT_RULES)));
  });

  it('an insert on a slow machine has no life to tell', () => {
    const of = setup({ tool: INSERT, workDiameterMm: 10, rpmByHand: 42 });
    expect(forecast(of, cutPlan(of, DEFAULT_RULES)).life).toBeNull();
  });
});

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

  it('of a mill: from every tooth true to one that stands out and marks each turn', () => {
    const of = setup({ operation: 'mill-side', stickOutMm: 30, widthMm: 3 });
    const found = finish(of, { mmRev: 0.4, rpm: 1 });
    const marks = millingRoughness('peripheral', 12, 0.1, 4, 0, 1.5);
    expect(found).toEqual({
      idealRaUm: expect.closeTo(0.2566 * marks.everyToothUm, 9),
      realisticRaUm: expect.closeTo(0.2566 * marks.oneToothUm * 1.3, 9),
      lowRaUm: expect.closeTo(0.2566 * marks.everyToothUm * 1.3, 9),
      highRaUm: expect.closeTo(0.2566 * marks.oneToothUm * 1.3 * 1.5, 9),
      finerIsWorse: false,
      builtUp: 1,
    });
    const face = finish(setup({ operation: 'face-mill' }), { mmRev: 0.4, rpm: 1 });
    expect(face.idealRaUm).toBeCloseTo(
      0.2566 * millingRoughness('face-nose', 50, 0.1, 4, 0.4, 0).everyToothUm,
      9,
    );
    expect(
      forecast(setup({ operation: 'drill' }), cutPlan(setup({ operation: 'drill' }), DEFAULT_RULES)),
    ).toMatchObject({ finish: null, chip: null, life: null });
  });
});

describe('what gives way', () => {
  const spring = (of: CutSetup) => {
    const plan = cutPlan(of, DEFAULT_RULES);
    return { plan, load: operationOf(of).edgeLoad(of, plan)!, spring: forecast(of, plan).spring };
  };

  it('work that stands out of the chuck', () => {
    const { load, spring: found } = spring(setup({ workDiameterMm: 12, stickOutMm: 60 }));
    const by = workDeflection('chuck', material('low-carbon-cold-drawn').eGPa, 12, 0, 60, 60, load.pushN);
    expect(found).toEqual({
      what: 'work',
      mm: by.deflectionMm,
      errorMm: by.diameterErrorMm,
      ratio: 5,
      allowable: 3,
    });
  });

  it('the bar in a bore', () => {
    const { load, spring: found } = spring(setup({ operation: 'bore', workDiameterMm: 30, stickOutMm: 60 }));
    const by = barDeflection('steel', 12, 60, load.pushN, load.cuttingN);
    expect(found).toEqual({
      what: 'bar',
      mm: by.radialMm,
      errorMm: by.diameterErrorMm,
      ratio: 5,
      allowable: by.allowable,
    });
  });

  it('an end mill, which stands out at least as far as it cuts deep', () => {
    const side = (more: Partial<CutSetup>) =>
      spring(setup({ operation: 'mill-side', widthMm: 3, depthMm: 20, stickOutMm: 40, ...more }));
    const { load, spring: found } = side({});
    const mm = endMillDeflection('hss', 12, 12, 22, 40, load.pushN);
    expect(found).toEqual({ what: 'cutter', mm, errorMm: mm, ratio: 40 / 12, allowable: 4 });
    const short = side({ stickOutMm: 10 });
    expect(short.spring!.mm).toBe(endMillDeflection('hss', 12, 12, 22, 20, short.load.pushN));
    const thick = side({ tool: { ...END_MILL, shankMm: 16 } });
    expect(thick.spring!.mm).toBe(endMillDeflection('hss', 12, 16, 22, 40, thick.load.pushN));
    expect(spring(setup({ operation: 'part', stickOutMm: 20 })).spring).toBeNull();
  });
});

describe('how hot the edge gets', () => {
  const of = setup({ fluid: 'dry' });
  const plan = cutPlan(of, DEFAULT_RULES);
  const { interfaceC } = forecast(of, plan).heat!;
  const at = (marginK: number) =>
    forecast(of, { ...plan, edge: { ...plan.edge, hotLimitC: interfaceC + marginK } }).heat!;

  it('is good a hundred degrees below what it stands, and over above it', () => {
    expect([101, 99, 0, -1].map((marginK) => at(marginK).verdict)).toEqual([
      'good',
      'watch',
      'watch',
      'over',
    ]);
    expect(at(99).marginK).toBeCloseTo(99, 9);
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

describe('force and power', () => {
  const cut = {
    depthMm: 2,
    feedMmRev: 0.2,
    approachDeg: 90,
    noseRadiusMm: 0.4,
    diameterMm: 40,
    speedMPerMin: 25,
  };
  const more = fc.double({ min: 1.01, max: 3, noNaN: true });

  it('rise with depth, feed and wear, fall with rake', () => {
    const base = turningForce(STEEL, SHARP, 'turn-outside', cut).fcN;
    fc.assert(
      fc.property(more, (times) => {
        expect(
          turningForce(STEEL, SHARP, 'turn-outside', { ...cut, depthMm: 2 * times }).fcN,
        ).toBeGreaterThan(base);
        const coarser = turningForce(STEEL, SHARP, 'turn-outside', { ...cut, feedMmRev: 0.2 * times }).fcN;
        // A thicker chip costs less force for each square millimetre.
        expect(coarser).toBeGreaterThan(base);
        expect(coarser).toBeLessThan(base * times);
      }),
    );
    expect(turningForce(STEEL, { rakeDeg: 20, wearLandMm: 0 }, 'turn-outside', cut).fcN).toBeLessThan(base);
    expect(turningForce(STEEL, { rakeDeg: 6, wearLandMm: 0.4 }, 'turn-outside', cut).fcN).toBeGreaterThan(
      base,
    );
  });

  it('a cutter refuses a width above its diameter, and its peak is never under its mean', () => {
    const mill = {
      diameterMm: 12,
      aeMm: 3,
      apMm: 4,
      teeth: 4,
      fzMm: 0.04,
      rpm: 700,
      approachDeg: 90,
      position: 'side',
    } as const;
    expect(() => millingForce(STEEL, SHARP, { ...mill, aeMm: 13 })).toThrow(
      'width of cut must be from 0 to 12',
    );
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.integer({ min: 1, max: 8 }),
        (aeMm, teeth) => {
          const r = millingForce(STEEL, SHARP, { ...mill, aeMm, teeth });
          expect(r.peakPowerKw).toBeGreaterThanOrEqual(r.powerKw * 0.999);
        },
      ),
    );
  });
});

describe('spring, finish, chip, heat', () => {
  it('a centre stiffens a slender bar, longer work gives way more', () => {
    const at = (support: 'chuck' | 'between-centres', length: number) =>
      workDeflection(support, 208, 12, 0, length, length * (support === 'chuck' ? 1 : 0.5), 100).deflectionMm;
    expect(at('between-centres', 120)).toBeLessThan(at('chuck', 120) / 10);
    expect(at('chuck', 120)).toBeGreaterThan(at('chuck', 60) * 7);
    expect(() => workDeflection('chuck', 208, 0, 0, 60, 60, 100)).toThrow('diameter must be more than 0');
  });

  it('the feed for a finish gives that finish', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 6.3, noNaN: true }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        (ra, r) => {
          const { feedMmRev, reachable } = feedForRoughness(ra, r, 6, 1.3);
          if (reachable) expect(minChipRoughness(feedMmRev!, r, 6).raUm * 1.3).toBeCloseTo(ra, 6);
        },
      ),
    );
    expect(feedForRoughness(0.1, 0.8, 40, 1.7)).toMatchObject({ feedMmRev: null, reachable: false });
  });

  it('more feed breaks a chip sooner; brass crumbles', () => {
    const chip = (feedMmRev: number) =>
      chipForm(
        {
          depthMm: 2,
          feedMmRev,
          noseRadiusMm: 0.4,
          approachDeg: 90,
          rakeDeg: 10,
          chipRatio: 2.6,
          breakStrain: 0.05,
          fluid: false,
        },
        { kind: 'step', distanceMm: 2, heightMm: 0.4 },
      );
    expect([0.1, 0.2, 0.3].map((feed) => chip(feed).breakIndex)).toEqual(
      [0.1, 0.2, 0.3].map((feed) => chip(feed).breakIndex).sort((a, b) => a - b),
    );
    expect(
      chipForm(
        {
          depthMm: 1,
          feedMmRev: 0.1,
          noseRadiusMm: 0.4,
          approachDeg: 90,
          rakeDeg: 0,
          chipRatio: 1.2,
          breakStrain: 0.004,
          fluid: false,
        },
        { kind: 'none' },
      ).chip,
    ).toBe('loose-bits');
  });

  it('colours are told for steel that shows them', () => {
    expect(oxideColour(material('medium-carbon'), 'chip', 950, false)).toEqual({
      colour: 'glowing',
      lowC: 900,
      highC: null,
    });
    expect(oxideColour(material('medium-carbon'), 'chip', 300, true)).toBeNull();
    expect(oxideColour(material('grey-iron'), 'chip', 300, false)).toBeNull();
  });

  it('ten percent faster costs high speed steel about half of its life', () => {
    const [metal, edge] = [material('low-carbon-cold-drawn'), toolMaterial('hss')];
    const life = (v: number) => toolLife(metal, edge, v, 0.2, 2, 0)!.minutes;
    expect(life(33) / life(30)).toBeCloseTo(1.1 ** -8, 3);
    expect(life(32)).toBeCloseTo((53 / 32) ** 8, 3);
  });
});
