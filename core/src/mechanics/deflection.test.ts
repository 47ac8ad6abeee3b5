import {
  barDeflection,
  endMillDeflection,
  roundInertia,
  type SupportedBy,
  workDeflection,
  WORST_PLACE,
} from './deflection';

describe('what gives way', () => {
  const held: readonly SupportedBy[] = ['chuck', 'chuck-and-centre', 'between-centres'];

  it('most at the place that is named for each way of holding', () => {
    for (const support of held) {
      const at = (share: number) => workDeflection(support, 208, 20, 0, 200, share * 200, 100).deflectionMm;
      for (let share = 0.05; share <= 1; share += 0.05)
        expect(at(share)).toBeLessThanOrEqual(at(WORST_PLACE[support]) * 1.001);
    }
  });

  it('with the third power of length, the fourth of thickness; a bore softens it', () => {
    const bend = (d: number, L: number, bore = 0) =>
      workDeflection('chuck', 208, d, bore, L, L, 100).deflectionMm;
    expect(bend(20, 120) / bend(20, 60)).toBeCloseTo(8, 9);
    expect(bend(10, 60) / bend(20, 60)).toBeCloseTo(16, 9);
    expect(bend(20, 60, 15)).toBeGreaterThan(bend(20, 60));
    expect(roundInertia(20, 10)).toBeCloseTo(roundInertia(20) - roundInertia(10), 9);
  });

  it('a carbide bar a third of a steel one, and it may stand out further', () => {
    const [steel, carbide] = (['steel', 'carbide'] as const).map((material) =>
      barDeflection(material, 12, 60, 100, 200),
    );
    expect(carbide!.radialMm / steel!.radialMm).toBeCloseTo(205 / 600, 9);
    expect([steel!.overAllowable, carbide!.overAllowable]).toEqual([true, false]);
  });

  it('an end mill the less the shorter its flutes and the thicker its shank', () => {
    expect(endMillDeflection('hss', 12, 12, 20, 40, 100)).toBeLessThan(
      endMillDeflection('hss', 12, 12, 40, 40, 100),
    );
    expect(endMillDeflection('hss', 12, 16, 20, 40, 100)).toBeLessThan(
      endMillDeflection('hss', 12, 12, 20, 40, 100),
    );
    expect(endMillDeflection('carbide', 12, 12, 20, 40, 100)).toBeCloseTo(
      (endMillDeflection('hss', 12, 12, 20, 40, 100) * 210) / 600,
      12,
    );
  });

  it('a centre stiffens a slender bar, longer work gives way more', () => {
    const at = (support: 'chuck' | 'between-centres', length: number) =>
      workDeflection(support, 208, 12, 0, length, length * (support === 'chuck' ? 1 : 0.5), 100).deflectionMm;
    expect(at('between-centres', 120)).toBeLessThan(at('chuck', 120) / 10);
    expect(at('chuck', 120)).toBeGreaterThan(at('chuck', 60) * 7);
    expect(() => workDeflection('chuck', 208, 0, 0, 60, 60, 100)).toThrow('diameter must be more than 0');
  });

  it('just the allowed length, or overhang, is allowed', () => {
    const work = (diameters: number) => workDeflection('chuck', 208, 20, 0, 20 * diameters, 0, 100);
    const { allowable } = work(1);
    expect([work(allowable), work(allowable + 0.1)].map(({ overAllowable }) => overAllowable)).toEqual([
      false,
      true,
    ]);
    const bar = (diameters: number) => barDeflection('steel', 12, 12 * diameters, 100, 200);
    expect(
      [bar(bar(1).allowable), bar(bar(1).allowable + 0.1)].map(({ overAllowable }) => overAllowable),
    ).toEqual([false, true]);
  });

  it('nothing is worked out past the end of the work', () => {
    expect(() => workDeflection('chuck', 208, 20, 0, 60, 61, 100)).toThrow(
      'position must be from 0 to 60, got 61',
    );
  });

  it.each<[() => unknown, string]>([
    [() => workDeflection('chuck', 208, 20, 0, 0, 0, 100), 'free length must be more than 0, got 0'],
    [() => workDeflection('chuck', 0, 20, 0, 60, 60, 100), 'modulus must be more than 0, got 0'],
    [() => barDeflection('steel', 12, 0, 100, 200), 'overhang must be more than 0, got 0'],
    [() => endMillDeflection('hss', 12, 12, 20, 0, 100), 'stick-out must be more than 0, got 0'],
  ])('what has no length or no stiffness is refused: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
