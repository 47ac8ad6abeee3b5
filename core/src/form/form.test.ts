import fc from 'fast-check';
import { startSolid } from '../../test/start-solid';
import { signedFrom } from '../profile/nearest';
import { boundsOf, piecesOf } from '../profile/profile';
import type { SolidLibrary } from '../solid/exact-cut';
import { cutPasses, widthsOf } from './cut-passes';
import { cutBlankAtOnce } from './cutter-solid';
import { areaTo } from './fly-cutter';
import { steppedPoints } from '../profile/sampled';
import { inspectForm } from './inspect-form';
import type { MakingWay } from './form-names';
import { makeSteps } from './make-steps';
import { shapeFindings, stopsForm, toolFindings } from './form-findings';
import { shapeOf, type FormSource } from './form-shape';
import { correctedForm, heightErrors, depthsOnTool, worstOf, type FormTool } from './form-tool';
import { CIRCULAR, CLOCK_WHEEL, FLAT, FLY, MULTI, SMALL_GEAR, SPACE } from './form.fixture';
import { formKept, sharpeningError, sharpeningsLeft } from './resharpening';

const codes = (found: readonly { code: string }[]): readonly string[] => found.map(({ code }) => code);

const SOURCES: readonly FormSource[] = [
  SPACE,
  CLOCK_WHEEL,
  { kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'pinion' },
  { kind: 'thread', form: 'iso-60', pitchMm: 2 },
  { kind: 'thread', form: 'form-55', pitchMm: 2.309 },
  { kind: 'radius', shape: 'groove', radiusMm: 3, depthMm: 2 },
  { kind: 'radius', shape: 'bead', radiusMm: 3, depthMm: 3 },
  { kind: 'radius', shape: 'edge', radiusMm: 3, depthMm: 3 },
  { kind: 'chamfer', widthMm: 2, angleDeg: 45 },
];

describe('a form', () => {
  it.each(SOURCES)('from %j stands on its tip, left to right, as deep as it says', (source) => {
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

describe('the correction of a tool', () => {
  it.each([FLY, MULTI, FLAT, CIRCULAR])('of %j cuts the wanted depth where its edge is on centre', (tool) => {
    const errors = heightErrors(shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 }), tool, 0);
    expect(Math.abs(worstOf(errors).errorMm)).toBeLessThan(1e-9);
  });

  it('keeps the widths and changes the depths', () => {
    const shape = shapeOf(SPACE);
    const { toShape, worst } = correctedForm(shape, FLY);
    expect(boundsOf(toShape).right).toBeCloseTo(boundsOf(shape.profile).right, 9);
    expect(boundsOf(toShape).high).toBeCloseTo(
      boundsOf(shape.profile).high * Math.cos((12 * Math.PI) / 180),
      6,
    );
    expect(worst.errorMm).toBeGreaterThan(0.03);
  });

  it('matters more with more rake', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), (rakeDeg) => {
        const shape = shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 });
        const at = (rake: number): number =>
          Math.abs(correctedForm(shape, { ...FLAT, rakeDeg: rake }).worst.errorMm);
        expect(at(rakeDeg + 2)).toBeGreaterThan(at(rakeDeg));
      }),
      { numRuns: 10 },
    ));

  it('is undone by what the tool cuts uncorrected from it', () => {
    for (const tool of [CIRCULAR, FLAT]) {
      const { toShape, uncorrected } = depthsOnTool(tool);
      expect(uncorrected(toShape(3))).toBeCloseTo(3, 9);
    }
  });
});

describe('the passes of a form', () => {
  it('take about equal areas, end at the whole depth, and are more in steel', () => {
    const shape = shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, size: 1.5 }, formTeeth: 20 });
    const [brass, steel] = [cutPasses(shape, 'brass'), cutPasses(shape, 'steel')];
    expect(steel.length).toBeGreaterThan(brass.length);
    expect(steel.at(-1)).toBeCloseTo(shape.depthMm, 9);
    const widths = widthsOf(shape);
    const areas = steel
      .slice(0, -1)
      .map((depth, i) => areaTo(widths, depth) - areaTo(widths, steel[i - 1] ?? 0));
    areas.forEach((area) => expect(area).toBeLessThanOrEqual(0.5 + 1e-6));
    expect(Math.max(...areas) - Math.min(...areas)).toBeLessThan(1e-6);
  });

  it('is one in brass up to module 0.6', () =>
    expect(
      cutPasses(shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, size: 0.6 }, formTeeth: 20 }), 'brass'),
    ).toHaveLength(1));
});

describe('the steps of making', () => {
  const keys = (source: FormSource, tool: FormTool, way: MakingWay): readonly string[] => {
    const shape = shapeOf(source);
    return makeSteps(shape, correctedForm(shape, tool), tool, way, 'silver-steel').map(({ key }) => key);
  };

  it('begin with the blank, shape it by the chosen way, and end on centre', () => {
    expect(keys(SPACE, FLY, 'slides')).toEqual([
      'blank',
      'slides',
      'inspect',
      'harden',
      'temper',
      'test',
      'hone',
      'centre',
    ]);
    expect(keys(SOURCES[1]!, FLY, 'stones')).toContain('stone');
    expect(keys(SOURCES[1]!, FLY, 'swing')).toContain('flank');
    expect(keys(SPACE, MULTI, 'slides')).toEqual(expect.arrayContaining(['gash', 'relief']));
  });

  it('set a tapered stone so that its radius at the face is the hollow', () => {
    const shape = shapeOf(SOURCES[1]!);
    const steps = makeSteps(shape, correctedForm(shape, FLY), FLY, 'stones', 'silver-steel');
    const stones = steps.filter((step) => step.key === 'stone');
    stones.forEach(({ smallEndMm, aboveMm, perMm, job }) =>
      expect(smallEndMm + aboveMm * perMm).toBeCloseTo(job.radiusMm, 9),
    );
    // Both hollows by one stone, though the corrected sides are fitted each by itself.
    expect(stones.map(({ job }) => job.times)).toContain(2);
  });
});

describe('a tool for a form', () => {
  it('of which the heel would drag, or which has no lands, is said to be so', () => {
    const shape = shapeOf(SPACE);
    expect(codes(toolFindings(shape, { ...FLY, clearanceDeg: 7 }))).toContain('heel-drags');
    expect(codes(toolFindings(shape, { ...MULTI, teeth: 20 }))).toContain('no-land');
    expect(toolFindings(shape, MULTI)).toEqual([]);
  });

  it('of a clock wheel has flanks that rub without a taper of their own', () => {
    const wheel = shapeOf(CLOCK_WHEEL);
    expect(toolFindings(wheel, FLY)).toContainEqual(
      expect.objectContaining({ code: 'flank-rubs', reliefDeg: expect.closeTo(0.3, 1) }),
    );
  });

  it('keeps its form when sharpened, but for a raked relief and for a tapered stone', () => {
    const shape = shapeOf(SPACE);
    expect(formKept(FLY, 'slides')).toBe('reset-swing');
    expect(sharpeningError(shape, FLY, 'slides', 0.2)).toBe(0);
    expect(sharpeningError(shape, FLY, 'stones', 0.2)).toBeCloseTo(-0.0425, 3);
    expect(sharpeningError(shape, { ...MULTI, rakeDeg: 0 } as FormTool, 'swing', 1)).toBe(0);
    expect(Math.abs(sharpeningError(shape, MULTI, 'slides', 1))).toBeLessThan(0.01);
  });

  it('loses 15 micrometres in 4.5 mm after 2 mm of radius on 35 with 10 degrees of rake and a drop of 4', () => {
    const reliefDeg = (Math.atan(4 / 35) * 180) / Math.PI;
    const cutter: FormTool = { ...MULTI, diameterMm: 70, reliefDeg, teeth: 8, gashDepthMm: 12 };
    const deep = shapeOf({
      kind: 'corners',
      corners: [
        [-3, 4.5, 0],
        [-1, 0, 0],
        [1, 0, 0],
        [3, 4.5, 0],
      ],
    });
    const faceMm = 2 / Math.tan((reliefDeg * Math.PI) / 180);
    expect(Math.abs(sharpeningError(deep, cutter, 'slides', faceMm)) * 1000).toBeCloseTo(15, 0);
  });

  it('has fewer sharpenings left the more was ground off its face', () => {
    expect(sharpeningsLeft(FLY, 0.25)).toBe(sharpeningsLeft(FLY) - 3);
    expect(sharpeningsLeft(FLY, 50)).toBe(0);
  });

  it('has fewer sharpenings in it with more teeth', () =>
    expect(sharpeningsLeft(MULTI)).toBeGreaterThan(sharpeningsLeft({ ...MULTI, teeth: 10 })));
});

describe('the cutter as a solid', () => {
  let library: SolidLibrary;
  beforeAll(async () => {
    library = await startSolid();
  });

  it.each([
    ['a fly cutter without rake', SPACE, FLY],
    ['a fly cutter with rake', SPACE, { ...FLY, rakeDeg: 6 }],
    ['a relieved cutter with rake', SPACE, MULTI],
    ['a clock wheel cutter', SOURCES[1]!, FLY],
    ['a flat form tool', SOURCES[7]!, FLAT],
    ['a circular form tool', SOURCES[5]!, CIRCULAR],
  ])('%s leaves the wanted space within 2 micrometres', (_, source, tool) => {
    const cut = cutBlankAtOnce(library, shapeOf(source), tool);
    expect(cut.places.length).toBeGreaterThan(5);
    expect(cut.worstMm).toBeLessThan(0.002);
    expect(cut.tooth.length).toBeGreaterThan(50);
  });

  it('left uncorrected it leaves the error that is said', () => {
    const shape = shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 });
    const said = Math.abs(correctedForm(shape, FLAT).worst.errorMm);
    const cut = cutBlankAtOnce(library, shape, FLAT, false);
    // The error is along the depth; the distance from a flank of 45 degrees is 0.707 of it.
    expect(cut.worstMm).toBeGreaterThan(0.6 * said);
    expect(cut.worstMm).toBeLessThan(1.05 * said);
  });
});

describe('an inspection', () => {
  const { profile } = shapeOf(SPACE);
  const good = steppedPoints(profile, 0.08).map(([x, y]) => [x + 12, y - 3] as const);
  const asked = { fit: 'free', lowMm: -0.01, highMm: 0.01, doubtMm: 0.002 } as const;

  it('passes a good form whatever the zero of the microscope', () => {
    const found = inspectForm(profile, { ...asked, points: good });
    expect(found.verdict).toBe('inside');
    expect(found.free).toEqual([]);
  });

  it('finds a planted error of 20 micrometres and the flank that has it', () => {
    const planted = good.map(([x, y]) =>
      x > 12.75 && y + 3 > 1 && y + 3 < 1.8 ? ([x + 0.02, y] as const) : ([x, y] as const),
    );
    const found = inspectForm(profile, { ...asked, points: planted });
    expect(found.verdict).toBe('outside');
    expect(found.facet.worst.at[0]).toBeGreaterThan(0.6);
    expect(found.facet.worst.distanceMm).toBeLessThan(-0.01);
  });

  it('says that few points flatter it', () =>
    expect(inspectForm(profile, { ...asked, points: good.slice(0, 6) }).isFlattered).toBe(true));
});
