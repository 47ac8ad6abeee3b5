import { INSERT, setup, SHAPER, TOOLS } from '../fixture';
import type { Machine } from '../machine/machine';
import { of } from '../operation/golden.fixture';
import type { CutSetup } from '../operation/registry';
import { DEFAULT_RULES } from '../plan/rules';
import type { Tool } from '../tool/tool';
import { tradeOf, USUAL_PRICES } from '../cost/usual-prices';
import { BOTH, choose, GEARED_LATHE, KNIFE, OLD_LATHE, ORDINARY_LATHE } from './choice.fixture';
import { jobChoice } from './job-choice';
import { USUAL_WANTS, type JobWants } from './job-wants';
import type { PricesOf } from './judged-tool';

describe('verdicts of worked situations', () => {
  const on = (machine: Machine, metal: string, more: Partial<CutSetup> = {}) =>
    setup({ machine, stock: of(metal), workDiameterMm: 20, stickOutMm: 40, ...more });
  it.each<[string, CutSetup, readonly Tool[], Partial<JobWants>, string]>([
    ['low-carbon shaft, small worn belt lathe', on(OLD_LATHE, 'low-carbon-cold-drawn'), BOTH, {}, 'hss'],
    [
      'the same, rigid geared lathe, 50 parts',
      on(GEARED_LATHE, 'low-carbon-cold-drawn', { workDiameterMm: 40 }),
      BOTH,
      { parts: 50 },
      'carbide',
    ],
    [
      'pre-hardened bar, geared lathe',
      on(GEARED_LATHE, 'alloy-prehard', { workDiameterMm: 40 }),
      BOTH,
      {},
      'carbide',
    ],
    [
      'pre-hardened bar, worn lathe, thin',
      on(OLD_LATHE, 'alloy-prehard', { workDiameterMm: 12, stickOutMm: 25 }),
      BOTH,
      {},
      'hss',
    ],
    [
      'stainless, tiny slow lathe',
      on({ ...OLD_LATHE, light: true }, 'austenitic-stainless'),
      BOTH,
      {},
      'hss',
    ],
    [
      'stainless, geared lathe',
      on(GEARED_LATHE, 'austenitic-stainless', { workDiameterMm: 40 }),
      BOTH,
      {},
      'carbide',
    ],
    [
      'aluminium, only a coated insert, ordinary lathe',
      on(ORDINARY_LATHE, 'aluminium-wrought', { workDiameterMm: 40 }),
      BOTH,
      {},
      'hss',
    ],
    [
      'bronze bush with a form of its own',
      on(ORDINARY_LATHE, 'phosphor-bronze'),
      [KNIFE],
      { specialForm: true },
      'hss',
    ],
    [
      'one radius in carbon steel, carbide there too',
      on(ORDINARY_LATHE, 'medium-carbon'),
      BOTH,
      { specialForm: true },
      'hss',
    ],
    [
      'cast iron flange under the skin, geared lathe',
      on(GEARED_LATHE, 'grey-iron', { workDiameterMm: 150, firstPassOnSkin: true }),
      BOTH,
      {},
      'carbide',
    ],
    ['bearing seat Ra 0.8, slow lathe', on(OLD_LATHE, 'medium-carbon'), BOTH, { finishRaUm: 0.8 }, 'hss'],
    [
      'bearing seat Ra 0.8, geared lathe',
      on(GEARED_LATHE, 'medium-carbon', { workDiameterMm: 60 }),
      BOTH,
      { finishRaUm: 0.8 },
      'carbide',
    ],
    [
      'hexagon turned round, worn lathe',
      on(OLD_LATHE, 'medium-carbon', { interrupted: true }),
      BOTH,
      { heavyBlows: true },
      'hss',
    ],
    [
      'hexagon turned round, geared lathe, 200 parts',
      on(GEARED_LATHE, 'medium-carbon', { workDiameterMm: 50, interrupted: true }),
      BOTH,
      { heavyBlows: true, parts: 200 },
      'carbide',
    ],
    ['only HSS in the drawer, ordinary lathe', on(ORDINARY_LATHE, 'medium-carbon'), [KNIFE], {}, 'hss'],
    [
      'only carbide, slow worn lathe, thin',
      on(OLD_LATHE, 'low-carbon-cold-drawn', { workDiameterMm: 12 }),
      [INSERT],
      {},
      'hss',
    ],
    [
      'titanium bolt, geared lathe',
      on(GEARED_LATHE, 'titanium-alloy', { workDiameterMm: 20 }),
      BOTH,
      {},
      'carbide',
    ],
    [
      'fine cut 0.05 mm to size, ordinary lathe',
      on(ORDINARY_LATHE, 'medium-carbon', { depthMm: 0.05 }),
      BOTH,
      { toleranceMm: 0.02 },
      'hss',
    ],
    [
      'block under the shaper',
      setup({ operation: 'shape', machine: SHAPER, stock: of('medium-carbon'), workDiameterMm: 120 }),
      BOTH,
      {},
      'hss',
    ],
  ])('%s', (_, cut, tools, wants, verdict) =>
    expect(choose(cut, tools, wants).weighed.verdict).toBe(verdict),
  );
});

describe('the inputs of the choice', () => {
  it('come from the planned cut, in the machine’s own numbers', () => {
    const cut = setup({ machine: ORDINARY_LATHE, workDiameterMm: 40 });
    const { inputs, carbide, powerUnknown } = choose(cut, BOTH, { parts: 7 });
    // 745 rpm on 40 mm.
    expect(inputs.reachableMPerMin).toBeCloseTo((Math.PI * 40 * 745) / 1000, 6);
    expect(inputs.carbideLowMPerMin).toBe(140);
    expect(inputs.hardnessHb).toBe(150);
    expect(inputs.depthMm).toBe(carbide.judged.plan.depth.mm);
    expect(inputs).toMatchObject({ parts: 7, noseRadiusMm: 0.8, edgeRadiusUm: 40, insert: 'coated' });
    expect(powerUnknown).toBe(false);
  });

  it('leave power out where the motor is not known', () => {
    const { inputs, powerUnknown, weighed } = choose(setup(), BOTH);
    expect(powerUnknown).toBe(true);
    expect(inputs.powerAvailableKw).toBe(inputs.powerNeededKw);
    expect(weighed.contributions.power).toBe(0);
    const near = setup({ machine: ORDINARY_LATHE, stock: of('medium-carbon'), workDiameterMm: 80 });
    const { motor: _none, ...without } = ORDINARY_LATHE;
    expect(choose(near, BOTH).flips.factors).toContain('power');
    expect(choose({ ...near, machine: without }, BOTH).flips.factors).not.toContain('power');
  });

  it('know a polished, a brazed and an aluminium-bearing edge', () => {
    const kind = (more: Partial<Tool>) =>
      choose(setup(), [KNIFE, { ...INSERT, ...more } as Tool]).inputs.insert;
    expect(kind({ material: 'carbide-uncoated' })).toBe('polished-sharp-uncoated');
    expect(kind({ material: 'brazed-carbide' })).toBe('uncoated');
    expect(kind({ coating: 'with-aluminium' } as Partial<Tool>)).toBe('aluminium-bearing-coating');
  });

  it('count blows: none, light, heavy; a shaper always strikes', () => {
    const blows = (cut: CutSetup, heavyBlows = false) =>
      choose(cut, BOTH, { heavyBlows }).inputs.interruption;
    expect(blows(setup())).toBe(0);
    expect(blows(setup({ interrupted: true }))).toBe(1);
    expect(blows(setup({ interrupted: true }), true)).toBe(2);
    expect(blows(setup(), true)).toBe(0);
    expect(blows(setup({ operation: 'shape', machine: SHAPER, workDiameterMm: 100 }))).toBe(2);
  });

  it('the hand or the carriage feeds it', () => {
    expect(choose(setup(), BOTH).inputs.handFeed).toBe(false);
    const noFeeds = { ...ORDINARY_LATHE, feeds: [] } as Machine;
    expect(choose(setup({ machine: noFeeds }), BOTH).inputs.handFeed).toBe(true);
  });

  it('a pressed breaker works from its feed and from the nose in depth', () => {
    const works = (more: Partial<CutSetup>) =>
      choose(setup({ machine: GEARED_LATHE, stock: of('austenitic-stainless'), ...more }), BOTH).inputs;
    // The insert's nose is 0.8 mm.
    const at = (feedByHand: number, depthMm: number) => works({ depthMm, feedByHand }).breakerInRange;
    expect(works({ depthMm: 0.8 })).toMatchObject({ breakerInRange: true, chip: 'stringy' });
    expect(at(0.1, 0.79)).toBe(false);
    // The feed of the choice is the planned one, whatever the hand has typed.
    expect(at(0.01, 1)).toBe(works({ depthMm: 1 }).breakerInRange);
    const fine = { ...GEARED_LATHE, feeds: [{ value: 0.06, setting: 'A' }] } as Machine;
    expect(works({ machine: fine, depthMm: 1 })).toMatchObject({ breakerInRange: false, feedMm: 0.06 });
    const just = { ...GEARED_LATHE, feeds: [{ value: 0.1, setting: 'A' }] } as Machine;
    expect(works({ machine: just, depthMm: 1 }).breakerInRange).toBe(true);
  });

  it('only a held edge has a breaker: a drill and turning teeth say nothing of the chip', () => {
    const chip = (operation: CutSetup['operation']) =>
      choose(setup({ operation, stock: of('austenitic-stainless') }), []).inputs.chip;
    expect(
      ['turn', 'bore', 'part', 'drill', 'mill-slot', 'face-mill'].map((key) => chip(key as 'turn')),
    ).toEqual(['stringy', 'stringy', 'stringy', 'medium', 'medium', 'medium']);
  });

  it('a coating counts by what it holds', () => {
    const kind = (coating?: 'none' | 'with-aluminium' | 'without-aluminium') => {
      const tool = { ...TOOLS['end-mill'], material: 'solid-carbide', coating } as const;
      return choose(setup({ operation: 'mill-slot', tool }), [tool]).inputs.insert;
    };
    expect([kind(), kind('none'), kind('without-aluminium'), kind('with-aluminium')]).toEqual([
      'polished-sharp-uncoated',
      'polished-sharp-uncoated',
      'polished-sharp-uncoated',
      'aluminium-bearing-coating',
    ]);
  });

  it('a dull bit is no sharp one in the drawer', () => {
    const { inputs } = choose(setup(), [{ ...KNIFE, dull: true }, INSERT]);
    expect(inputs).toMatchObject({ hssInDrawer: false, carbideInDrawer: true });
  });
});

describe('the cost of a job', () => {
  const cut = setup({ machine: ORDINARY_LATHE, workDiameterMm: 40 });
  const with_ = (pricesOf?: PricesOf) =>
    jobChoice(cut, USUAL_WANTS, [{ body: KNIFE }, { body: INSERT }], DEFAULT_RULES, 'neither', pricesOf);

  it('takes the bit by its own prices and the edge by those of its box', () => {
    const usual = USUAL_PRICES['ground-bit'];
    const { costInputs } = with_(({ material: edge }) =>
      edge === 'hss' ? { ...usual, blankCost: 30 } : { ...usual, insertCost: 3, edges: 6, blankCost: 99 },
    );
    expect(costInputs).toMatchObject({ blankCost: 30, insertCost: 3, edges: 6 });
    expect(with_().costInputs).toMatchObject({ blankCost: usual.blankCost, edges: usual.edges });
  });

  it('a dearer insert speaks for high speed steel', () => {
    const dear = with_((tool) => ({ ...USUAL_PRICES[tradeOf(tool.kind)], insertCost: 400 }));
    expect(dear.weighed.contributions.cost).toBeLessThan(with_().weighed.contributions.cost);
  });

  it('an edge breaks oftener where it is struck', () => {
    const breaks = (more: Partial<CutSetup>) => choose({ ...cut, ...more }, BOTH).costInputs.breakProbability;
    expect(breaks({})).toBe(0.1);
    expect(breaks({ interrupted: true })).toBe(0.2);
    expect(breaks({ operation: 'shape', machine: SHAPER, workDiameterMm: 100 })).toBe(0.2);
  });
});
