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

  it.each([
    ['5/8', 'fraction-in', 15.875],
    ['5/8 in', 'fraction-in', 15.875],
    ['12-3/64', 'fraction-in', 305.990625],
    ['1 ½', 'fraction-in', 38.1],
    ['½ in', 'fraction-in', 12.7],
    ['8/8', 'fraction-in', 25.4],
    ['2 inches', 'in', 50.8],
    ['1 in.', 'in', 25.4],
    ['0.5”', 'in', 12.7],
    ['10 thou', 'thou', 0.254],
    ['3 microns', 'um', 0.003],
    ['1 micron', 'um', 0.001],
    ['1,25mm', 'mm', 1.25],
    ['2.5  cm', 'cm', 25],
    ['diam. 25', 'mm', 25],
    ['6 mm drill', 'mm', 6],
    ['#7 drill', 'number-drill', 5.1054],
    ['No 30', 'number-drill', 3.2639],
    ['F', 'letter-drill', 6.5278],
  ])('%s is read as %s', (text, readAs, valueMm) =>
    expect(readLength(text, 'mm')).toEqual({ status: 'ok', valueMm: expect.closeTo(valueMm, 9), readAs }),
  );

  it.each([
    // Inch people write three places; a comma before three digits may part thousands.
    ['.250', 'mm', 'diameter', [0.25, 6.35]],
    ['1,250', 'mm', 'diameter', [1.25, 1250]],
    ['1,250', 'in', 'diameter', [31.75, 31_750]],
    ['1,250 cm', 'mm', 'diameter', [12.5, 12_500]],
    ['5/8 mm', 'mm', 'diameter', [0.625, 15.875]],
    ['1/2 cm', 'mm', 'diameter', [5, 12.7]],
    ['5 mil', 'in', 'diameter', [0.127, 5]],
    ['5 tenths', 'mm', 'diameter', [0.0127, 0.5]],
    // A bare whole number of inches may be thou, mm, or a number drill.
    ['40', 'in', 'diameter', [1.016, 40, 1016]],
    ['30', 'in', 'drill', [3.2639, 762]],
    ['1', 'in', 'drill', [5.7912, 25.4]],
    ['80', 'in', 'drill', [0.3429, 2032]],
    ['81', 'in', 'drill', [2.0574, 81, 2057.4]],
    ['5 mils', 'mm', 'diameter', [0.127, 5]],
    ['1,250 mil', 'mm', 'diameter', [0.03175, 31.75]],
    ['1,250 tenths', 'in', 'diameter', [0.003175, 3.175]],
  ] as const)('%s in a field of %s (%s) may be one of %j', (text, unit, field, candidates) =>
    expect(readLength(text, unit, field)).toEqual({
      status: 'ambiguous',
      candidatesMm: candidates.map((mmOf) => expect.closeTo(mmOf, 9)),
    }),
  );

  it.each([
    ['39', 'in', 'diameter', 990.6, 'in'],
    ['30', 'mm', 'drill', 30, 'mm'],
    ['30.5', 'in', 'drill', 774.7, 'in'],
    ['40.5', 'in', 'diameter', 1028.7, 'in'],
    ['5'.padStart(40, '0'), 'mm', 'diameter', 5, 'mm'],
    ['.25', 'mm', 'diameter', 0.25, 'mm'],
    ['0.250', 'mm', 'diameter', 0.25, 'mm'],
    ['3 tenths', 'in', 'diameter', 0.00762, 'tenths'],
  ] as const)('%s in a field of %s (%s) is %d mm', (text, unit, field, valueMm, readAs) =>
    expect(readLength(text, unit, field)).toEqual({
      status: 'ok',
      valueMm: expect.closeTo(valueMm, 9),
      readAs,
    }),
  );

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
    ['-x', 'not-a-number'],
    ['x 12 ft', 'not-a-number'],
    ['12ft mm', 'not-a-number'],
    ['12.55 ft', 'unknown-unit'],
    ['12e', 'not-a-number'],
    ['1.5e', 'unknown-unit'],
    ['12ee', 'unknown-unit'],
    ['1/2x', 'not-a-number'],
    ['5 ø', 'not-a-number'],
    ['drill 7', 'not-a-number'],
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
    ['12.5 ft', 'unknown-unit'],
    ["5'", 'unknown-unit'],
    ['12 furlongs', 'unknown-unit'],
    ['1 4/4', 'fraction-form'],
    ['1/2/4', 'fraction-form'],
    ['1/2 thou', 'fraction-form'],
    ['a/b', 'not-a-number'],
    ['x1/2', 'not-a-number'],
    ['−3', 'not-positive'],
    ['12e5', 'not-a-number'],
    ['5/16-18', 'thread'],
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
