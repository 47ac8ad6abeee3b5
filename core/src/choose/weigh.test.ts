import fc from 'fast-check';
import { INPUTS } from './choice.fixture';
import type { ChoiceInputs } from './choice-inputs';
import { CHOICE_FACTORS, FACTOR_FACTS, type ChoiceFactor } from './evidence';
import { flips } from './flips';
import { scoreOf, weigh } from './weigh';

/** Contribution of a factor with inputs changed. */
const says = (factor: ChoiceFactor, more: Partial<ChoiceInputs>) =>
  weigh({ ...INPUTS, ...more }).contributions[factor];

const anyInputs: fc.Arbitrary<ChoiceInputs> = fc.record({
  reachableMPerMin: fc.double({ min: 5, max: 800, noNaN: true }),
  carbideLowMPerMin: fc.double({ min: 30, max: 250, noNaN: true }),
  powerAvailableKw: fc.double({ min: 0.1, max: 5, noNaN: true }),
  powerNeededKw: fc.double({ min: 0.05, max: 5, noNaN: true }),
  stiffness: fc.double({ min: 0, max: 1, noNaN: true }),
  hardnessHb: fc.double({ min: 30, max: 429, noNaN: true }),
  depthMm: fc.double({ min: 0.02, max: 5, noNaN: true }),
  noseRadiusMm: fc.double({ min: 0.1, max: 3, noNaN: true }),
  edgeRadiusUm: fc.double({ min: 3, max: 60, noNaN: true }),
  feedMm: fc.double({ min: 0.01, max: 0.6, noNaN: true }),
  interruption: fc.constantFrom(0, 1, 2),
  specialForm: fc.boolean(),
  parts: fc.integer({ min: 1, max: 2000 }),
  hssCostPerPart: fc.double({ min: 0.2, max: 20, noNaN: true }),
  carbideCostPerPart: fc.double({ min: 0.2, max: 20, noNaN: true }),
  finishRaUm: fc.constantFrom(0.4, 0.8, 1.6, 3.2, 6.3),
  handFeed: fc.boolean(),
  chip: fc.constantFrom('short', 'medium', 'stringy'),
  breakerInRange: fc.boolean(),
  gummy: fc.boolean(),
  insert: fc.constantFrom('coated', 'uncoated', 'polished-sharp-uncoated', 'aluminium-bearing-coating'),
  abrasive: fc.boolean(),
  hotAlloy: fc.boolean(),
  carbideInDrawer: fc.boolean(),
  hssInDrawer: fc.boolean(),
});

describe('the evidence of each factor', () => {
  it('of a job that says nothing is nothing but the stated middles', () => {
    const { contributions, score } = weigh(INPUTS);
    // At 225 HB hardness stands half way from -0.1 to 0.1; every other input is at its neutral value.
    for (const factor of CHOICE_FACTORS) expect(contributions[factor]).toBeCloseTo(0, 12);
    expect(score).toBeCloseTo(0, 12);
  });

  it('reach: doubles and halves of carbide’s lowest speed, cut off at one', () => {
    expect(says('reach', { reachableMPerMin: 240 })).toBe(2);
    expect(says('reach', { reachableMPerMin: 480 })).toBe(2);
    expect(says('reach', { reachableMPerMin: 60 })).toBe(-2);
    expect(says('reach', { reachableMPerMin: 120 * Math.SQRT2 })).toBeCloseTo(1, 12);
  });

  it('power: shortage counts fully, surplus hardly', () => {
    expect(says('power', { powerAvailableKw: 7.5 })).toBe(0.2);
    expect(says('power', { powerAvailableKw: 0.375 })).toBe(-1);
    expect(says('power', { powerAvailableKw: 0.75 / Math.SQRT2 })).toBeCloseTo(-0.5, 12);
  });

  it.each([
    [100, -0.75],
    [150, -0.75],
    [175, -0.5],
    [200, -0.25],
    [250, 0.25],
    [275, 0.625],
    [300, 1],
    [350, 2],
    [400, 2.5],
    [428, 2.5],
  ])('hardness: %d HB gives %d', (hardnessHb, expected) =>
    expect(says('hardness', { hardnessHb })).toBeCloseTo(expected, 10),
  );

  it('bite: the smaller of depth over nose and feed over edge', () => {
    expect(says('bite', { depthMm: 0.134 })).toBeCloseTo(-1.5, 10);
    expect(says('bite', { feedMm: 0.12 })).toBeCloseTo(0.3, 10);
    expect(says('bite', { feedMm: 0.06 / Math.SQRT2 })).toBeCloseTo(-0.75, 10);
  });

  it('blows count less on a stiff machine', () => {
    expect(says('interruption', { interruption: 1 })).toBeCloseTo(-0.48, 10);
    expect(says('interruption', { interruption: 2 })).toBeCloseTo(-0.96, 10);
    expect(says('interruption', { interruption: 2, stiffness: 1 })).toBeCloseTo(-0.48, 10);
    expect(says('interruption', { interruption: 2, stiffness: 0 })).toBeCloseTo(-1.2, 10);
  });

  it('the other factors have the weight and the sign of the table', () => {
    expect(says('stiffness', { stiffness: 1 })).toBe(1);
    expect(says('form', { specialForm: true })).toBe(-2.5);
    expect(says('batch', { parts: 1 })).toBeCloseTo(-0.4, 12);
    expect(says('batch', { parts: 1000 })).toBeCloseTo(0.8, 12);
    expect(says('cost', { hssCostPerPart: 2 })).toBeCloseTo(0.8, 12);
    expect(says('finish', { finishRaUm: 0.8, reachableMPerMin: 240 })).toBeCloseTo(0.8, 12);
    expect(says('finish', { finishRaUm: 0.8, reachableMPerMin: 60 })).toBeCloseTo(-0.8, 12);
    expect(says('hand-feed', { handFeed: true })).toBeCloseTo(-0.36, 12);
    expect(says('hand-feed', { handFeed: true, insert: 'polished-sharp-uncoated' })).toBeCloseTo(-0.12, 12);
    expect(says('chip', { chip: 'stringy' })).toBeCloseTo(0.24, 12);
    expect(says('chip', { chip: 'stringy', breakerInRange: false })).toBeCloseTo(-0.24, 12);
    expect(says('drawer', { hssInDrawer: false })).toBe(1.5);
    expect(says('drawer', { carbideInDrawer: false })).toBe(-1.5);
    expect(says('gummy', { gummy: true })).toBeCloseTo(-1.05, 12);
    expect(says('gummy', { gummy: true, insert: 'uncoated' })).toBeCloseTo(-0.45, 12);
    expect(says('gummy', { gummy: true, insert: 'polished-sharp-uncoated' })).toBeCloseTo(0.45, 12);
    expect(says('gummy', { gummy: true, insert: 'aluminium-bearing-coating' })).toBe(-1.5);
    expect(says('abrasive', { abrasive: true })).toBe(1.5);
    expect(says('hot-alloy', { hotAlloy: true })).toBe(0.5);
  });

  it('stays inside its range, whatever the job', () =>
    fc.assert(
      fc.property(anyInputs, (inputs) =>
        CHOICE_FACTORS.every((factor) => {
          const { range, evidence } = FACTOR_FACTS[factor];
          const e = evidence(inputs);
          return e >= range[0] - 1e-12 && e <= range[1] + 1e-12;
        }),
      ),
    ));
});

describe('the verdict', () => {
  it.each([
    [{ reachableMPerMin: 240 }, 'carbide', 'clear'],
    [{ reachableMPerMin: 60 }, 'hss', 'clear'],
    [{ reachableMPerMin: 240, stiffness: 1 }, 'carbide', 'strong'],
    [{ stiffness: 0.7 }, 'either', 'toss-up'],
    [{ stiffness: 0.74 }, 'either', 'slight'],
    [{ stiffness: 0.76 }, 'carbide', 'slight'],
  ] as const)('of %j is %s, %s', (more, verdict, confidence) =>
    expect(weigh({ ...INPUTS, ...more })).toMatchObject({ verdict, confidence, excluded: null }),
  );

  it('is carbide in metal over 430 HB, whatever else, and HSS in a form that no carbide has', () => {
    expect(weigh({ ...INPUTS, hardnessHb: 431, reachableMPerMin: 10 })).toMatchObject({
      verdict: 'carbide',
      confidence: 'strong',
      excluded: 'hss',
    });
    expect(weigh({ ...INPUTS, hardnessHb: 430 }).excluded).toBeNull();
    const form = { specialForm: true, reachableMPerMin: 480, stiffness: 1 };
    expect(weigh({ ...INPUTS, ...form, carbideInDrawer: false })).toMatchObject({
      verdict: 'hss',
      excluded: 'carbide',
    });
    expect(weigh({ ...INPUTS, ...form }).excluded).toBeNull();
  });

  it('a school leans by 0.7 and says so', () => {
    expect(weigh(INPUTS, 'hss-first')).toMatchObject({ verdict: 'hss', leaning: -0.7 });
    expect(weigh(INPUTS, 'inserts-first')).toMatchObject({ verdict: 'carbide', leaning: 0.7 });
  });

  it('a fine finish speaks half as loud at Ra 1.6 as at 0.8, by the speed reached', () => {
    const finish = (finishRaUm: number, reachableMPerMin: number) =>
      weigh({ ...INPUTS, finishRaUm, reachableMPerMin }).contributions.finish;
    expect(finish(0.8, 240)).toBeCloseTo(0.8, 10);
    expect(finish(1.6, 240)).toBeCloseTo(0.4, 10);
    expect(finish(1.6, 60)).toBeCloseTo(-0.4, 10);
    expect(finish(6.3, 240)).toBeCloseTo(0, 10);
  });

  it('names the three heaviest reasons, none of no weight', () => {
    expect(weigh({ ...INPUTS, stiffness: 0.6 }).topReasons).toEqual(['stiffness']);
    expect(
      weigh({ ...INPUTS, abrasive: true, handFeed: true, hotAlloy: true, parts: 100 }).topReasons,
    ).toEqual(['abrasive', 'batch', 'hot-alloy']);
  });

  it('a faster, stiffer, stronger machine never speaks for HSS where the finish is plain', () =>
    fc.assert(
      fc.property(
        anyInputs,
        fc.constantFrom('reachableMPerMin' as const, 'powerAvailableKw' as const, 'parts' as const),
        (inputs, name) => {
          const more = { ...inputs, [name]: inputs[name] * 1.5 };
          expect(scoreOf(more)).toBeGreaterThanOrEqual(scoreOf(inputs) - 1e-12);
        },
      ),
    ));

  it.each([
    [{ reachableMPerMin: 0 }, 'reachable speed'],
    [{ carbideLowMPerMin: 0 }, 'carbide’s lowest speed'],
    [{ powerAvailableKw: 0 }, 'power available'],
    [{ powerNeededKw: 0 }, 'power needed'],
    [{ stiffness: 1.2 }, 'stiffness'],
    [{ hardnessHb: -5 }, 'hardness'],
    [{ depthMm: NaN }, 'depth'],
    [{ noseRadiusMm: 0 }, 'nose radius'],
    [{ edgeRadiusUm: 0 }, 'edge radius'],
    [{ feedMm: 0 }, 'feed'],
    [{ interruption: 3 }, 'interruption'],
    [{ parts: 0 }, 'number of parts'],
    [{ hssCostPerPart: 0 }, 'HSS cost of a part'],
    [{ carbideCostPerPart: 0 }, 'carbide cost of a part'],
    [{ finishRaUm: 0 }, 'roughness wanted'],
  ])('refuses %j', (bad, what) => expect(() => weigh({ ...INPUTS, ...bad })).toThrow(what));
});

describe('what would flip it', () => {
  it('each number brings the score to nothing', () =>
    fc.assert(
      fc.property(anyInputs, (inputs) => {
        const found = flips(inputs);
        const at: readonly Partial<ChoiceInputs>[] = [
          ...(found.reachableMPerMin ? [{ reachableMPerMin: found.reachableMPerMin }] : []),
          ...(found.hardnessHb ? [{ hardnessHb: found.hardnessHb }] : []),
          ...(found.parts ? [{ parts: found.parts }] : []),
        ];
        for (const more of at) expect(scoreOf({ ...inputs, ...more })).toBeCloseTo(0, 6);
      }),
    ));

  it('a factor at the evidence it would need brings the score to nothing', () =>
    fc.assert(
      fc.property(anyInputs, (inputs) => {
        const { score, contributions, excluded } = weigh(inputs);
        fc.pre(excluded === null);
        const { factors } = flips(inputs);
        // Score with each factor at the ends of its range; at an end that is just 0, rounding decides.
        const ends = CHOICE_FACTORS.map((factor) => {
          const { weight, range } = FACTOR_FACTS[factor];
          const [low, high] = range.map((e) => score - contributions[factor] + weight * e) as [
            number,
            number,
          ];
          return { factor, low, high };
        }).filter(({ low, high }) => Math.min(Math.abs(low), Math.abs(high)) > 1e-9);
        for (const { factor, low, high } of ends)
          expect([factor, factors.includes(factor)]).toEqual([factor, low < 0 && high > 0]);
      }),
    ));

  it('puts what can be changed at the machine before facts of the job, by weight', () =>
    expect(flips({ ...INPUTS, stiffness: 0.6 }).factors).toEqual([
      'reach',
      'bite',
      'drawer',
      'power',
      'stiffness',
      'batch',
      'cost',
      'finish',
      'hand-feed',
      'chip',
      'hardness',
      'form',
      'gummy',
      'interruption',
    ]));

  it('has nothing where one of the two cannot do it at all', () =>
    expect(flips({ ...INPUTS, hardnessHb: 450 })).toEqual({
      factors: [],
      reachableMPerMin: null,
      hardnessHb: null,
      parts: null,
    }));
});
