import fc from 'fast-check';
import { anySetup, HAND_MILL, INSERT, setup, TOOLS } from '../fixture';
import { of } from '../operation/golden.fixture';
import type { CutSetup } from '../operation/registry';
import type { EndMill, Tool } from '../tool/tool';
import { BOTH, choose, GEARED_LATHE, KNIFE, OLD_LATHE, ORDINARY_LATHE, POLISHED } from './choice.fixture';
import { faultsWeigh } from './end-mill-choice';
import { hasChoice } from './job-choice';

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
    // The side of high speed steel is its best, whatever the order of the drawer.
    expect(choose(cut, [pointed, round], { finishRaUm: 1.42 }).hss.item?.body.name).toBe('Round');
  });

  it('what the verdict says comes first even where the other is cheaper; of either the cheaper', () => {
    const names = (cut: CutSetup, tools = BOTH) => {
      const { weighed, ranked } = choose(cut, tools);
      return [weighed.verdict, ...ranked.map(({ item }) => item.body.name)];
    };
    const cost = (cut: CutSetup) => choose(cut, BOTH).cost;
    const slow = setup({ machine: OLD_LATHE, workDiameterMm: 40 });
    expect(cost(slow).carbideCostPerPart).toBeLessThan(cost(slow).hssCostPerPart);
    expect(names(slow)).toEqual(['hss', 'Knife tool', 'Insert']);
    expect(names(slow, [...BOTH].reverse())).toEqual(['hss', 'Knife tool', 'Insert']);
    const open = setup({ machine: ORDINARY_LATHE, stock: of('medium-carbon'), workDiameterMm: 80 });
    expect(cost(open).carbideCostPerPart).toBeLessThan(cost(open).hssCostPerPart);
    expect(names(open)).toEqual(['either', 'Insert', 'Knife tool']);
  });

  it('what does not fit comes last, is not judged and never taken', () => {
    const thick = { ...TOOLS['boring-bar'], name: 'Thick', barMm: 20 };
    const thin = { ...TOOLS['boring-bar'], name: 'Thin', barMm: 8 };
    const bore = setup({ operation: 'bore', workDiameterMm: 16, tool: thin });
    const { ranked, pick, hss } = choose(bore, [thick, thin]);
    expect(ranked.map(({ item, judged }) => [item.body.name, judged === null])).toEqual([
      ['Thin', false],
      ['Thick', true],
    ]);
    expect([pick?.item.body.name, hss.item?.body.name]).toEqual(['Thin', 'Thin']);
    const none = choose(bore, [thick]);
    expect([none.pick, none.hss.item, none.ranked.length]).toEqual([null, null, 1]);
    expect(none.hss).toMatchObject({ inDrawer: false, judged: { tool: thin } });
  });

  it('a drill of another size makes another hole: last of those that fit, not judged, never taken', () => {
    const drill = (diameterMm: number, more = {}) => ({
      ...TOOLS.drill,
      name: `${diameterMm}`,
      diameterMm,
      ...more,
    });
    const cut = setup({ operation: 'drill', tool: drill(8.5) });
    const { ranked, pick, hss } = choose(cut, [
      drill(5),
      drill(8.52),
      drill(8.5, { name: 'worn', dull: true }),
      drill(8.53),
    ]);
    expect(ranked.map(({ item, drawback, judged }) => [item.body.name, drawback, judged !== null])).toEqual([
      ['8.52', null, true],
      ['worn', 'dull', true],
      ['5', 'other-size', false],
      ['8.53', 'other-size', false],
    ]);
    expect(pick?.item.body.name).toBe('8.52');
    expect(hss.item?.body.name).toBe('8.52');
    const none = choose(cut, [drill(5)]);
    expect([none.pick, none.hss.item]).toEqual([null, null]);
    expect(none.hss.judged.tool).toMatchObject({ diameterMm: 8.5 });
  });

  it.each<[CutSetup['operation'], Partial<Tool>]>([
    ['centre-drill', { diameterMm: 2 }],
    ['ream', { diameterMm: 8 }],
    ['mill-slot', { diameterMm: 10 }],
    ['plunge', { diameterMm: 10 }],
    ['t-slot', { diameterMm: 21 }],
    ['saw', { thicknessMm: 2 }],
    ['form', { widthMm: 6 }],
    ['form-mill', { widthMm: 4 }],
  ])('%s: the tool makes the size', (operation, size) => {
    const cut = setup({ operation });
    const other = { ...cut.tool, ...size } as Tool;
    expect(choose(cut, [other]).ranked[0]).toMatchObject({ drawback: 'other-size', judged: null });
    expect(choose(cut, [cut.tool]).ranked[0]!.drawback).not.toBe('other-size');
  });

  it('at the side, over a face and into a pocket any size of cutter does', () => {
    for (const operation of ['mill-side', 'ramp', 'face-mill', 'dovetail'] as const) {
      const cut = setup({ operation });
      const other = { ...cut.tool, diameterMm: 16 } as Tool;
      expect(choose(cut, [other]).ranked[0]!.judged).not.toBeNull();
    }
  });

  it('the right end mill for the metal comes before a cheaper one, what matters most first', () => {
    const mill = (name: string, more: Partial<EndMill>) => ({ ...TOOLS['end-mill'], name, ...more });
    const cut = setup({
      operation: 'mill-slot',
      machine: HAND_MILL,
      stock: of('aluminium-wrought'),
      tool: mill('', {}),
    });
    const { ranked } = choose(cut, [
      mill('four flutes', { teeth: 4 }),
      mill('wrong coating', { teeth: 2, coating: 'with-aluminium', material: 'solid-carbide' }),
      mill('right', { teeth: 2 }),
    ]);
    expect(ranked.map(({ item, faults }) => [item.body.name, faults])).toEqual([
      ['right', []],
      ['four flutes', ['flutes']],
      ['wrong coating', ['coating-harms']],
    ]);
    expect(faultsWeigh(['not-centre-cutting'])).toBeGreaterThan(faultsWeigh(['flutes', 'coating-harms']));
    expect(faultsWeigh(['flutes'])).toBeGreaterThan(faultsWeigh(['coating-harms']));
    expect(faultsWeigh([])).toBe(0);
  });

  it('where only one tool of the drawer fits, the other family is as that one would be', () => {
    const thick = { ...TOOLS['boring-bar'], name: 'Thick', barMm: 20 };
    const slim = { ...thick, name: 'Slim', material: 'carbide-coated', barMm: 8 } as Tool;
    const { hss, carbide, inputs } = choose(setup({ operation: 'bore', workDiameterMm: 16, tool: thick }), [
      slim,
    ]);
    expect(carbide.item?.body).toBe(slim);
    expect(hss).toMatchObject({ item: null, inDrawer: false, judged: { family: 'hss', tool: { barMm: 8 } } });
    expect(inputs).toMatchObject({ carbideInDrawer: true, hssInDrawer: false });
  });

  it('lie by rank, then verdict, then surface, then cost, whatever the drawer', () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray<Tool>(
          [
            KNIFE,
            { ...KNIFE, name: 'Worn', dull: true },
            { ...KNIFE, name: 'Round', noseRadiusMm: 1.5 },
            { ...KNIFE, name: 'Cobalt', material: 'hss-co' },
            INSERT,
            POLISHED,
            { ...INSERT, name: 'Brazed', material: 'brazed-carbide' },
          ],
          { minLength: 2 },
        ),
        fc.constantFrom(OLD_LATHE, ORDINARY_LATHE, GEARED_LATHE),
        fc.constantFrom(
          'low-carbon-cold-drawn',
          'alloy-prehard',
          'brass-free-cutting',
          'austenitic-stainless',
        ),
        fc.integer({ min: 10, max: 120 }),
        (tools, machine, metal, workDiameterMm) => {
          const cut = setup({ machine, stock: of(metal), workDiameterMm });
          const { ranked, weighed, pick } = choose(cut, tools, { finishRaUm: 1.6 });
          expect(ranked.length).toBe(tools.length);
          const order = ranked.map(({ rank, family, tooRough, judged }) => [
            rank,
            Number(weighed.verdict !== 'either' && family !== weighed.verdict),
            Number(tooRough),
            judged!.costPerPart,
          ]);
          for (let i = 1; i < order.length; i += 1) {
            const differs = order[i]!.findIndex((value, at) => value !== order[i - 1]![at]);
            if (differs >= 0) expect(order[i]![differs]!).toBeGreaterThan(order[i - 1]![differs]!);
          }
          expect(pick).toBe(ranked[0]);
        },
      ),
      { numRuns: 60 },
    ));

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

  it('what is missing is new, sharp, of the same sizes, and has nothing of the other edge', () => {
    const worn = {
      ...TOOLS['end-mill'],
      dull: true,
      coating: 'with-aluminium',
      rakeDeg: 14,
      material: 'solid-carbide',
    } as const;
    const side = choose(setup({ operation: 'mill-slot', machine: HAND_MILL, tool: worn }), []);
    expect(side.carbide.judged.tool).toEqual({ ...worn, dull: false });
    expect(side.hss.judged.tool).toEqual({
      ...worn,
      dull: false,
      material: 'hss',
      coating: undefined,
      rakeDeg: undefined,
    });
    const drill = choose(setup({ operation: 'drill' }), []).carbide.judged.tool;
    expect(drill).toStrictEqual({ ...TOOLS.drill, material: 'solid-carbide' });
    const file = choose(setup(), []).hss.judged.tool;
    expect(file).toEqual({ ...KNIFE, dull: false });
    expect('coating' in file).toBe(false);
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
