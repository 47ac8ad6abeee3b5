import type { CheapestSpeed } from '@pike-stone/core/choose';
import { sayCheaper, sayCheapestSpeed, sayCostOf, sayTrials, sayTurning } from './cost-answer';

const plain = (text: string) => text.replace(/\u00a0/g, ' ');

describe('what it costs', () => {
  it('says the cheaper, its range, and the whole job of more than one part', () => {
    expect(sayCheaper(0.62)).toBe('Carbide is cheaper, 62 times in 100');
    expect(sayCheaper(0.38)).toBe('High speed steel is cheaper, 62 times in 100');
    expect(sayCheaper(0.999)).toBe('Carbide is cheaper, almost always');
    const spread = { p10: 4.051, p50: 5.2, p90: 12.34 };
    expect(sayCostOf('hss', spread, 1)).toBe('High speed steel: 4.05 to 12.3 a part, 5.20 in the middle.');
    expect(sayCostOf('carbide', spread, 20)).toBe(
      'Carbide: 4.05 to 12.3 a part, 5.20 in the middle; about 104 for 20.',
    );
  });

  it('says by how many trials, and how well the share is counted where that is to be seen', () => {
    expect(sayTrials(100_000, 0.0015)).toMatch(
      /Found by 100,000 trials, so the share is counted to ±0\.3 in 100;/,
    );
    expect(sayTrials(100_000, 0)).toMatch(/Found by 100,000 trials; what it is worth/);
  });

  it('says from how many parts it turns, or why it does not', () => {
    expect(sayTurning({ hss: 0, carbide: 0 }, null, 5)).toMatch(/^Both are in the drawer/);
    expect(sayTurning({ hss: 24, carbide: 69 }, { parts: 35.2, low: 18, high: 1072.5 }, 5)).toBe(
      'To begin, high speed steel costs 24 and carbide 69. High speed steel is cheaper up to about 36 parts, then carbide; it may be 18 to 1,073. You make 5.',
    );
    expect(sayTurning({ hss: 24, carbide: 0 }, { parts: 3, low: 2, high: null }, 5)).toMatch(
      /Carbide is cheaper up to about 3 parts, then high speed steel; it may be 2 or never\./,
    );
    expect(sayTurning({ hss: 24, carbide: 0 }, null, 5)).toMatch(/Carbide is cheaper .* it never turns\.$/);
  });

  it('says the cheapest speed beside the planned one, and where the machine ends', () => {
    const found = {
      minCost: { lifeMin: 50, vcMPerMin: 31 },
      maxOutput: { lifeMin: 14, vcMPerMin: 36 },
      setMPerMin: 31,
      lifeAtSetMin: 50,
      costAtSet: 1,
      limitedByMachine: false,
    };
    const one = { tool: { material: 'hss' }, family: 'hss', plannedMPerMin: 25, found } as CheapestSpeed;
    expect(plain(sayCheapestSpeed(one, 'mm'))).toBe(
      'HSS: a part costs least at 31 m/min, most parts are made at 36 m/min; planned is 25 m/min.',
    );
    const held = { ...one, found: { ...found, setMPerMin: 28, limitedByMachine: true } };
    expect(plain(sayCheapestSpeed(held, 'inch'))).toMatch(/ The machine ends at 92 sfm\.$/);
  });
});
