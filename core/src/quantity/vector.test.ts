import { commonPoint, cross, dot, mirrored, unit } from './vector';

describe('vectors', () => {
  it('turn right-handed and keep their length', () => {
    expect(cross([1, 0, 0], [0, 1, 0])).toEqual([0, 0, 1]);
    expect(unit([0, 3, 4])).toEqual([0, 0.6000000000000001, 0.8]);
    expect(unit([0, 0, 0])).toEqual([0, 0, 0]);
    expect(mirrored([1, 2, 3])).toEqual([1, -2, 3]);
  });

  it('of three planes meet in one point, or in none', () => {
    const point = commonPoint(
      [
        [1, 0, 0],
        [1, 1, 0],
        [0, 1, 2],
      ],
      [2, 5, 9],
    );
    expect(point).toEqual([2, 3, 3]);
    expect(dot([1, 1, 0], point!)).toBe(5);
    expect(
      commonPoint(
        [
          [1, 0, 0],
          [2, 0, 0],
          [0, 1, 0],
        ],
        [1, 1, 1],
      ),
    ).toBeNull();
  });
});
