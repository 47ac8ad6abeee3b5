import fc from 'fast-check';
import { profileLength } from '@pike-stone/core/form';
import { cornerText, pointText, readCorners, readPoints } from './corner-rows';

describe('corners typed as rows', () => {
  it('are x, y and the radius that goes on, minus to the right', () => {
    const { rows } = readCorners('-2 3\n-2 0 2\n0 -2\n3 -2', 'mm');
    expect(rows).toHaveLength(4);
    expect(rows![1]![2]).toBeCloseTo(Math.tan(Math.PI / 8), 9);
    expect(profileLength(rows!)).toBeCloseTo(3 + Math.PI + 3, 6);
    expect(readCorners('0 0 -2\n2 2', 'mm').rows![0]![2]).toBeLessThan(0);
  });

  it('are inches in an inch shop', () =>
    expect(readCorners('0 0\n1 .5', 'inch').rows![1]).toEqual([25.4, 12.7, 0]));

  it('are inches, radius and all, where the heading says so', () => {
    const { rows } = readCorners('x_in,y_in,r_in\n0,0,0.5\n1,0,0', 'mm');
    expect(rows![0]![2]).toBeCloseTo(1, 9);
    expect(rows![1]![0]).toBeCloseTo(25.4, 9);
  });

  it('come back the same when they are typed again', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 })), {
          minLength: 2,
          maxLength: 12,
        }),
        fc.constantFrom('mm' as const, 'inch' as const),
        (places, units) => {
          const corners = places.map(([x, y]) => [x, y, 0] as const);
          const read = readCorners(cornerText(corners, units), units).rows!;
          read.forEach(([x, y], i) => {
            expect(x).toBeCloseTo(corners[i]![0], 2);
            expect(y).toBeCloseTo(corners[i]![1], 2);
          });
        },
      ),
    ));

  it.each([
    ['0 0', 'Two corners'],
    ['0 0\n1 2 3 4', 'Row 2: 2 or 3 numbers'],
    ['0 0\n1 two', 'Row 2 has something that is no number'],
    ['0 0 1\n9 0', 'Row 1: the radius is too small'],
    ['0 0\n5000 0', 'beyond 1000 mm'],
  ])('%j is refused with the row', (text, fault) => expect(readCorners(text, 'mm').fault).toContain(fault));
});

describe('measured points', () => {
  it.each([
    ['x_mm,y_mm\n1.5,2.25\n3,4', [1.5, 2.25]],
    ['1,5;2,25\n3;4', [1.5, 2.25]],
    ['1.5\t2.25\n3\t4', [1.5, 2.25]],
    ['1.5, 2.25\n3, 4', [1.5, 2.25]],
    ['1.5   2.25\n3 4', [1.5, 2.25]],
    ['x_in,y_in\n1,2\n3,4', [25.4, 50.8]],
    ['x_mm,y_mm,d_um,label\n1.5,2.25,3000,left flank\n3,4,0,', [1.5, 2.25]],
  ])('are read from %j', (text, first) => {
    const { rows, fault } = readPoints(text, 'mm');
    expect(fault).toBeNull();
    expect(rows![0]![0]).toBeCloseTo(first[0]!, 9);
    expect(rows![0]![1]).toBeCloseTo(first[1]!, 9);
  });

  it('that are too many, or none, are refused', () => {
    expect(readPoints('', 'mm').fault).toContain('Two points');
    expect(
      readPoints(
        pointText(
          Array.from({ length: 2001 }, (_, i) => [i / 100, 0]),
          'mm',
        ),
        'mm',
      ).fault,
    ).toContain('2001 points');
    expect(readPoints('1 2\nNaN 3', 'mm').fault).toContain('Row');
  });
});
