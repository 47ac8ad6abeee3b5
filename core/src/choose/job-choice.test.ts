import fc from 'fast-check';
import { anySetup, BELT_LATHE, HAND_MILL, INSERT, MOTOR, setup, SHAPER, TOOLS } from '../fixture';
import type { Machine } from '../machine/machine';
import { material } from '../material/library';
import { of } from '../operation/golden.fixture';
import type { CutSetup } from '../operation/registry';
import { DEFAULT_RULES } from '../plan/rules';
import type { Tool } from '../tool/tool';
import { tradeOf, USUAL_PRICES } from '../cost/usual-prices';
import { edgePush } from './edge-push';
import { hasChoice, jobChoice } from './job-choice';
import { USUAL_WANTS, type JobWants } from './job-wants';
import type { PricesOf } from './judged-tool';
import { metalCharacter } from './metal-character';
import { millAdvice } from './mill-advice';
import { milledGroup } from './milled-group';
import { stiffnessOf } from './stiffness';

const KNIFE = TOOLS['turning-tool'];
const POLISHED = { ...INSERT, name: 'Polished', material: 'carbide-uncoated', noseRadiusMm: 0.4 } as const;
/** A stiff geared lathe that reaches carbide's speeds. */
const GEARED_LATHE: Machine = {
  ...BELT_LATHE,
  name: 'Geared lathe',
  condition: 'rigid',
  motor: { powerKw: 3, phases: 3, efficiency: 0.75 },
  speeds: [63, 125, 250, 500, 1000, 1800].map((rpm) => ({ rpm, setting: `${rpm}` })),
};
/** The belt lathe before it wore. */
const ORDINARY_LATHE: Machine = {
  ...BELT_LATHE,
  name: 'Ordinary lathe',
  condition: 'ordinary',
  motor: MOTOR,
};
const OLD_LATHE: Machine = { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 0.37 } };

const choose = (cut: CutSetup, tools: readonly Tool[], wants: Partial<JobWants> = {}) =>
  jobChoice(
    cut,
    { ...USUAL_WANTS, ...wants },
    tools.map((body, id) => ({ id, body })),
    DEFAULT_RULES,
  );
const both = [KNIFE, INSERT];

describe('verdicts of worked situations', () => {
  const on = (machine: Machine, metal: string, more: Partial<CutSetup> = {}) =>
    setup({ machine, stock: of(metal), workDiameterMm: 20, stickOutMm: 40, ...more });
  it.each<[string, CutSetup, readonly Tool[], Partial<JobWants>, string]>([
    ['low-carbon shaft, small worn belt lathe', on(OLD_LATHE, 'low-carbon-cold-drawn'), both, {}, 'hss'],
    [
      'the same, rigid geared lathe, 50 parts',
      on(GEARED_LATHE, 'low-carbon-cold-drawn', { workDiameterMm: 40 }),
      both,
      { parts: 50 },
      'carbide',
    ],
    [
      'pre-hardened bar, geared lathe',
      on(GEARED_LATHE, 'alloy-prehard', { workDiameterMm: 40 }),
      both,
      {},
      'carbide',
    ],
    [
      'pre-hardened bar, worn lathe, thin',
      on(OLD_LATHE, 'alloy-prehard', { workDiameterMm: 12, stickOutMm: 25 }),
      both,
      {},
      'hss',
    ],
    [
      'stainless, tiny slow lathe',
      on({ ...OLD_LATHE, light: true }, 'austenitic-stainless'),
      both,
      {},
      'hss',
    ],
    [
      'stainless, geared lathe',
      on(GEARED_LATHE, 'austenitic-stainless', { workDiameterMm: 40 }),
      both,
      {},
      'carbide',
    ],
    [
      'aluminium, only a coated insert, ordinary lathe',
      on(ORDINARY_LATHE, 'aluminium-wrought', { workDiameterMm: 40 }),
      both,
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
      both,
      { specialForm: true },
      'hss',
    ],
    [
      'cast iron flange under the skin, geared lathe',
      on(GEARED_LATHE, 'grey-iron', { workDiameterMm: 150, firstPassOnSkin: true }),
      both,
      {},
      'carbide',
    ],
    ['bearing seat Ra 0.8, slow lathe', on(OLD_LATHE, 'medium-carbon'), both, { finishRaUm: 0.8 }, 'hss'],
    [
      'bearing seat Ra 0.8, geared lathe',
      on(GEARED_LATHE, 'medium-carbon', { workDiameterMm: 60 }),
      both,
      { finishRaUm: 0.8 },
      'carbide',
    ],
    [
      'hexagon turned round, worn lathe',
      on(OLD_LATHE, 'medium-carbon', { interrupted: true }),
      both,
      { heavyBlows: true },
      'hss',
    ],
    [
      'hexagon turned round, geared lathe, 200 parts',
      on(GEARED_LATHE, 'medium-carbon', { workDiameterMm: 50, interrupted: true }),
      both,
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
      both,
      {},
      'carbide',
    ],
    [
      'fine cut 0.05 mm to size, ordinary lathe',
      on(ORDINARY_LATHE, 'medium-carbon', { depthMm: 0.05 }),
      both,
      { toleranceMm: 0.02 },
      'hss',
    ],
    [
      'block under the shaper',
      setup({ operation: 'shape', machine: SHAPER, stock: of('medium-carbon'), workDiameterMm: 120 }),
      both,
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
    const { inputs, carbide, powerUnknown } = choose(cut, both, { parts: 7 });
    // 745 rpm on 40 mm.
    expect(inputs.reachableMPerMin).toBeCloseTo((Math.PI * 40 * 745) / 1000, 6);
    expect(inputs.carbideLowMPerMin).toBe(140);
    expect(inputs.hardnessHb).toBe(150);
    expect(inputs.depthMm).toBe(carbide.judged.plan.depth.mm);
    expect(inputs).toMatchObject({ parts: 7, noseRadiusMm: 0.8, edgeRadiusUm: 40, insert: 'coated' });
    expect(powerUnknown).toBe(false);
  });

  it('leave power out where the motor is not known', () => {
    const { inputs, powerUnknown, weighed } = choose(setup(), both);
    expect(powerUnknown).toBe(true);
    expect(inputs.powerAvailableKw).toBe(inputs.powerNeededKw);
    expect(weighed.contributions.power).toBe(0);
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
      choose(cut, both, { heavyBlows }).inputs.interruption;
    expect(blows(setup())).toBe(0);
    expect(blows(setup({ interrupted: true }))).toBe(1);
    expect(blows(setup({ interrupted: true }), true)).toBe(2);
    expect(blows(setup(), true)).toBe(0);
    expect(blows(setup({ operation: 'shape', machine: SHAPER, workDiameterMm: 100 }))).toBe(2);
  });

  it('a dull bit is no sharp one in the drawer', () => {
    const { inputs } = choose(setup(), [{ ...KNIFE, dull: true }, INSERT]);
    expect(inputs).toMatchObject({ hssInDrawer: false, carbideInDrawer: true });
  });
});

describe('the tools in order', () => {
  it('those of the verdict first, then the cheaper part; what does not fit last', () => {
    const cut = setup({ machine: GEARED_LATHE, stock: of('medium-carbon'), workDiameterMm: 50 });
    const fast = choose(cut, [KNIFE, { ...KNIFE, name: 'Worn', dull: true }, INSERT, POLISHED, TOOLS.drill]);
    expect(fast.weighed.verdict).toBe('carbide');
    expect(fast.ranked.map(({ item }) => item.body.name)).toEqual([
      'Insert',
      'Knife tool',
      'Polished',
      'Worn',
    ]);
    expect(fast.pick?.item.body).toBe(INSERT);
  });

  it('a tool that leaves the surface too rough comes after one that does not', () => {
    const cut = setup({ machine: ORDINARY_LATHE, workDiameterMm: 40 });
    const pointed = { ...KNIFE, name: 'Pointed', noseRadiusMm: 0.1, approachDeg: 60 };
    const round = { ...KNIFE, name: 'Round', noseRadiusMm: 1.5 };
    const { ranked } = choose(cut, [pointed, round], { finishRaUm: 1.42 });
    expect(ranked.map(({ item, tooRough }) => [item.body.name, tooRough])).toEqual([
      ['Round', false],
      ['Pointed', true],
    ]);
  });

  it('with an empty drawer it still weighs, and takes nothing', () => {
    const { pick, ranked, hss, carbide } = choose(setup(), []);
    expect([pick, ranked]).toEqual([null, []]);
    expect([hss.item, carbide.item]).toEqual([null, null]);
    expect([hss.judged.family, carbide.judged.family]).toEqual(['hss', 'carbide']);
    expect(carbide.judged.tool.material).toBe('carbide-coated');
  });

  it('in soft aluminium carbide would be a polished edge; a form is brazed, a centre drill solid', () => {
    const missing = (cut: CutSetup) => choose(cut, []).carbide.judged.tool.material;
    expect(missing(setup({ stock: of('aluminium-wrought') }))).toBe('carbide-uncoated');
    expect(missing(setup({ operation: 'form' }))).toBe('brazed-carbide');
    expect(missing(setup({ operation: 'centre-drill' }))).toBe('solid-carbide');
  });

  it('refuses a cut that no tool can do', () => {
    const bar = setup({ operation: 'bore', workDiameterMm: 8 });
    expect(() => choose(bar, [])).toThrow();
  });

  it('there is nothing to choose for a knurl and a file', () => {
    expect([hasChoice('knurl'), hasChoice('file'), hasChoice('turn'), hasChoice('drill')]).toEqual([
      false,
      false,
      true,
      true,
    ]);
  });

  it('any set-up that fits can be weighed; its pick is one of the drawer', () =>
    fc.assert(
      fc.property(anySetup(), (cut) => {
        fc.pre(hasChoice(cut.operation));
        const { weighed, pick, cost } = choose(cut, [cut.tool]);
        expect(pick?.item.body).toBe(cut.tool);
        expect(weighed.probabilityCarbide > 0 && weighed.probabilityCarbide < 1).toBe(true);
        expect(cost.hssCostPerPart > 0 && cost.carbideCostPerPart > 0).toBe(true);
      }),
      { numRuns: 60 },
    ));
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
    const breaks = (more: Partial<CutSetup>) => choose({ ...cut, ...more }, both).costInputs.breakProbability;
    expect(breaks({})).toBe(0.1);
    expect(breaks({ interrupted: true })).toBe(0.2);
    expect(breaks({ operation: 'shape', machine: SHAPER, workDiameterMm: 100 })).toBe(0.2);
  });
});

describe('what the choice knows of metal and machine', () => {
  it('stringy, gummy, abrasive, strong when hot', () => {
    const of = (key: string, onSkin = false) => metalCharacter(material(key), onSkin);
    expect(of('austenitic-stainless')).toMatchObject({ chip: 'stringy', hotAlloy: true, gummy: false });
    expect(of('aluminium-soft')).toMatchObject({ chip: 'stringy', gummy: true });
    expect(of('copper')).toMatchObject({ gummy: true, abrasive: false });
    expect(of('grey-iron', true)).toMatchObject({ chip: 'short', abrasive: true, hardnessHb: 190 });
    expect(of('grey-iron').abrasive).toBe(false);
    expect(of('low-carbon-cold-drawn', true)).toMatchObject({ chip: 'medium', abrasive: false });
    expect(of('aluminium-cast-silicon').abrasive).toBe(true);
    expect(of('nylon').hardnessHb).toBe(20);
  });

  it('a slack, light machine and a long overhang are less stiff', () => {
    const at = (machine: Partial<Machine>, more: Partial<CutSetup> = {}) =>
      stiffnessOf(setup({ machine: { ...ORDINARY_LATHE, ...machine } as Machine, ...more }));
    expect(at({})).toBe(0.5);
    expect(at({ condition: 'rigid' })).toBe(0.9);
    expect(at({ condition: 'tired', light: true })).toBe(0);
    // Six diameters out of a chuck where three are usual: one time over.
    expect(at({}, { workDiameterMm: 10, stickOutMm: 60 })).toBeCloseTo(0.3, 10);
    expect(at({}, { workDiameterMm: 10, stickOutMm: 400 })).toBeCloseTo(0.1, 10);
  });

  it('every metal has its row of the end mill table', () => {
    expect(
      [
        'aluminium-cast-silicon',
        'copper',
        'phosphor-bronze',
        'low-carbon-cold-drawn',
        'alloy-prehard',
        'austenitic-stainless',
        'ferritic-martensitic-stainless',
        'ductile-iron',
        'titanium-alloy',
        'nylon',
      ].map((key) => milledGroup(material(key))),
    ).toEqual([
      'aluminium',
      'copper',
      'brass',
      'low-carbon-steel',
      'alloy-steel',
      'stainless',
      'stainless',
      'cast-iron',
      'titanium',
      'plastic',
    ]);
    expect(milledGroup({ ...material('alloy-prehard'), hardnessHb: [400, 450] })).toBe('tool-steel-hard');
  });

  it('an end mill is told what its cut wants: a plunge needs teeth to the centre', () => {
    const plunge = setup({
      operation: 'plunge',
      machine: HAND_MILL,
      tool: { ...TOOLS['end-mill'], centreCutting: false },
    });
    const { judged } = choose(plunge, [plunge.tool]).hss;
    const advice = millAdvice(
      { ...judged.setup, tool: { ...TOOLS['end-mill'], centreCutting: false } },
      judged.plan,
    );
    expect(advice.cut).toBe('plunge');
    expect(advice.faults).toEqual(['not-centre-cutting', 'flutes']);
  });

  it('a narrow side cut is a finishing one', () => {
    const side = (widthMm: number) => {
      const cut = setup({ operation: 'mill-side', machine: HAND_MILL, widthMm, depthMm: 5 });
      const { judged } = choose(cut, [cut.tool]).hss;
      return millAdvice({ ...judged.setup, tool: TOOLS['end-mill'] }, judged.plan).cut;
    };
    expect([side(0.5), side(4)]).toEqual(['side-finish', 'side-rough']);
  });

  it('a sharper edge with more rake pushes less in the same metal', () => {
    const { hss, carbide } = choose(setup(), both);
    const [a, b] = [edgePush(hss.judged, 0.1), edgePush(carbide.judged, 0.1)];
    expect(a).toMatchObject({ rakeDeg: 12, edgeRadiusUm: 6 });
    expect(b).toMatchObject({ rakeDeg: 6, edgeRadiusUm: 40 });
    expect(a.nPerMm).toBeLessThan(b.nPerMm);
  });
});
