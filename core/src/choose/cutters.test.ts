import { areaMethods, quickestWithin } from './area-method';
import { endMillChoice, MILL_CUTS, MILLED_GROUPS, millFaults } from './end-mill-choice';
import { startingKit, type KitItem } from './starting-kit';
import { pushPerMm } from './tool-push';
import { groundInstead, kitItems, kitNeeds, kitWhen } from './usual-kit';

describe('the push of an edge', () => {
  const steel = { kc11: 1700, mc: 0.25, perDegree: 0.012, ploughNMmPerUm: 1, chipThicknessMm: 0.1 };

  it('is equal for equal rake and edge, whatever the tool is made of', () =>
    expect(pushPerMm({ rakeDeg: 12, edgeRadiusUm: 8 }, steel)).toBeCloseTo(266.8, 1));

  it('falls with rake by its share, rises with the edge’s radius by a newton a micrometre', () => {
    const at = (rakeDeg: number, edgeRadiusUm: number) => pushPerMm({ rakeDeg, edgeRadiusUm }, steel);
    expect(at(1, 0) / at(0, 0)).toBeCloseTo(0.988, 10);
    expect(at(0, 30) - at(0, 10)).toBeCloseTo(20, 10);
  });

  it.each([
    ['rake', () => pushPerMm({ rakeDeg: 60, edgeRadiusUm: 5 }, steel)],
    ['edge radius', () => pushPerMm({ rakeDeg: 6, edgeRadiusUm: -1 }, steel)],
    ['specific force', () => pushPerMm({ rakeDeg: 6, edgeRadiusUm: 5 }, { ...steel, kc11: 0 })],
    ['chip thickness', () => pushPerMm({ rakeDeg: 6, edgeRadiusUm: 5 }, { ...steel, chipThicknessMm: 0 })],
    ['exponent', () => pushPerMm({ rakeDeg: 6, edgeRadiusUm: 5 }, { ...steel, mc: 1 })],
  ])('refuses a %s that it was not made for', (what, run) => expect(run).toThrow(what));
});

describe('the end mill for a cut', () => {
  it('two or three flutes for a slot in aluminium, four for steel finished at the side', () => {
    expect(endMillChoice('aluminium', 'slot', 'ordinary').flutes).toEqual([2, 3]);
    expect(endMillChoice('low-carbon-steel', 'side-finish', 'rigid')).toMatchObject({
      flutes: [4],
      helixDeg: [35, 45],
    });
  });

  it('a tired machine takes five degrees less helix, but for finishing, and never below none', () => {
    expect(endMillChoice('stainless', 'side-rough', 'tired').helixDeg).toEqual([30, 35]);
    expect(endMillChoice('stainless', 'side-finish', 'tired').helixDeg).toEqual([38, 45]);
    expect(endMillChoice('brass', 'slot', 'tired').helixDeg).toEqual([0, 25]);
  });

  it('only a plunge or a ramp needs teeth to the centre', () =>
    expect(MILL_CUTS.filter((cut) => endMillChoice('brass', cut, 'rigid').centreCuttingNeeded)).toEqual([
      'plunge',
      'ramp',
    ]));

  it('says what is wrong, what stops the cut first', () => {
    const choice = endMillChoice('aluminium', 'plunge', 'ordinary');
    expect(millFaults(choice, { flutes: 4, coating: 'altin', centreCutting: false })).toEqual([
      'not-centre-cutting',
      'flutes',
      'coating-harms',
    ]);
    expect(millFaults(choice, { flutes: 2, coating: 'none', centreCutting: true })).toEqual([]);
  });

  it('no group recommends a coating that harms in it', () => {
    for (const group of MILLED_GROUPS) {
      const { suit, harm } = endMillChoice(group, 'slot', 'ordinary');
      expect(suit.filter((coating) => harm.includes(coating))).toEqual([]);
    }
  });
});

describe('ways over a flat face', () => {
  const face = { widthMm: 90, lengthMm: 200, depthMm: 1, clearanceMm: 3, returnMin: 0.3 };
  const mill = {
    name: 'face mill',
    diameterMm: 63,
    widthShare: 0.7,
    teeth: 4,
    rpm: 500,
    fzMm: 0.1,
    kcNMm2: 2000,
    setupMin: 3,
  };

  it('are worked out by passes, way and return', () => {
    const [way] = areaMethods(face, [mill]);
    // 90/44.1 = 3 passes; 3 + 3 x 269/200 + 2 x 0.3 = 7.635 minutes; 1 x 44.1 x 200 x 2000/60e6 kW.
    expect(way).toMatchObject({ passes: 3, stepsBetweenPasses: 2 });
    expect(way!.minutes).toBeCloseTo(7.635, 10);
    expect(way!.powerKw).toBeCloseTo(0.294, 10);
  });

  it('the quickest of those that the machine drives; none when it drives none', () => {
    const ways = areaMethods(face, [mill, { ...mill, name: 'fly cutter', teeth: 1 }]);
    expect(quickestWithin(ways, 1)?.name).toBe('face mill');
    expect(quickestWithin(ways, 0.1)?.name).toBe('fly cutter');
    expect(quickestWithin(ways, 0.01)).toBeNull();
    // Driven to the last watt is driven; of equal ones the first.
    expect(quickestWithin(ways, ways[0]!.powerKw)?.name).toBe('face mill');
    expect(quickestWithin(areaMethods(face, [{ ...mill, name: 'a' }, mill]), 1)?.name).toBe('a');
  });

  it('a width of just so many strips takes no further one', () =>
    expect(areaMethods({ ...face, widthMm: 88.2 }, [mill])[0]!.passes).toBe(2));

  it.each([
    ['width', { ...face, widthMm: 0 }, mill],
    ['length', { ...face, lengthMm: 0 }, mill],
    ['depth', { ...face, depthMm: 0 }, mill],
    ['clearance', { ...face, clearanceMm: -1 }, mill],
    ['share of the diameter', face, { ...mill, widthShare: 1.1 }],
    ['diameter', face, { ...mill, diameterMm: 0 }],
    ['speed', face, { ...mill, rpm: 0 }],
    ['teeth', face, { ...mill, teeth: 0 }],
    ['feed per tooth', face, { ...mill, fzMm: 0 }],
    ['specific force', face, { ...mill, kcNMm2: 0 }],
  ])('refuses a %s that cannot be', (what, of, way) => expect(() => areaMethods(of, [way])).toThrow(what));
});

describe('the starting kit', () => {
  const items: readonly KitItem[] = [
    { name: 'caliper', cost: 35, covers: { outside: 0.7, inside: 0.5 } },
    { name: 'micrometer', cost: 45, covers: { outside: 0.8 } },
    { name: 'telescopic gauges', cost: 35, covers: { inside: 0.9 }, after: ['micrometer'] },
  ];
  const kit = (budget: number, more = {}) =>
    startingKit({ needs: { outside: 5, inside: 3 }, items, budget, leastGain: 0.05, ...more });

  it('buys what covers most for its money, then what that leaves open', () => {
    // Caliper 5/35; then micrometer 1.2/45 alone opens the way to the gauges, 1.35/35.
    expect(kit(200).steps.map(({ name }) => name)).toEqual(['caliper', 'micrometer', 'telescopic gauges']);
    expect(kit(200).spent).toBe(115);
    expect(kit(200).usefulness).toBeCloseTo(1 - (5 * 0.3 * 0.2 + 3 * 0.5 * 0.1) / 8, 10);
  });

  it('never spends more than the budget, and stops at what covers nearly nothing', () => {
    expect(kit(40).steps.map(({ name }) => name)).toEqual(['caliper']);
    expect(kit(20).steps).toEqual([]);
    expect(kit(200, { leastGain: 1.3 }).steps.map(({ name }) => name)).toEqual(['caliper']);
  });

  it('spends the last coin, and of two alike takes the first', () => {
    expect(kit(35).steps.map(({ name }) => name)).toEqual(['caliper']);
    const alike = items.slice(0, 1).concat({ ...items[0]!, name: 'second caliper' });
    expect(kit(35, { items: alike }).steps[0]!.name).toBe('caliper');
    // What covers just the least is not worth it: the caliper covers 5 x 0.7 + 3 x 0.5.
    expect(kit(35, { leastGain: 5 }).steps).toEqual([]);
  });

  it('counts what is there already', () => {
    const own = kit(200, { have: ['caliper'] });
    expect(own.steps.map(({ name }) => name)).toEqual(['micrometer', 'telescopic gauges']);
    expect(kit(0, { have: ['caliper'] }).usefulness).toBeCloseTo(5 / 8, 10);
  });

  it('refuses a cost of nothing and a share beyond one', () => {
    expect(() => kit(10, { items: [{ name: 'x', cost: 0, covers: {} }] })).toThrow('cost');
    expect(() => kit(10, { items: [{ name: 'x', cost: 1, covers: { outside: 1.5 } }] })).toThrow('share');
    expect(() => kit(-1)).toThrow('budget');
    expect(() => kit(10, { needs: { outside: -1 } })).toThrow('weight of a need');
    expect(startingKit({ needs: {}, items, budget: 100, leastGain: 0 }).usefulness).toBe(0);
  });
});

describe('the usual kit', () => {
  const names = (...of: Parameters<typeof kitItems>) => kitItems(...of).map((item) => item.name);
  const metals = { soft: true, steel: true, hard: true };

  it('has what is of use on the machine, and nothing else', () => {
    expect(names('lathe', 'neither')).toContain('Insert holder with coated inserts');
    expect(names('lathe', 'neither')).not.toContain('Face mill 50 with inserts');
    expect(names('vertical-mill', 'neither')).toContain('Face mill 50 with inserts');
    const edges = (metals: Parameters<typeof kitNeeds>[1]) =>
      Object.entries(kitNeeds('lathe', metals)).filter(([need]) => need.startsWith('edge-for'));
    expect(edges({ soft: true, steel: false, hard: false })).toEqual([['edge-for-soft', 4]]);
    expect(edges({ soft: false, steel: true, hard: false })).toEqual([['edge-for-steel', 5]]);
    expect(edges({ soft: false, steel: false, hard: true })).toEqual([['edge-for-hard', 4]]);
  });

  it('every need of every machine is covered by something, every share lies in 0 to 1', () => {
    for (const machine of ['lathe', 'vertical-mill', 'horizontal-mill', 'drill-press', 'shaper'] as const)
      for (const school of ['neither', 'hss-first', 'inserts-first'] as const) {
        const items = kitItems(machine, school);
        const covered = new Set(items.flatMap(({ covers }) => Object.keys(covers)));
        const drills = machine === 'drill-press';
        for (const need of Object.keys(
          kitNeeds(machine, drills ? { soft: false, steel: false, hard: false } : metals),
        ))
          expect(covered).toContain(need);
        const kit = startingKit({ needs: kitNeeds(machine, metals), items, budget: 1e4, leastGain: 0.05 });
        expect(kit.usefulness).toBeGreaterThan(drills ? 0.4 : 0.7);
      }
  });

  it('a school counts what it likes more and the other less', () => {
    const share = (school: Parameters<typeof kitItems>[1], name: string) =>
      kitItems('lathe', school).find((item) => item.name === name)!.covers['edge-for-steel']!;
    expect(share('hss-first', 'HSS blanks, three')).toBeCloseTo(0.84, 10);
    expect(share('inserts-first', 'HSS blanks, three')).toBeCloseTo(0.56, 10);
    expect(share('inserts-first', 'Insert holder with coated inserts')).toBeCloseTo(0.84, 10);
    expect(share('hss-first', 'Insert holder with coated inserts')).toBeCloseTo(0.56, 10);
    expect(share('neither', 'HSS blanks, three')).toBe(0.7);
    // A caliper belongs to no school.
    const caliper = (school: Parameters<typeof kitItems>[1]) =>
      kitItems('lathe', school).find(({ name }) => name === 'Digital caliper')!.covers;
    expect(caliper('hss-first')).toEqual(caliper('neither'));
    expect(caliper('inserts-first')).toEqual(caliper('neither'));
  });

  it('says when to buy, and what to grind instead', () => {
    expect(kitWhen([5, 3, 1, 1])).toEqual(['first', 'second', 'second', 'later']);
    expect(groundInstead('HSS blanks, three')).toMatch(/knife tool/);
    expect(groundInstead('Tachometer')).toBeNull();
    expect(groundInstead('No such thing')).toBeNull();
  });
});
