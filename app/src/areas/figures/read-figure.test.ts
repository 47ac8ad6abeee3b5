import fc from 'fast-check';
import { lengthText, readFigure, readWithin } from './read-figure';

describe('one number', () => {
  it('within its ends, whole where it must be', () => {
    expect(readWithin('2,5', 0, 10)).toEqual({ value: 2.5 });
    expect(readWithin('10', 0, 10)).toEqual({ value: 10 });
    expect(readWithin('10.1', 0, 10)).toEqual({ value: null, fault: 'Must be a number from 0 to 10.' });
    expect(readWithin('', 0, 10).fault).toBe('Must be a number from 0 to 10.');
    expect(readWithin('2.5', 1, 10, true).fault).toBe('Must be a whole number from 1 to 10.');
    expect(readWithin('1e3', 0, 10_000).value).toBeNull();
  });
});

describe('a figure of a form', () => {
  const size = { kind: 'size', low: 0, high: 300 } as const;

  it('a size in the units of the shop, a unit of its own said back', () => {
    expect(readFigure(size, '12.5', 'mm')).toMatchObject({ values: [12.5] });
    expect(readFigure(size, '0.5', 'inch')).toMatchObject({ values: [12.7] });
    expect(readFigure(size, '10 mm', 'inch')).toMatchObject({
      values: [10],
      said: expect.stringMatching(/in/),
    });
    expect(readFigure(size, '0', 'mm')).toEqual({ values: [0] });
    expect(readFigure({ ...size, low: 1 }, '0', 'mm').fault).toBeTruthy();
    expect(readFigure(size, '500', 'mm').fault).toMatch(/300/);
  });

  it('a size with a minus before it, where it may lie below an axis', () => {
    const offset = { kind: 'size', low: -5, high: 5 } as const;
    expect(readFigure(offset, '-0.2', 'mm').values).toEqual([-0.2]);
    expect(readFigure(offset, '−10 thou', 'mm').values![0]).toBeCloseTo(-0.254, 9);
    expect(readFigure(offset, '-1/64', 'inch').values![0]).toBeCloseTo(-0.396875, 9);
    expect(readFigure(offset, '0.2', 'mm').values).toEqual([0.2]);
    expect(readFigure(offset, '0', 'mm').values).toEqual([0]);
    expect(readFigure(offset, '-6', 'mm').fault).toBe('Must be from -5 to 5\u00a0mm here.');
    expect(readFigure(offset, '--1', 'mm').values).toBeUndefined();
    expect(readFigure(size, '-1', 'mm').values).toBeUndefined();
  });

  it('a size under the least is told by what it would be, where that says more', () => {
    const wheel = { kind: 'size', low: 25, high: 600, under: 'Smaller than its arbor.' } as const;
    expect(readFigure(wheel, '12', 'mm').fault).toBe('Smaller than its arbor.');
    expect(readFigure(wheel, '700', 'mm').fault).toMatch(/600/);
    expect(readFigure(wheel, 'wheel', 'mm').fault).not.toBe('Smaller than its arbor.');
  });

  it('several numbers with blanks between; one bad one spoils them', () => {
    const teeth = { kind: 'numbers', low: 8, high: 100 } as const;
    expect(readFigure(teeth, '20 30; 40', 'mm')).toEqual({ values: [20, 30, 40] });
    expect(readFigure(teeth, '20 x 40', 'mm').fault).toBe('Numbers from 8 to 100, with a blank between.');
    expect(readFigure(teeth, '20 400', 'mm').values).toBeUndefined();
    expect(readFigure(teeth, ' ', 'mm').values).toBeUndefined();
  });

  it('may be left empty where it is not needed', () => {
    expect(readFigure({ kind: 'number', low: 0, high: 5, optional: true }, ' ', 'mm')).toEqual({
      values: [],
    });
    expect(readFigure({ kind: 'number', low: 0, high: 5 }, ' ', 'mm').fault).toBeTruthy();
  });

  it('a size that is written is read as it was', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3_000_000 }), fc.constantFrom('mm', 'inch'), (tenths, units) => {
        const mm = tenths / 10_000;
        const { values } = readFigure({ kind: 'size', low: 0, high: 300 }, lengthText(mm, units), units);
        expect(values![0]).toBeCloseTo(mm, 3);
      }),
    ));
});
