import fc from 'fast-check';
import { toothSpace } from '../gear/tooth-space';
import { RACKS } from '../gear/gear';
import type { PlanePoint } from '../quantity/plane';
import { judgeForm } from './form-verdict';
import { piecesOf } from './profile';
import { register } from './register';
import { steppedPoints } from './sampled';

const { profile } = toothSpace({ moduleMm: 1, teeth: 20, rack: RACKS['iso-53-a'], shift: 0 }, 0.0005);
const pieces = piecesOf(profile);
const nominal = steppedPoints(profile, 0.05);

const posed = (points: readonly PlanePoint[], turn: number, dx: number, dy: number): PlanePoint[] =>
  points.map(([x, y]) => [
    x * Math.cos(turn) - y * Math.sin(turn) + dx,
    x * Math.sin(turn) + y * Math.cos(turn) + dy,
  ]);

describe('points laid on a form', () => {
  it('come back from any small turn and shift', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -0.05, max: 0.05, noNaN: true }),
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        fc.double({ min: -0.1, max: 0.1, noNaN: true }),
        (turn, dx, dy) => {
          // About the middle of the form, so that a turn does not throw it far.
          const centred = posed(posed(nominal, 0, 0, -9.8), turn, dx, dy + 9.8);
          const { deviations, free } = register(pieces, centred, 'free');
          expect(Math.max(...deviations.map(({ distanceMm }) => Math.abs(distanceMm)))).toBeLessThan(1e-6);
          expect(free).toEqual([]);
        },
      ),
      { numRuns: 15 },
    ));

  it('show a planted error of 20 micrometres on the flank that has it', () => {
    const planted = nominal.map(([x, y]): PlanePoint =>
      x > 0.7 && y > 9.6 && y < 10.2 ? [x - 0.02, y] : [x, y],
    );
    const { deviations } = register(pieces, planted, 'none');
    const worst = [...deviations].sort((a, b) => Math.abs(b.distanceMm) - Math.abs(a.distanceMm))[0]!;
    expect(worst.distanceMm).toBeGreaterThan(0.015);
    expect(worst.at[0]).toBeGreaterThan(0.6);
    expect(
      judgeForm(
        deviations.map(({ distanceMm }) => distanceMm * 1000),
        [-10, 10],
        2,
      ).verdict,
    ).toBe('outside');
  });

  it('says which motion a line does not fix', () => {
    const line = piecesOf([
      [-5, 0, 0],
      [5, 0, 0],
    ]);
    const { free, deviations } = register(
      line,
      [
        [-2, 0.1],
        [0, 0.1],
        [2, 0.1],
      ],
      'free',
    );
    expect(free).toEqual([{ kind: 'slide', along: [expect.closeTo(1, 6), expect.closeTo(0, 6)] }]);
    expect(Math.max(...deviations.map(({ distanceMm }) => Math.abs(distanceMm)))).toBeLessThan(1e-9);
  });

  it('only turns when the datum is kept', () => {
    const { shiftMm, thetaRad } = register(pieces, posed(nominal, 0.01, 0, 0), 'turn');
    expect(shiftMm).toEqual([expect.closeTo(0, 12), expect.closeTo(0, 12)]);
    expect(thetaRad).toBeCloseTo(-0.01, 6);
  });

  it('refuses points that are none and a form without pieces', () => {
    expect(() =>
      register(
        pieces,
        [
          [NaN, 0],
          [0, 0],
          [1, 1],
        ],
        'free',
      ),
    ).toThrow('measured point');
    expect(() => register(pieces, [[0, 0]], 'free')).toThrow('measured points');
  });
});

describe('the verdict on a form', () => {
  it.each([
    [[3, -2], 'inside'],
    [[3, -30], 'outside'],
    [[3, 19], 'undecided'],
    [[3, 21], 'undecided'],
  ] as const)('of %j within 20 and a doubt of 3 is %s', (distances, verdict) =>
    expect(judgeForm(distances, [-20, 20], 3).verdict).toBe(verdict),
  );

  it('counts what leaves the band and refuses a band without width', () => {
    expect(judgeForm([1, 25, -40], [-20, 20], 0)).toMatchObject({ outOfBand: 2, most: 25, least: -40 });
    expect(() => judgeForm([1], [5, 5], 0)).toThrow('band');
  });
});
