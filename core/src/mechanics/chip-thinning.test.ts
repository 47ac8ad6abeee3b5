import fc from 'fast-check';
import { feedForChip, radialThinning, slittingSaw, toothChip } from './chip-thinning';

describe('the chip of a milling tooth', () => {
  it('is as thick as the feed in a half-wide cut and thinner in a narrow one', () => {
    expect(toothChip(20, 10, 0.1).maxChipMm).toBeCloseTo(0.1, 12);
    expect(toothChip(20, 2, 0.1).maxChipMm).toBeCloseTo(0.06, 12);
  });

  it('comes back from the feed that was worked out for it', () => {
    const cut = fc.record({
      d: fc.double({ min: 1, max: 100, noNaN: true }),
      share: fc.double({ min: 0.01, max: 1, noNaN: true }),
      h: fc.double({ min: 0.001, max: 0.5, noNaN: true }),
      placement: fc.constantFrom('edge' as const, 'centred' as const),
    });
    fc.assert(
      fc.property(cut, ({ d, share, h, placement }) => {
        const fz = feedForChip(h, 'mean', d, d * share, placement);
        return Math.abs(toothChip(d, d * share, fz, placement).meanChipMm / h - 1) < 1e-9;
      }),
    );
  });

  it('refuses a cut wider than the cutter', () =>
    expect(() => toothChip(10, 11, 0.05)).toThrow('width of cut must be from 0 to 10, got 11'));

  it('raises the feed no further than the cap', () => {
    expect(radialThinning(10, 0.1, 0.05).compensation).toBe(2);
    expect(radialThinning(10, 0.1, 0.05, 1.5).compensation).toBe(1.5);
    expect(radialThinning(10, 6, 0.05).compensation).toBe(1);
  });

  it.each<[() => unknown, string]>([
    [() => toothChip(20, 0, 0.1), 'width of cut must be more than 0, got 0'],
    [() => toothChip(0, 2, 0.1), 'cutter diameter must be more than 0, got 0'],
    [() => toothChip(20, 2, 0), 'feed per tooth must be more than 0, got 0'],
    [() => feedForChip(0, 'max', 20, 2), 'wanted chip must be more than 0, got 0'],
    [() => radialThinning(20, 0, 0.1), 'width of cut must be more than 0, got 0'],
    [() => radialThinning(0, 2, 0.1), 'cutter diameter must be more than 0, got 0'],
    [() => slittingSaw(80, 0, 3, 0.02), 'teeth must be more than 0, got 0'],
  ])('refuses a cut, cutter or feed of nothing: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
