import fc from 'fast-check';
import { convert, type Unit } from './units';

describe('conversion', () => {
  it('knows the exact factors', () => {
    expect(convert(1, 'in', 'mm')).toBe(25.4);
    expect(convert(100, 'sfm', 'm/min')).toBeCloseTo(30.48, 12);
    expect(convert(1, 'hp', 'kW')).toBeCloseTo(0.745699872, 12);
    expect(convert(1, 'lbf.ft', 'Nm')).toBeCloseTo(1.3558179483, 9);
  });

  it('goes there and back', () => {
    const pairs: readonly [Unit, Unit][] = [
      ['mm', 'thou'],
      ['m/min', 'sfm'],
      ['mm/min', 'in/min'],
      ['kW', 'PS'],
      ['N', 'lbf'],
      ['cm3/min', 'in3/min'],
    ];
    fc.assert(
      fc.property(
        fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
        fc.constantFrom(...pairs),
        (value, [a, b]) => Math.abs(convert(convert(value, a, b), b, a) / value - 1) < 1e-12,
      ),
    );
  });

  it('refuses to turn a length into a power, and a unit it does not know', () => {
    expect(() => convert(1, 'mm', 'kW')).toThrow('mm measures length, kW measures power');
    expect(() => convert(1, 'furlong' as Unit, 'mm')).toThrow('no unit called "furlong"');
  });
});
