import fc from 'fast-check';
import { checkedDistribution, valueAt, type Distribution } from './distribution';

const SPREADS: readonly Distribution[] = [
  { kind: 'uniform', min: 2, max: 6 },
  { kind: 'triangular', min: 2, mode: 4, max: 10 },
  { kind: 'lognormal', median: 60, sigmaLn: 0.5 },
  { kind: 'normal', mean: 5, sd: 0.4 },
];

it('has the value of its middle where its formula says', () => {
  expect(valueAt(SPREADS[0]!, 0.25)).toBe(3);
  expect(valueAt(SPREADS[1]!, 0.25)).toBeCloseTo(4, 12);
  expect(valueAt(SPREADS[2]!, 0.5)).toBe(60);
  expect(valueAt(SPREADS[3]!, 0.5)).toBe(5);
  // The upper part of a triangle: 10 - sqrt(0.5 x 8 x 6).
  expect(valueAt(SPREADS[1]!, 0.5)).toBeCloseTo(10 - Math.sqrt(24), 12);
});

it.each(SPREADS)('rises with the share: $kind', (spread) =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 0.99, noNaN: true }),
      (share) => valueAt(spread, share + 0.009) > valueAt(spread, share),
    ),
  ),
);

it.each([
  [{ kind: 'uniform', min: 3, max: 2 }, 'least value'],
  [{ kind: 'triangular', min: 3, mode: 3, max: 3 }, 'least value'],
  [{ kind: 'triangular', min: 1, mode: 5, max: 3 }, 'most likely value'],
  [{ kind: 'lognormal', median: 0, sigmaLn: 1 }, 'median'],
  [{ kind: 'lognormal', median: 1, sigmaLn: 0 }, 'scatter'],
  [{ kind: 'normal', mean: 1, sd: -1 }, 'scatter'],
] as const)('refuses %j at its %s', (spread, what) =>
  expect(() => checkedDistribution(spread)).toThrow(what),
);

it('lets pass what can be', () => {
  for (const spread of SPREADS) expect(checkedDistribution(spread)).toBe(spread);
});
