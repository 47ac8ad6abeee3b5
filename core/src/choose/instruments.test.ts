import { DRILL, HAND_MILL, setup, TOOLS } from '../fixture';
import { OPERATION_KEYS, type CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import { chooseInstrument, type Instrument } from './instrument-choice';
import { measuredSizeMm, measuredWith } from './usual-instruments';

describe('the instrument for a tolerance', () => {
  const caliper: Instrument = {
    name: 'caliper',
    features: ['outside', 'inside'],
    resolutionMm: 0.01,
    uExpandedMm: 0.03,
    cost: 35,
    minMm: 0,
    maxMm: 150,
  };
  const micrometer: Instrument = {
    ...caliper,
    name: 'micrometer',
    features: ['outside'],
    uExpandedMm: 0.004,
    cost: 45,
    maxMm: 25,
  };
  const ask = (toleranceWidthMm: number, more = {}) =>
    chooseInstrument({ feature: 'outside', sizeMm: 20, toleranceWidthMm, ratioWanted: 4, ...more }, [
      micrometer,
      caliper,
    ]);

  it('is the cheapest that is fine enough', () => {
    expect(ask(0.5)).toMatchObject({ chosen: caliper, enough: true, acceptWidthMm: 0.44 });
    expect(ask(0.05)).toMatchObject({ chosen: micrometer, enough: true, ratio: 6.25 });
    expect(ask(0.5)!.acceptable.map(({ name }) => name)).toEqual(['caliper', 'micrometer']);
  });

  it('is the best of those that are not, with a guard band, and says so', () => {
    expect(ask(0.02)).toMatchObject({ chosen: micrometer, enough: false, acceptable: [] });
    expect(ask(0.02)!.acceptWidthMm).toBeCloseTo(0.012, 10);
    expect(ask(0.005)!.acceptWidthMm).toBe(0);
  });

  it('a resolution coarser than a quarter of the width is not fine enough', () =>
    expect(
      chooseInstrument({ feature: 'outside', sizeMm: 20, toleranceWidthMm: 0.3, ratioWanted: 4 }, [
        { ...caliper, resolutionMm: 0.1 },
      ]),
    ).toMatchObject({ enough: false, ratio: 5 }));

  it('fine enough begins where the rule says, and measures to both ends of its range', () => {
    // 0.12 is four times twice 0.015: resolution and ratio both just do.
    const just = { ...caliper, uExpandedMm: 0.015, resolutionMm: 0.03 };
    const ask = (sizeMm: number) =>
      chooseInstrument({ feature: 'outside', sizeMm, toleranceWidthMm: 0.12, ratioWanted: 4 }, [just]);
    expect(ask(20)).toMatchObject({ enough: true, ratio: 4 });
    expect(ask(150)?.chosen).toBe(just);
    expect(ask(150.1)).toBeNull();
    const from = { ...just, minMm: 25 };
    const at = (sizeMm: number) =>
      chooseInstrument({ feature: 'outside', sizeMm, toleranceWidthMm: 0.12, ratioWanted: 4 }, [from]);
    expect([at(25)?.chosen, at(24.9)]).toEqual([from, null]);
  });

  it('of equally cheap ones the finer, of equally coarse ones the first', () => {
    const finer = { ...caliper, name: 'finer', uExpandedMm: 0.02 };
    const asked = { feature: 'outside', sizeMm: 20, ratioWanted: 4 } as const;
    const names = chooseInstrument({ ...asked, toleranceWidthMm: 0.5 }, [caliper, finer])!.acceptable;
    expect(names.map(({ name }) => name)).toEqual(['finer', 'caliper']);
    const alike = { ...caliper, name: 'alike' };
    expect(chooseInstrument({ ...asked, toleranceWidthMm: 0.01 }, [caliper, alike])!.chosen).toBe(caliper);
  });

  it.each([
    ['ratio', () => ask(0.1, { ratioWanted: 0 })],
    ['size', () => ask(0.1, { sizeMm: 0 })],
    [
      'instruments',
      () => chooseInstrument({ feature: 'outside', sizeMm: 20, toleranceWidthMm: 1, ratioWanted: 4 }, []),
    ],
    [
      'uncertainty',
      () =>
        chooseInstrument({ feature: 'outside', sizeMm: 20, toleranceWidthMm: 1, ratioWanted: 4 }, [
          { ...caliper, uExpandedMm: 0 },
        ]),
    ],
  ])('refuses a %s that cannot be', (what, run) => expect(run).toThrow(what));

  it('is none for a feature or a size that nothing measures', () => {
    expect(ask(0.1, { feature: 'angle' })).toBeNull();
    expect(ask(0.1, { sizeMm: 500 })).toBeNull();
    expect(() => ask(0)).toThrow('tolerance width');
  });
});

describe('what a cut is measured with', () => {
  const name = (...of: Parameters<typeof measuredWith>) => {
    const found = measuredWith(...of);
    return found === 'template' ? found : found?.chosen.name;
  };

  it('follows the tolerance: a rule, a caliper, a micrometer', () => {
    expect(name('turn', 20, 3)).toBe('Steel rule');
    expect(name('turn', 20, 0.3)).toBe('Caliper');
    expect(name('turn', 20, 0.05)).toBe('Outside micrometer 0 to 25');
    expect(name('turn', 20, 0.02)).toBe('Micrometer with a 0.001 thimble');
  });

  it('a bore is measured inside, a face by its depth', () => {
    expect(name('bore', 30, 0.2)).toBe('Telescopic gauge and micrometer');
    expect(name('bore', 30, 0.04)).toBe('Dial bore gauge set in a ring');
    expect(name('face-mill', 30, 0.06)).toBe('Depth micrometer');
    expect((['drill', 'ream', 'mill-slot'] as const).map((hole) => name(hole, 12, 0.2))).toEqual(
      Array(3).fill('Telescopic gauge and micrometer'),
    );
    expect(name('mill-side', 12, 0.06)).toBe('Outside micrometer 0 to 25');
    expect(measuredWith('turn', 20, 0.005)).toMatchObject({ enough: false });
    expect(measuredWith('bore', 400, 0.1)).toBeNull();
  });

  it('a form is held against a template', () => {
    const forms = OPERATION_KEYS.filter((key) => name(key, 12, 0.1) === 'template');
    expect(forms).toEqual(['thread', 'form', 'chamfer', 'taper', 'form-mill', 't-slot', 'dovetail']);
  });

  it('by the size that the cut makes: the turned or bored diameter, the hole of a drill, the depth of a face', () => {
    const size = (cut: CutSetup) => measuredSizeMm({ setup: cut, plan: cutPlan(cut, DEFAULT_RULES) });
    const milled = (tool: 'face-mill' | 'end-mill', more: Partial<CutSetup>) =>
      setup({ operation: 'face-mill', machine: HAND_MILL, tool: TOOLS[tool], ...more });
    const turned = setup({ workDiameterMm: 30, depthMm: 1 });
    expect(size(turned)).toBe(28);
    expect(size(setup({ operation: 'bore', tool: TOOLS['boring-bar'], workDiameterMm: 40 }))).toBe(40);
    expect(size(setup({ operation: 'drill', tool: { ...DRILL, diameterMm: 8.5 } }))).toBe(8.5);
    expect(size(milled('face-mill', { depthMm: 0.7 }))).toBe(0.7);
    expect(size(setup({ operation: 'face', depthMm: 0.4 }))).toBe(0.4);
    expect(size(milled('end-mill', { operation: 'mill-side', workDiameterMm: 33 }))).toBe(33);
  });
});
