import { DRILL, END_MILL, HAND_MILL, setup, SHAPER, TOOLS } from '../fixture';
import type { Machine } from '../machine/machine';
import { material } from '../material/library';
import { of as golden } from '../operation/golden.fixture';
import { operationOf, type CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import type { EndMill } from '../tool/tool';
import { BOTH, choose, KNIFE, ORDINARY_LATHE } from './choice.fixture';
import { edgeFeed } from './edge-feed';
import { edgePush, pushOfBoth } from './edge-push';
import { metalCharacter } from './metal-character';
import { millAdvice } from './mill-advice';
import { milledGroup } from './milled-group';
import { stiffnessOf } from './stiffness';

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
    // Long chips of aluminium and plastic wind up; those of mild steel are broken by any groove.
    expect(['aluminium-wrought', 'acetal', 'titanium-alloy', 'nylon'].map((key) => of(key).chip)).toEqual(
      Array(4).fill('stringy'),
    );
    expect(['medium-carbon', 'phosphor-bronze', 'low-carbon-hot-rolled'].map((key) => of(key).chip)).toEqual(
      Array(3).fill('medium'),
    );
    expect(['grey-iron', 'brass-free-cutting', 'zinc-alloy', 'acrylic'].map((key) => of(key).chip)).toEqual(
      Array(4).fill('short'),
    );
    expect(['brass-other', 'medium-carbon', 'austenitic-stainless'].some((key) => of(key).gummy)).toBe(false);
    expect(['titanium-alloy', 'medium-carbon', 'grey-iron'].map((key) => of(key).hotAlloy)).toEqual([
      true,
      false,
      false,
    ]);
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
    expect(milledGroup({ ...material('alloy-prehard'), hardnessHb: [350, 450] })).toBe('tool-steel-hard');
    expect(milledGroup({ ...material('alloy-prehard'), hardnessHb: [349, 450] })).toBe('alloy-steel');
    expect(milledGroup({ ...material('alloy-prehard'), hardnessHb: null })).toBe('alloy-steel');
    expect(milledGroup({ ...material('ductile-iron'), hardnessHb: [400, 450] })).toBe('cast-iron');
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

  it('a coating is looked at by what it holds; teeth to the centre are taken for granted', () => {
    const cut = setup({ operation: 'mill-slot', machine: HAND_MILL, stock: golden('aluminium-wrought') });
    const { judged } = choose(cut, [cut.tool]).hss;
    const faults = (more: Partial<EndMill>) =>
      millAdvice({ ...judged.setup, tool: { ...TOOLS['end-mill'], teeth: 2, ...more } }, judged.plan).faults;
    expect(faults({})).toEqual([]);
    expect(faults({ coating: 'with-aluminium' })).toEqual(['coating-harms']);
    expect(faults({ coating: 'without-aluminium' })).toEqual([]);
    const plunge = setup({ operation: 'plunge', machine: HAND_MILL, stock: golden('aluminium-wrought') });
    const down = choose(plunge, [plunge.tool]).hss.judged;
    const centre = (centreCutting?: boolean) =>
      millAdvice({ ...down.setup, tool: { ...TOOLS['end-mill'], teeth: 2, centreCutting } }, down.plan)
        .faults;
    expect([centre(), centre(true), centre(false)]).toEqual([[], [], ['not-centre-cutting']]);
  });

  it('a narrow side cut is a finishing one', () => {
    const side = (widthMm: number) => {
      const cut = setup({ operation: 'mill-side', machine: HAND_MILL, widthMm, depthMm: 5 });
      const { judged } = choose(cut, [cut.tool]).hss;
      return millAdvice({ ...judged.setup, tool: TOOLS['end-mill'] }, judged.plan).cut;
    };
    // A tenth of the cutter of 12 mm.
    expect([side(0.5), side(1.2), side(1.3), side(4)]).toEqual([
      'side-finish',
      'side-finish',
      'side-rough',
      'side-rough',
    ]);
  });

  it('a sharper edge with more rake pushes less in the same metal', () => {
    const { hss, carbide } = choose(setup(), BOTH);
    const [a, b] = [edgePush(hss.judged, 0.1), edgePush(carbide.judged, 0.1)];
    expect(a).toMatchObject({ rakeDeg: 12, edgeRadiusUm: 6 });
    expect(b).toMatchObject({ rakeDeg: 6, edgeRadiusUm: 40 });
    expect(a.nPerMm).toBeLessThan(b.nPerMm);
    // The force of the library holds at its own rake of 6 degrees: brought to zero rake, then to that of the edge.
    const { kc11, mc } = hss.judged.plan.metal;
    const zero = kc11 / (1 - 0.012 * 6);
    expect(a.nPerMm).toBeCloseTo(zero * 0.1 ** (1 - mc) * (1 - 0.012 * 12) + 6, 6);
    expect(b.nPerMm).toBeCloseTo(zero * 0.1 ** (1 - mc) * (1 - 0.012 * 6) + 40, 6);
  });

  it('both edges push at the chip of the cut: the pass of a thread, not its pitch', () => {
    const thread = setup({
      operation: 'thread',
      tool: TOOLS['threading-tool'],
      pitchMm: 2,
      workDiameterMm: 20,
    });
    const chosen = choose(thread, [TOOLS['threading-tool']]);
    const chipMm = operationOf(thread).chipThicknessMm(thread, chosen.carbide.judged.plan);
    expect(chipMm).toBeLessThan(0.4);
    expect(pushOfBoth(chosen)).toEqual({
      hss: edgePush(chosen.hss.judged, chipMm),
      carbide: edgePush(chosen.carbide.judged, chipMm),
    });
    expect(chosen.inputs.feedMm).toBe(chipMm);
  });

  it('the feed of an edge is of the turn, the stroke, the tooth, or the chip where edges share it', () => {
    const feed = (cut: CutSetup) => {
      const plan = cutPlan(cut, DEFAULT_RULES);
      return {
        ...edgeFeed({ setup: cut, plan }),
        ofTurn: edgeFeed({ setup: cut, plan }).mm / plan.feed.mmRev,
      };
    };
    expect(feed(setup())).toMatchObject({ of: 'rev', ofTurn: 1 });
    expect(feed(setup({ tool: { ...KNIFE, approachDeg: 45 } }))).toMatchObject({ of: 'rev', ofTurn: 1 });
    expect(feed(setup({ operation: 'part', tool: TOOLS['parting-blade'] }))).toMatchObject({ of: 'rev' });
    expect(feed(setup({ operation: 'shape', machine: SHAPER }))).toMatchObject({ of: 'stroke', ofTurn: 1 });
    const slot = setup({ operation: 'mill-slot', machine: HAND_MILL, tool: { ...END_MILL, teeth: 4 } });
    expect(feed(slot)).toMatchObject({ of: 'tooth', ofTurn: 0.25 });
    // Two lips, each cutting at half of the point's 118 degrees.
    const drilled = feed(setup({ operation: 'drill', tool: DRILL }));
    expect(drilled.of).toBe('chip');
    expect(drilled.ofTurn).toBeCloseTo(0.4286, 4);
    const reamed = feed(setup({ operation: 'ream', tool: { ...TOOLS.reamer, teeth: 6 } }));
    expect(reamed).toMatchObject({ of: 'chip' });
    expect(reamed.ofTurn).toBeCloseTo(1 / 6, 10);
  });
});
