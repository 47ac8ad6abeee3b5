import { workDeflection } from './deflection';

it('a centre stiffens a slender bar, longer work gives way more', () => {
  const at = (support: 'chuck' | 'between-centres', length: number) =>
    workDeflection(support, 208, 12, 0, length, length * (support === 'chuck' ? 1 : 0.5), 100).deflectionMm;
  expect(at('between-centres', 120)).toBeLessThan(at('chuck', 120) / 10);
  expect(at('chuck', 120)).toBeGreaterThan(at('chuck', 60) * 7);
  expect(() => workDeflection('chuck', 208, 0, 0, 60, 60, 100)).toThrow('diameter must be more than 0');
});
