import fc from 'fast-check';
import { arcOfError, compoundIndexing, nearestHoles, PLATE_SETS, simpleIndexing } from './dividing';
import { differentialDividing } from './differential-dividing';
import { USUAL_HEAD_GEARS } from './dividing';

const plates = PLATE_SETS['three-plates'];

describe('simple indexing', () => {
  it('comes round after all divisions on every circle offered', () =>
    fc.assert(
      fc.property(fc.constantFrom(40, 60, 90), fc.integer({ min: 2, max: 200 }), (ratio, divisions) => {
        const found = simpleIndexing(ratio, divisions, plates);
        const turns = found.exact
          ? found.choices.map(({ circle, spaces }) => (found.fullTurns + spaces / circle) * divisions)
          : [];
        turns.forEach((turn) => expect(turn).toBeCloseTo(ratio, 9));
      }),
    ));

  it('divides 7 by 5 turns and 15 of 21', () =>
    expect(simpleIndexing(40, 7, plates)).toEqual({
      exact: true,
      fullTurns: 5,
      choices: [
        { circle: 21, spaces: 15 },
        { circle: 49, spaces: 35 },
      ],
    }));

  it('goes to the nearest holes where nothing is exact, no hole farther off than half a hole', () => {
    const found = simpleIndexing(40, 127, plates) as { exact: false; circle: number; maxErrorArcsec: number };
    expect(found.exact).toBe(false);
    const places = nearestHoles(40, 127, found.circle);
    expect(Math.max(...places.map(({ errorArcsec }) => Math.abs(errorArcsec)))).toBeCloseTo(
      found.maxErrorArcsec,
      6,
    );
    expect(arcOfError(found.maxErrorArcsec, 64)).toBeCloseTo((found.maxErrorArcsec / 206264.806) * 32, 9);
  });

  it('refuses no divisions, and plates without holes', () => {
    expect(() => simpleIndexing(40, 0, plates)).toThrow('divisions');
    expect(() => simpleIndexing(40, 12, [[]])).toThrow('circles');
  });
});

describe('compound indexing', () => {
  it('adds up exactly wherever it is found', () => {
    const found = [77, 91, 69, 51, 63].map((divisions) => ({
      divisions,
      way: compoundIndexing(40, divisions, plates)!,
    }));
    found.forEach(({ divisions, way: { first, second } }) =>
      expect(first.holes / first.circle + second.holes / second.circle).toBeCloseTo(40 / divisions, 12),
    );
    expect(found[0]!.way.totalHoles).toBe(12);
  });

  it('has no way for a prime above every circle', () => expect(compoundIndexing(40, 127, plates)).toBeNull());
});

describe('differential dividing', () => {
  it('turns crank and plate together by the wanted division', () => {
    const found = [127, 97, 83, 101, 61].map((divisions) => ({
      divisions,
      way: differentialDividing(40, divisions, null, plates, USUAL_HEAD_GEARS, 15)!,
    }));
    found.forEach(({ divisions, way }) => {
      const value = way.gearValue.num / way.gearValue.den;
      const train =
        way.gears.drivers.reduce((p, g) => p * g, 1) / way.gears.driven.reduce((p, g) => p * g, 1);
      expect(train).toBeCloseTo(Math.abs(value), 12);
      // Over one turn of the work: divisions x crank turns of the trial, less what the plate turned itself.
      expect(divisions * (way.crankTurns.num / way.crankTurns.den) + value).toBeCloseTo(40, 9);
    });
  });

  it('is 120 with 56 over 24 against the crank for 127', () =>
    expect(differentialDividing(40, 127, null, plates, USUAL_HEAD_GEARS, 15)).toMatchObject({
      trialDivisions: 120,
      plateDirection: 'against-crank',
      crankTurns: { num: 1, den: 3 },
      gears: { drivers: [56], driven: [24] },
    }));

  it('has no way for a trial that the gears do not reach', () =>
    expect(differentialDividing(40, 127, 124, plates, USUAL_HEAD_GEARS, 15)).toBeNull());
});
