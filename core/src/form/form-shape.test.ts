import { signedFrom } from '../profile/nearest';
import { boundsOf, piecesOf } from '../profile/profile';
import { shapeFindings, stopsForm } from './form-findings';
import { shapeOf } from './form-shape';
import { EVERY_FORM, SMALL_GEAR, SPACE } from './form.fixture';

const codes = (found: readonly { code: string }[]): readonly string[] => found.map(({ code }) => code);

describe('a form', () => {
  it.each(EVERY_FORM)('from %j stands on its tip, left to right, as deep as it says', (source) => {
    const { profile, depthMm } = shapeOf(source);
    const { low, high } = boundsOf(profile);
    expect(low).toBeCloseTo(0, 6);
    expect(high).toBeGreaterThan(depthMm * 0.8);
    expect(profile[0]![0]).toBeLessThan(profile[profile.length - 1]![0]);
    expect(shapeFindings(shapeOf(source)).filter(stopsForm)).toEqual([]);
  });

  it('of an ISO thread is 7/8 of its pitch wide at the crest, 0.6134 deep', () => {
    const { profile, depthMm } = shapeOf({ kind: 'thread', form: 'iso-60', pitchMm: 1 });
    expect(depthMm).toBeCloseTo(0.6134, 4);
    expect(Math.abs(signedFrom(piecesOf(profile), [0.4375, depthMm]).distanceMm)).toBeLessThan(1e-5);
  });

  it('typed from the right is turned round', () => {
    const back = shapeOf({
      kind: 'corners',
      corners: [
        [4, 2, 0],
        [0, 0, 0],
        [-4, 2, 0],
      ],
    });
    expect(back.profile[0]![0]).toBeCloseTo(-4, 9);
    expect(back.depthMm).toBeCloseTo(2, 9);
  });

  it('measured as points keeps them beside its lines and arcs', () => {
    const points = Array.from({ length: 41 }, (_, i) => [-2 + i / 10, (-2 + i / 10) ** 2] as const);
    const shape = shapeOf({ kind: 'points', points, toleranceMm: 0.01 });
    const off = shape.points.map((point) => Math.abs(signedFrom(piecesOf(shape.profile), point).distanceMm));
    expect(Math.max(...off)).toBeLessThanOrEqual(0.01 + 1e-9);
    expect(shape.depthMm).toBeCloseTo(4, 2);
  });

  it('that overlaps itself, or leans back, is not made', () => {
    const loop = shapeOf({
      kind: 'corners',
      corners: [
        [-4, 4, 0],
        [2, 0, 0],
        [-2, 0.5, 0],
        [4, 4, 0],
      ],
    });
    expect(codes(shapeFindings(loop).filter(stopsForm))).toContain('crosses-itself');
    const hook = shapeOf({
      kind: 'corners',
      corners: [
        [-4, 4, 0],
        [-4, 0, 0],
        [2, 0, 0],
        [1, 4, 0],
      ],
    });
    expect(codes(shapeFindings(hook).filter(stopsForm))).toEqual(['leans-back']);
  });

  it('traced from points may lean back by what its fit may stray, an exact one may not', () => {
    // A box of 6 by 3 whose sides bulge by 30 micrometres, a point every tenth of a millimetre.
    const side = Array.from(
      { length: 31 },
      (_, i) => [3 + 0.03 * Math.sin((i / 30) * Math.PI), i / 10] as const,
    );
    const floor = Array.from({ length: 59 }, (_, i) => [(i - 29) / 10, 0] as const);
    const bulged = [...side.map(([x, y]) => [-x, y] as const).reverse(), ...floor, ...side];
    const traced = shapeOf({ kind: 'points', points: bulged, toleranceMm: 0.02 });
    expect(shapeFindings(traced).filter(stopsForm)).toEqual([]);
    const typed = shapeOf({ kind: 'corners', corners: bulged.map(([x, y]) => [x, y, 0] as const) });
    expect(codes(shapeFindings(typed).filter(stopsForm))).toEqual(['leans-back']);
  });

  it('drawn for another count says its error', () => {
    const other = shapeFindings(shapeOf({ ...SPACE, formTeeth: 17 }));
    expect(other).toContainEqual(
      expect.objectContaining({ code: 'other-count', worstMm: expect.closeTo(0.0367, 3) }),
    );
    expect(
      codes(shapeFindings(shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, teeth: 12 }, formTeeth: 12 }))),
    ).toContain('undercut');
  });

  it('of a gear of 3 teeth, without depth, or of one point is refused', () => {
    expect(() => shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, teeth: 3 }, formTeeth: 3 })).toThrow(
      'number of teeth',
    );
    expect(() =>
      shapeOf({
        kind: 'corners',
        corners: [
          [0, 0, 0],
          [4, 0, 0],
        ],
      }),
    ).toThrow('depth of the form');
    expect(() => shapeOf({ kind: 'points', points: [[0, 0]], toleranceMm: 0.01 })).toThrow('points');
  });
});
