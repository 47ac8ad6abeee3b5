import { costPerPart, USUAL_PRICES } from '@pike-stone/core/choose';
import { COST_INPUTS } from '@pike-stone/core/choose-fixture';
import fc from 'fast-check';
import { PRICE_LIMITS, pricesBody } from './prices';

it('takes the typical prices of every trade, and some of them only', () => {
  for (const prices of Object.values(USUAL_PRICES)) expect(pricesBody.parse(prices)).toEqual(prices);
  expect(pricesBody.parse({ insertCost: 8.5 })).toEqual({ insertCost: 8.5 });
});

it.each([
  [{ edges: 0 }, 'edges'],
  [{ regrindRemovedMm: 0 }, 'regrindRemovedMm'],
  [{ insertCost: -1 }, 'insertCost'],
  [{ ratePerMin: Number.NaN }, 'ratePerMin'],
  [{ holderCost: 'dear' }, 'holderCost'],
])('refuses %j at its field', (prices, field) =>
  expect(pricesBody.safeParse(prices).error!.issues[0]!.path).toEqual([field]),
);

it('a cost can be reckoned with all that it takes', () =>
  fc.assert(
    fc.property(
      fc.record(
        Object.fromEntries(
          Object.entries(PRICE_LIMITS).map(([name, [min, max]]) => [
            name,
            fc.double({ min, max, noNaN: true }),
          ]),
        ) as Record<keyof typeof PRICE_LIMITS, fc.Arbitrary<number>>,
      ),
      (prices) => {
        const { hssCostPerPart, carbideCostPerPart } = costPerPart({ ...COST_INPUTS, ...prices });
        return Number.isFinite(hssCostPerPart) && Number.isFinite(carbideCostPerPart);
      },
    ),
  ));
