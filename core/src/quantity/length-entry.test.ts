import fc from 'fast-check';
import { readLength } from './length-entry';

const mm = (text: string, unit: 'mm' | 'in' = 'mm', field: 'diameter' | 'drill' = 'diameter') => {
  const entry = readLength(text, unit, field);
  return entry.status === 'ok' ? entry.valueMm : entry;
};

describe('reading a size as machinists write it', () => {
  it.each([
    ['5/8', 15.875],
    ['1 1/4', 31.75],
    ['1-1/4', 31.75],
    ['½', 12.7],
    ['1½', 38.1],
    ['10 thou', 0.254],
    ['6mm', 6],
    ['6 MM', 6],
    ['2,5', 2.5],
    ['.5', 0.5],
    ['12.', 12],
    ['#7', 5.1054],
    ['F', 6.5278],
    ['letter f drill', 6.5278],
    ['no. 30', 3.2639],
    ['ø32', 32],
    ['dia 25', 25],
    ['0.5"', 12.7],
    ["3/8''", 9.525],
    ['25 µm', 0.025],
    ['2 cm', 20],
  ])('%s', (text, want) => expect(mm(text)).toBeCloseTo(want, 6));

  it('takes a plain number in the unit in use', () => {
    expect(mm('.25', 'in')).toBeCloseTo(6.35, 9);
    expect(mm('12', 'mm')).toBe(12);
  });

  it('asks instead of guessing', () => {
    expect(mm('.250', 'mm')).toEqual({ status: 'ambiguous', candidatesMm: [0.25, 6.35] });
    expect(mm('1,250', 'mm')).toEqual({ status: 'ambiguous', candidatesMm: [1.25, 1250] });
    expect(mm('30', 'in', 'drill')).toMatchObject({ status: 'ambiguous' });
    expect(mm('5 mil', 'in')).toMatchObject({ status: 'ambiguous' });
  });

  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['0', 'not-positive'],
    ['-3', 'not-positive'],
    ['0/8', 'not-positive'],
    ['#81', 'drill-out-of-range'],
    ['M8x1', 'thread'],
    ['1/4-20', 'thread'],
    ['#10-32 UNF', 'thread'],
    ['5/7', 'denominator'],
    ['1 5/4', 'fraction-form'],
    ['12ft', 'unknown-unit'],
    ['1e3', 'not-a-number'],
    ['10x4', 'not-a-number'],
    ['nan', 'not-a-number'],
    ['1.2.3', 'not-a-number'],
    ['9'.repeat(41), 'too-long'],
  ])('refuses %p as %s', (text, reason) => expect(mm(text)).toEqual({ status: 'refused', reason }));

  it('never throws and never gives anything but a positive finite size', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 60 }),
        fc.constantFrom('mm' as const, 'in' as const),
        fc.constantFrom('drill' as const, 'diameter' as const),
        (text, unit, field) => {
          const entry = readLength(text, unit, field);
          const sizes =
            entry.status === 'ok' ? [entry.valueMm] : entry.status === 'ambiguous' ? entry.candidatesMm : [1];
          return sizes.every((size) => Number.isFinite(size) && size > 0);
        },
      ),
      { numRuns: 2_000 },
    );
  });

  it('reads every 64th back to the last digit', () => {
    for (let n = 1; n < 64; n += 1) expect(mm(`${n}/64`)).toBeCloseTo((n / 64) * 25.4, 9);
  });
});
