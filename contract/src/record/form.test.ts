import { MOST_CORNERS, MOST_POINTS, shapeOf } from '@pike-stone/core/form';
import { FLY, SPACE } from '@pike-stone/core/form-fixture';
import { formBody } from './form';

const body = {
  name: 'Sheave groove',
  source: SPACE,
  tool: FLY,
  way: 'slides',
  steel: 'silver-steel',
  done: [],
  measured: null,
  faceGroundMm: 0,
  spacesCut: 0,
  toolId: null,
  note: '',
};
const zigzag = (count: number) => Array.from({ length: count }, (_, i) => [i / 10, i % 2] as const);
const corners = (count: number) => zigzag(count).map(([x, y]) => [x, y, 0] as const);
const fits = (source: object) => formBody.safeParse({ ...body, source }).success;

describe('the record of a form cutter', () => {
  it('keeps as many corners and points as a form may have, and no more', () => {
    expect(fits({ kind: 'corners', corners: corners(MOST_CORNERS) })).toBe(true);
    expect(fits({ kind: 'corners', corners: corners(MOST_CORNERS + 1) })).toBe(false);
    expect(() => shapeOf({ kind: 'corners', corners: corners(MOST_CORNERS + 1) })).toThrow('corners');
    const points = (count: number) => ({ kind: 'points', points: zigzag(count), toleranceMm: 0.01 }) as const;
    expect(fits(points(MOST_POINTS))).toBe(true);
    expect(fits(points(MOST_POINTS + 1))).toBe(false);
    expect(() => shapeOf(points(MOST_POINTS + 1))).toThrow('points');
  });

  it.each([
    ['tool', { ...FLY, clearanceDeg: 60 }],
    ['steel', 'tin'],
    ['spacesCut', 1.5],
    ['faceGroundMm', -1],
    ['measured', { points: [[0, 0]], on: 'tool', fit: 'free', lowMm: 0, highMm: 0.01, doubtMm: 0 }],
  ])('refuses %s that is none', (field, value) => {
    const read = formBody.safeParse({ ...body, [field]: value });
    expect(read.error?.issues[0]?.path[0]).toBe(field);
  });
});
