import fc from 'fast-check';
import { material } from '../material/library';
import { toolMaterial } from '../tool/library';
import { FACTOR_NAMES, factorChain } from './factor-chain';

const steel = material('medium-carbon');
const hss = toolMaterial('hss');

describe('factor chain', () => {
  it('multiplies a tired machine and no fluid', () =>
    expect(factorChain(steel, hss, ['tired-machine', 'no-fluid']).speedFactor).toBeCloseTo(0.68, 9));

  it('counts a name once', () =>
    expect(factorChain(steel, hss, ['dull-tool', 'dull-tool'])).toEqual(
      factorChain(steel, hss, ['dull-tool']),
    ));

  it('drops light finishing beside a hard skin', () => {
    expect(
      factorChain(steel, hss, ['light-finishing', 'scale-first-pass']).applied.map((factor) => factor.name),
    ).toEqual(['scale-first-pass']);
  });

  it('lets only the smaller of two rivals count, quantity by quantity', () => {
    const both = factorChain(steel, hss, ['tired-machine', 'light-machine']);
    expect(both).toMatchObject({ speedFactor: 0.8, feedFactor: 0.75, depthFactor: 0.6 });
    expect(both.applied).toHaveLength(1);
  });

  it('keeps within 0.40 and 1.25, and says when the floor acted', () => {
    fc.assert(
      fc.property(fc.subarray([...FACTOR_NAMES]), (names) => {
        const { speedFactor, feedFactor, depthFactor, floorActed, speedRaw, feedRaw, depthRaw } = factorChain(
          steel,
          hss,
          names,
        );
        return (
          [speedFactor, feedFactor, depthFactor].every((factor) => factor >= 0.4 && factor <= 1.25)
          && floorActed === Math.min(speedRaw, feedRaw, depthRaw) < 0.4
        );
      }),
    );
  });

  it('gives the same in any order', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([...FACTOR_NAMES]), (names) => {
        const [a, b] = [factorChain(steel, hss, names), factorChain(steel, hss, [...names].reverse())];
        return (
          Math.abs(a.speedFactor - b.speedFactor) < 1e-12 && Math.abs(a.depthFactor - b.depthFactor) < 1e-12
        );
      }),
    );
  });
});

it('of two rivals the one that slows more gives its name', () => {
  for (const names of [
    ['tired-machine', 'light-machine'],
    ['light-machine', 'tired-machine'],
  ] as const)
    expect(factorChain(steel, hss, names).applied).toEqual([
      { name: 'tired-machine', speed: 0.8, feed: 0.75, depth: 0.6 },
    ]);
});
