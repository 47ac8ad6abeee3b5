import { DRILL, HAND_MILL, setup, TOOLS } from '../fixture';
import { OPERATION_KEYS, OPERATIONS, type CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import { chooseInstrument, type Instrument } from './instrument-choice';
import { measuredWith, usualInstrument } from './usual-instruments';

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

describe('the usual instrument', () => {
  const name = (...of: Parameters<typeof usualInstrument>) => usualInstrument(...of)?.chosen.name;

  it('follows the tolerance: a rule, a caliper, a micrometer', () => {
    expect(name('outside', 20, 3)).toBe('Steel rule');
    expect(name('outside', 20, 0.3)).toBe('Caliper');
    expect(name('outside', 20, 0.05)).toBe('Outside micrometer 0 to 25');
    expect(name('outside', 20, 0.02)).toBe('Micrometer with a 0.001 thimble');
  });

  it('reaches into a bore and down a depth; some sizes nothing reaches', () => {
    expect(name('inside', 30, 0.2)).toBe('Telescopic gauge and micrometer');
    expect(name('inside', 30, 0.04)).toBe('Dial bore gauge set in a ring');
    expect(name('depth', 30, 0.06)).toBe('Depth micrometer');
    expect(usualInstrument('outside', 20, 0.005)).toMatchObject({ enough: false });
    expect(usualInstrument('inside', 400, 0.1)).toBeNull();
  });
});

describe('what a planned cut is measured with', () => {
  const of = (cut: CutSetup, toleranceMm: number) =>
    measuredWith({ setup: cut, plan: cutPlan(cut, DEFAULT_RULES) }, toleranceMm);
  const name = (cut: CutSetup, toleranceMm: number) => {
    const found = of(cut, toleranceMm);
    return found === 'template' ? found : found?.chosen.name;
  };
  const milled = (tool: 'face-mill' | 'end-mill' | 'slitting-saw', more: Partial<CutSetup>) =>
    setup({ operation: 'face-mill', machine: HAND_MILL, tool: TOOLS[tool], ...more });

  it('a bar by the diameter it will have, a bore and the hole of a drill or a reamer inside', () => {
    expect(name(setup({ workDiameterMm: 26, depthMm: 1 }), 0.05)).toBe('Outside micrometer 0 to 25');
    expect(name(setup({ workDiameterMm: 28, depthMm: 1 }), 0.05)).toBe('Outside micrometer 25 to 50');
    const bored = setup({ operation: 'bore', tool: TOOLS['boring-bar'], workDiameterMm: 40 });
    expect(name(bored, 0.2)).toBe('Telescopic gauge and micrometer');
    const drilled = (diameterMm: number) => setup({ operation: 'drill', tool: { ...DRILL, diameterMm } });
    expect(name(drilled(12), 0.2)).toBe('Telescopic gauge and micrometer');
    expect(name(drilled(6), 0.4)).toBe('Caliper, inside jaws');
    expect(of(drilled(4), 0.4)).toBeNull();
    expect(name(setup({ operation: 'ream', tool: TOOLS.reamer }), 0.2)).toMatch(/^Telescopic gauge/);
  });

  it('a face and a length by the depth, whatever the cutter; a milled side by the work', () => {
    expect(name(milled('face-mill', { depthMm: 0.7 }), 0.06)).toBe('Depth micrometer');
    expect(name(setup({ operation: 'face', workDiameterMm: 160, depthMm: 0.4 }), 0.06)).toBe(
      'Depth micrometer',
    );
    expect(name(setup({ operation: 'part', tool: TOOLS['parting-blade'] }), 0.3)).toBe('Caliper');
    const side = (workDiameterMm: number) => milled('end-mill', { operation: 'mill-side', workDiameterMm });
    expect(name(side(20), 0.05)).toBe('Outside micrometer 0 to 25');
    expect(name(side(33), 0.05)).toBe('Outside micrometer 25 to 50');
    expect(name(milled('end-mill', { operation: 'mill-slot' }), 0.5)).toBe('Caliper, inside jaws');
    expect(of(milled('slitting-saw', { operation: 'saw' }), 0.5)).toBeNull();
  });

  it('a form is held against a template', () => {
    const forms = OPERATION_KEYS.filter((key) => OPERATIONS[key].measured === 'form');
    expect(forms).toEqual(['thread', 'form', 'chamfer', 'taper', 'form-mill', 't-slot', 'dovetail']);
    expect(of(setup({ operation: 'thread', tool: TOOLS['threading-tool'], pitchMm: 2 }), 0.1)).toBe(
      'template',
    );
  });
});
