import fc from 'fast-check';
import { breakEven, breakEvenBand } from './break-even';
import { costPerPart, livesOfBlank, regrindsLeft, type CostInputs } from './cost-per-part';
import { COST_INPUTS } from './cost.fixture';
import { tradeOf, usualBreaks } from './usual-prices';

describe('cost of a part', () => {
  it('is the sum of minutes and edges, worked by hand', () => {
    // HSS: 61 lives; (12 + (20 + 60 x 4) x 0.6 + 61 x 0.1)/61 + 2 x 0.6 = 4.0541; (6 + 2) x 0.6 + 4.0541/10.
    const cost = costPerPart(COST_INPUTS);
    expect(cost.hssLives).toBe(61);
    expect(cost.hssCostPerLife).toBeCloseTo(4.0541, 4);
    expect(cost.hssCostPerPart).toBeCloseTo(5.2054, 4);
    // Carbide: 9/4 x 1.05 + 60/400 + 0.6 + 0.5 = 3.6125; (3 + 2) x 0.6 + 3/(20 x 0.95) x 3.6125.
    expect(cost.carbideCostPerEdgeLife).toBeCloseTo(3.6125, 10);
    expect(cost.carbideCostPerPart).toBeCloseTo(3.5704, 4);
    expect(cost.cheaper).toBe('carbide');
  });

  it('rises with every price, minute and risk, falls with life', () =>
    fc.assert(
      fc.property(
        fc.constantFrom<keyof CostInputs>(
          'ratePerMin',
          'idleMin',
          'blankCost',
          'firstGrindMin',
          'regrindMin',
          'wheelCostPerGrind',
          'hssResetMin',
          'hssCutMin',
          'insertCost',
          'extraEdgesLost',
          'holderCost',
          'indexMin',
          'scrapCost',
          'carbideCutMin',
          'breakProbability',
        ),
        fc.double({ min: 1.05, max: 3, noNaN: true }),
        (name, times) => {
          const [before, after] = [
            costPerPart(COST_INPUTS),
            costPerPart({ ...COST_INPUTS, [name]: COST_INPUTS[name] * times }),
          ];
          expect(after.hssCostPerPart + after.carbideCostPerPart).toBeGreaterThan(
            before.hssCostPerPart + before.carbideCostPerPart,
          );
        },
      ),
    ));

  it('an edge that lasts longer is cheaper on its own side only', () => {
    const longer = costPerPart({ ...COST_INPUTS, hssLifeMin: 120 });
    expect(longer.hssToolCost).toBeCloseTo(costPerPart(COST_INPUTS).hssToolCost / 2, 10);
    expect(longer.carbideCostPerPart).toBe(costPerPart(COST_INPUTS).carbideCostPerPart);
  });

  it('a blank gives whole regrinds, and the first edge', () => {
    expect(livesOfBlank(30, 0.5)).toBe(61);
    expect(livesOfBlank(0, 0.5)).toBe(1);
    expect(regrindsLeft(2.9, 1)).toBe(2);
    expect(regrindsLeft(0.3, 0.1)).toBe(3);
  });

  it('says which is the cheaper', () => {
    expect(costPerPart({ ...COST_INPUTS, carbideCutMin: 30 }).cheaper).toBe('hss');
    expect(costPerPart({ ...COST_INPUTS, ratePerMin: 0, blankCost: 0, wheelCostPerGrind: 0 }).cheaper).toBe(
      'hss',
    );
    const free = { ratePerMin: 0, blankCost: 0, wheelCostPerGrind: 0 };
    expect(
      costPerPart({ ...COST_INPUTS, ...free, insertCost: 0, holderCost: 0, scrapCost: 0, indexMin: 0 })
        .cheaper,
    ).toBe('equal');
  });

  it.each<[keyof CostInputs, number, string]>([
    ['ratePerMin', -1, 'cost of a minute'],
    ['idleMin', -1, 'minutes besides cutting'],
    ['blankCost', -1, 'cost of the blank'],
    ['blankUsableMm', -1, 'usable length of the blank'],
    ['regrindRemovedMm', 0, 'length a regrind takes'],
    ['firstGrindMin', -1, 'minutes of the first grind'],
    ['regrindMin', -1, 'minutes of a regrind'],
    ['wheelCostPerGrind', -1, 'wheel cost of a grind'],
    ['hssResetMin', -1, 'minutes to set the bit again'],
    ['hssCutMin', 0, 'HSS cutting time'],
    ['hssLifeMin', 0, 'HSS edge life'],
    ['insertCost', -1, 'cost of an insert'],
    ['edges', 0, 'edges of an insert'],
    ['breakProbability', 1.2, 'chance of a break'],
    ['extraEdgesLost', -1, 'further edges lost'],
    ['holderCost', -1, 'cost of the holder'],
    ['holderEdgeLives', 0, 'edges a holder sees'],
    ['indexMin', -1, 'minutes to index'],
    ['scrapCost', -1, 'cost of a spoilt part'],
    ['carbideCutMin', 0, 'carbide cutting time'],
    ['carbideLifeMin', -1, 'carbide edge life'],
  ])('refuses %s of %d', (name, value, what) =>
    expect(() => costPerPart({ ...COST_INPUTS, [name]: value })).toThrow(what),
  );
});

describe('the break-even', () => {
  it('is where both have cost the same', () => {
    const found = breakEven({ fixed: 8, perPart: 5.2 }, { fixed: 80, perPart: 3.9 });
    expect(8 + found.parts! * 5.2).toBeCloseTo(80 + found.parts! * 3.9, 9);
    expect(found).toMatchObject({ firstWholePart: 56, cheaperBelow: 'hss', cheaperAbove: 'carbide' });
  });

  it('is none where one is never dearer, or both are equal', () => {
    expect(breakEven({ fixed: 8, perPart: 3 }, { fixed: 80, perPart: 3 })).toMatchObject({
      parts: null,
      cheaperAbove: 'hss',
    });
    expect(breakEven({ fixed: 8, perPart: 3 }, { fixed: 8, perPart: 2 }).cheaperBelow).toBe('carbide');
    expect(breakEven({ fixed: 8, perPart: 3 }, { fixed: 8, perPart: 3 }).cheaperBelow).toBe('equal');
    expect(() => breakEven({ fixed: -1, perPart: 3 }, { fixed: 8, perPart: 3 })).toThrow('cost');
  });

  it('has a band from the spread of the difference, open where the other way may never pay', () => {
    expect(breakEvenBand(8, 80, { p10: 1, p50: 2, p90: 4 })).toEqual({ parts: 36, low: 18, high: 72 });
    expect(breakEvenBand(8, 80, { p10: 0.5, p50: 2, p90: 4 })!.high).toBe(144);
    expect(breakEvenBand(8, 80, { p10: -1, p50: 2, p90: 4 })).toEqual({ parts: 36, low: 18, high: null });
    expect(breakEvenBand(8, 80, { p10: 0, p50: 2, p90: 4 })!.high).toBeNull();
    expect(breakEvenBand(8, 80, { p10: -1, p50: 0, p90: 4 })).toBeNull();
    // Carbide costs less to begin: it turns when HSS is the cheaper by the part.
    expect(breakEvenBand(80, 8, { p10: -4, p50: -2, p90: -1 })).toEqual({ parts: 36, low: 18, high: 72 });
    expect(breakEvenBand(8, 80, { p10: -4, p50: -2, p90: -1 })).toBeNull();
    expect(breakEvenBand(8, 8, { p10: 1, p50: 2, p90: 4 })).toBeNull();
  });
});

describe('typical prices', () => {
  it('are of a ground bit for what is ground by hand, else of a bought cutter', () => {
    expect(
      ['turning-tool', 'fly-cutter', 'end-mill', 'drill'].map((kind) => tradeOf(kind as 'drill')),
    ).toEqual(['ground-bit', 'ground-bit', 'bought-cutter', 'bought-cutter']);
  });

  it('an edge breaks oftener on a slack machine and under blows, never more than 0.4', () => {
    expect(usualBreaks('rigid', false)).toBe(0.02);
    expect(usualBreaks('ordinary', true)).toBe(0.2);
    expect(usualBreaks('tired', true)).toBe(0.4);
  });
});
