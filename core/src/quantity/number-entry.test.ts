import fc from 'fast-check';
import { readNumber } from './number-entry';

describe('a typed number', () => {
  it.each([
    ['12', 12],
    [' 2,5 ', 2.5],
    ['.5', 0.5],
    ['3.', 3],
    ['-0.25', -0.25],
    ['0', 0],
  ])('%j is %d', (text, value) => expect(readNumber(text)).toBe(value));

  it.each(['', '  ', '1e3', '0x10', 'Infinity', '1/2', '1,000,000', '1.2.3', 'twelve', '-', '.', '5 mm'])(
    '%j is none',
    (text) => expect(readNumber(text)).toBeNull(),
  );

  it('is read back as it was written', () =>
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), fc.boolean(), (thousandths, comma) => {
        const value = thousandths / 1000;
        const text = value.toFixed(3);
        return readNumber(comma ? text.replace('.', ',') : text) === value;
      }),
    ));
});
