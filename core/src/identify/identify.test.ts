import fc from 'fast-check';
import { densityOf, expectedOfWeighing } from './density';
import { edgeOf } from './edge-of';
import { identify, type Evidence } from './identify';
import {
  bySubstance,
  DRAWER_ODDS,
  entropyBits,
  likeliest,
  shares,
  SUBSTANCES,
  type Substance,
} from './substance';
import { likelihood, observationsOf, testFacts, TESTS } from './tests-of-a-cutter';

/** A carbide rod, weighed and measured. */
const ROD = {
  kind: 'cylinder',
  massG: 113.5,
  uMassG: 0.05,
  diameterMm: 10,
  uDiameterMm: 0.02,
  lengthMm: 100,
  uLengthMm: 0.05,
} as const;
const NO_ODDS = bySubstance(() => 0);

const total = (odds: Readonly<Record<string, number>>) => Object.values(odds).reduce((sum, p) => sum + p, 0);

describe('the table of tests', () => {
  it.each(TESTS)('%s: every column of it adds up to one, and nothing is impossible', (test) => {
    const rows = observationsOf(test).map((observation) => likelihood(test, observation));
    for (const substance of SUBSTANCES) {
      expect(rows.reduce((sum, row) => sum + row[substance], 0)).toBeCloseTo(1, 12);
      for (const row of rows) expect(row[substance]).toBeGreaterThan(0.0015);
    }
  });
});

describe('what a cutter is made of', () => {
  it('starts from the odds of a drawer and asks for the magnet first', () => {
    const found = identify({});
    expect(total(DRAWER_ODDS)).toBeCloseTo(1, 12);
    expect(found).toMatchObject({ best: 'hss', sure: false, next: 'magnet', density: null });
  });

  it('a heavy rod that no magnet holds and only diamond cuts is carbide, and sure', () => {
    const found = identify({ magnet: 'weak', stone: 'only-silicon-carbide-or-diamond', weighing: ROD });
    expect(found).toMatchObject({ best: 'carbide', sure: true, next: null, contradictory: false });
    expect(found.density!.gCm3).toBeCloseTo(14.45, 2);
  });

  it('never gives the spark test while a safe one tells something', () =>
    fc.assert(
      fc.property(
        fc.record(
          Object.fromEntries(
            TESTS.map((test) => [
              test,
              fc.option(fc.constantFrom(...observationsOf(test)), { nil: undefined }),
            ]),
          ) as { magnet: fc.Arbitrary<'strong' | 'weak' | 'none' | undefined> },
        ),
        (seen) => {
          const found = identify(seen);
          expect(total(found.odds)).toBeCloseTo(1, 10);
          expect(found.best).toBe(likeliest(found.odds));
          // What was done is not asked for again.
          const open = TESTS.filter((test) => seen[test as keyof typeof seen] === undefined);
          expect(Object.keys(found.gainBits)).toEqual(open);
          const safe = Object.entries(found.gainBits).filter(([test]) => test !== 'spark');
          const telling = safe.some(([, gain]) => (gain ?? 0) >= 0.05);
          expect(telling && found.next === 'spark').toBe(false);
          if (found.next) expect(open).toContain(found.next);
          // Nothing is weighed for its own sake.
          if (found.weighNext) {
            expect(found.sure).toBe(false);
            expect(found.weighingBits).toBeGreaterThanOrEqual(0.05);
          }
          // No test that is as quick tells more.
          const { minutes, hazard } = testFacts(found.next ?? 'spark');
          for (const test of open)
            if (!hazard && testFacts(test).minutes === minutes)
              expect(found.gainBits[test]).toBeLessThanOrEqual(found.gainBits[found.next!]!);
        },
      ),
    ));

  it.each([
    // The quickest of those that tell nearly as much as the best; of equally quick ones the one that tells more.
    [{}, 'magnet'],
    [{ stone: 'file-bites' }, 'magnet'],
    [{ spark: 'none' }, 'colour'],
    [{ shank: 'black-or-forged' }, 'failure'],
    [{ colour: 'matt-grey', spark: 'none' }, 'shank'],
    [{ spark: 'orange-few-forks' }, 'stone'],
    // Nothing safe tells enough: the wheel, or nothing at all.
    [{ failure: 'worn-round', stone: 'aluminium-oxide-cuts' }, 'spark'],
    [
      { magnet: 'strong', colour: 'bright-steel', stone: 'aluminium-oxide-cuts', spark: 'short-dull-red' },
      null,
    ],
  ] as const)('after %j comes %s', (seen, next) => expect(identify(seen).next).toBe(next));

  it('is weighed where that tells more than twice as much, and before it is ground', () => {
    expect(identify({})).toMatchObject({ next: 'magnet', weighNext: false });
    expect(identify({}).weighingBits).toBeCloseTo(1.273, 3);
    expect(identify({ magnet: 'weak' })).toMatchObject({ next: 'stone', weighNext: true });
    expect(identify({ failure: 'worn-round', stone: 'aluminium-oxide-cuts' })).toMatchObject({
      next: 'spark',
      weighNext: true,
    });
    expect(identify({ magnet: 'weak', weighing: ROD })).toMatchObject({
      weighingBits: null,
      weighNext: false,
    });
  });

  it('weighing cannot be expected to add doubt, and tells nothing where nothing is open', () => {
    expect(expectedOfWeighing({ ...NO_ODDS, hss: 1 })).toBeCloseTo(0, 12);
    // Steel from carbide: all of the one bit but what odd parts leave.
    expect(expectedOfWeighing({ ...NO_ODDS, hss: 0.5, carbide: 0.5 })).toBeCloseTo(0.976, 3);
    expect(expectedOfWeighing({ ...NO_ODDS, hss: 0.5, 'cobalt-hss': 0.5 })).toBeLessThan(0.05);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 7, maxLength: 7 }),
        (weights) => {
          const odds = shares(bySubstance((_, i) => weights[i]!));
          const bits = expectedOfWeighing(odds);
          return bits > -1e-12 && bits < entropyBits(odds);
        },
      ),
    );
  });

  it('a test cannot be expected to add doubt', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...observationsOf('magnet')),
        fc.constantFrom(...observationsOf('failure')),
        (magnet, failure) =>
          Object.values(identify({ magnet, failure }).gainBits).every((gain) => gain > -1e-12),
      ),
    ));

  it('says that observations do not fit together, and keeps odds all the same', () => {
    // A tool that a magnet jumps to, bright as steel, that a file cannot touch and diamond skates on.
    const found = identify({
      magnet: 'strong',
      colour: 'white-or-black-matt',
      shank: 'black-or-forged',
      stone: 'diamond-skates',
      spark: 'white-bursting-forks',
    });
    expect(found.contradictory).toBe(true);
    expect(total(found.odds)).toBeCloseTo(1, 10);
    expect(identify({ magnet: 'strong' }).contradictory).toBe(false);
  });
});

describe('density', () => {
  it('of a block, and of a thing hung in water', () => {
    expect(
      densityOf({ kind: 'block', massG: 80.6, uMassG: 0.1, sidesMm: [10, 10, 100], uSidesMm: [0, 0, 0] })
        .gCm3,
    ).toBeCloseTo(8.06, 10);
    // 9.6 g in air, 8.15 g in water: 1.45 g of water pushed aside.
    expect(
      densityOf({ kind: 'hung-in-water', massG: 9.6, uMassG: 0.02, massInWaterG: 8.15, waterGCm3: 0.998 })
        .gCm3,
    ).toBeCloseTo(6.607, 3);
  });

  it('is known no better than its worst measure', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.2, noNaN: true }), (uDiameterMm) => {
        const rod = {
          kind: 'cylinder',
          massG: 60,
          uMassG: 0.1,
          diameterMm: 10,
          uDiameterMm,
          lengthMm: 100,
          uLengthMm: 0.1,
        } as const;
        const { gCm3, uGCm3 } = densityOf(rod);
        expect(uGCm3 / gCm3).toBeGreaterThanOrEqual((2 * uDiameterMm) / 10 - 1e-12);
      }),
    ));

  it.each([
    [{ kind: 'hung-in-water', massG: 5, uMassG: 0.01, massInWaterG: 5, waterGCm3: 1 }, 'mass in water'],
    [{ kind: 'hung-in-water', massG: 0, uMassG: 0.01, massInWaterG: 0, waterGCm3: 1 }, 'mass'],
    [{ kind: 'hung-in-water', massG: 5, uMassG: 0.01, massInWaterG: 4, waterGCm3: 0 }, 'density of water'],
    [{ ...ROD, lengthMm: 0 }, 'length'],
    [{ ...ROD, uDiameterMm: -1 }, 'uncertainty of diameter'],
    [{ kind: 'block', massG: 80, uMassG: 1, sidesMm: [10, 0, 100], uSidesMm: [0, 0, 0] }, 'side'],
    // Lighter than plastic: a wrong size or a wrong reading.
    [{ kind: 'block', massG: 5, uMassG: 0.1, sidesMm: [10, 10, 100], uSidesMm: [0, 0, 0] }, 'density'],
    [{ kind: 'block', massG: 800, uMassG: 0.1, sidesMm: [10, 10, 100], uSidesMm: [0, 0, 0] }, 'density'],
    [
      { kind: 'block', massG: 80, uMassG: -1, sidesMm: [10, 10, 100], uSidesMm: [0, 0, 0] },
      'uncertainty of mass',
    ],
  ] as const)('refuses %j', (bad, what) => expect(() => densityOf(bad)).toThrow(what));
});

describe('the speeds of an identified cutter', () => {
  const steel = { magnet: 'strong', stone: 'aluminium-oxide-cuts' } as const;

  it.each<[Evidence, string | null]>([
    [{}, 'hss'],
    // Cobalt, or plain high speed steel: nothing tells which, so the slower of the two.
    [{ ...steel, failure: 'clean-glassy-break', shank: 'welded-two-metal', spark: 'short-dull-red' }, 'hss'],
    [{ ...steel, spark: 'white-bursting-forks' }, 'carbon-steel'],
    [{ magnet: 'weak', weighing: ROD }, 'solid-carbide'],
    [{ magnet: 'none', colour: 'white-or-black-matt', stone: 'diamond-skates' }, null],
  ])('of %j are those of %s', (seen, edge) => expect(edgeOf(identify(seen))).toBe(edge));

  it('are those of cobalt only when it is sure, of cermet those of uncoated carbide', () => {
    const of = (best: Substance, share: number) =>
      edgeOf({ ...identify({}), best, steels: 0.99, odds: { ...NO_ODDS, [best]: share } });
    expect([of('cobalt-hss', 0.949), of('cobalt-hss', 0.95)]).toEqual(['hss', 'hss-co']);
    expect([of('cermet', 0.96), of('pcd-tipped', 0.96)]).toEqual(['carbide-uncoated', null]);
    // Not even surely a steel: what is likeliest, with its own speeds.
    expect(edgeOf({ ...identify({}), best: 'cobalt-hss', steels: 0.89 })).toBe('hss-co');
    expect(edgeOf({ ...identify({}), best: 'cobalt-hss', steels: 0.9 })).toBe('hss');
  });
});
