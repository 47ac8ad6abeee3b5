import { beyondEnd, labelsThatFit, ladderScale } from './ladder-scale';

describe('the scale of a ladder', () => {
  const rungs = [42, 70, 118, 265, 440, 745];

  it('is logarithmic and stays on the paper', () => {
    const at = ladderScale(rungs, [], 300);
    expect(at(70) - at(42)).toBeCloseTo(at(70 * (70 / 42)) - at(70), 6);
    expect(at(1)).toBe(0);
    expect(at(1e6)).toBe(300);
  });

  it('makes room for a target that lies near, not for one far away', () => {
    expect(ladderScale(rungs, [30], 300)(42)).toBeGreaterThan(ladderScale(rungs, [], 300)(42));
    expect(ladderScale(rungs, [2], 300)(42)).toBe(ladderScale(rungs, [], 300)(42));
  });

  it('knows an aim that lies beyond an end, and at which', () => {
    const at = ladderScale(rungs, [], 300);
    expect([5, 42, 745, 4000].map((value) => beyondEnd(value, at, 300))).toEqual(['low', null, null, 'high']);
  });

  it('stands for a machine of one speed', () => expect(ladderScale([500], [500], 300)(500)).toBe(18));
});

describe('the labels of a ladder', () => {
  it('never touch, and the chosen one always stands', () => {
    const labels = Array.from({ length: 20 }, (_, i) => ({ x: 10 + i * 14, text: String(1000 + i) }));
    for (let chosen = 0; chosen < labels.length; chosen += 1) {
      const fit = labelsThatFit(labels, chosen, 300);
      expect(fit.has(chosen)).toBe(true);
      const places = [...fit.values()].sort((a, b) => a - b);
      places.slice(1).forEach((x, i) => expect(x - places[i]!).toBeGreaterThan(4 * 8.2));
      expect(places.every((x) => x > 0 && x < 300)).toBe(true);
    }
  });
});
