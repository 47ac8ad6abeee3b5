import fc from 'fast-check';
import { QUARTER, ROUNDED_STEP } from '../profile/profile.fixture';
import { distanceFrom } from '../profile/nearest';
import type { Profile } from '../profile/profile';
import { RACKS } from '../gear/gear';
import { toothSpace } from '../gear/tooth-space';
import { clockWheelSpace } from '../gear/clock';
import { arcJobs } from './arc-jobs';
import { CLOCK_WHEEL, FLY, SPACE } from './form.fixture';
import { shapeOf } from './form-shape';
import { correctedForm } from './form-tool';
import { dialStops } from './slide-dials';
import { flankRelief } from '../setting/cutter-blank';
import { areaTo, formPasses, heelClearance } from './fly-cutter';
import { metalLeftNear } from './metal-left';
import { radiusForm } from './simple-forms';
import { slideStops, stoneToBeginWith } from './slide-table';
import { insideCorners, largestStone, smallestHollow } from './stone-choice';
import { stoneHeight } from './stone-height';
import { swingEllipse, swungCircle } from './swing';
import { hiddenByLine, printFactors, trueSize } from './true-size';

describe('metal left between stops', () => {
  it('is the cusp that the stops were laid for, and none under a stop', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        fc.double({ min: 0.002, max: 0.02, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rho, cusp, share) => {
          const { stops, pieces } = slideStops(ROUNDED_STEP, rho, cusp);
          const onLine = pieces.flatMap((piece, i) => (piece === 0 ? [i] : []));
          const at = 4 + Math.floor(share * Math.max(0, onLine.length - 9));
          const left = metalLeftNear(ROUNDED_STEP, stops, rho, at).map(({ leftMm }) => leftMm);
          expect(Math.max(...left)).toBeLessThanOrEqual(cusp + 1e-9);
          expect(Math.min(...left)).toBeLessThan(cusp / 50);
        },
      ),
      { numRuns: 40 },
    ));

  it('is 10 micrometres by stops 0.4454 apart along a line, with a stone of 2.5', () => {
    const line: Profile = [
      [0, 0, 0],
      [10, 0, 0],
    ];
    const stops = Array.from({ length: 12 }, (_, i) => [i * 0.4454, -2.5] as const);
    const left = metalLeftNear(line, stops, 2.5, 5);
    const most = Math.max(...left.map(({ leftMm }) => leftMm));
    expect(most).toBeLessThanOrEqual(0.00994);
    expect(most).toBeGreaterThan(0.0098);
    expect(left.at(-1)!.alongMm).toBeCloseTo(6 * 0.4454, 1);
    expect(() => metalLeftNear(line, stops.slice(0, 1), 2.5, 0)).toThrow('stops');
  });
});

describe('a slide table', () => {
  it('never brings the wheel into the form', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 60 }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (teeth, share) => {
          const { profile } = toothSpace({ moduleMm: 2, teeth, rack: RACKS['iso-53-a'], shift: 0 });
          const rho = share * smallestHollow(profile);
          const { stops } = slideStops(profile, rho, 0.01);
          stops.forEach((stop) => expect(distanceFrom(profile, stop)).toBeGreaterThan(rho - 1e-6));
        },
      ),
      { numRuns: 20 },
    ));

  it('leaves no more than the cusp on lines and arcs', () => {
    const [rho, cusp] = [1, 0.01];
    const { stops } = slideStops(ROUNDED_STEP, rho, cusp);
    const left = [0.1, 0.3, 0.5, 0.7, 0.9].map((share) => {
      const at = [-2, 3 - 3 * share] as const;
      return Math.min(...stops.map((stop) => Math.hypot(stop[0] - at[0], stop[1] - at[1]))) - rho;
    });
    expect(Math.max(...left)).toBeLessThanOrEqual(cusp + 1e-9);
  });

  it('takes about 1.41 times the stops for half the cusp', () => {
    const [coarse, fine] = [
      slideStops(ROUNDED_STEP, 1, 0.01).stops.length,
      slideStops(ROUNDED_STEP, 1, 0.005).stops.length,
    ];
    expect(fine / coarse).toBeGreaterThan(1.35);
    expect(fine / coarse).toBeLessThan(1.5);
  });

  it('keeps a fillet at an inside corner and says where', () => {
    const outside: Profile = [
      [0, 0, 0],
      [5, 0, 0],
      [5, 5, 0],
    ];
    expect(slideStops(outside, 1, 0.01).fillets).toEqual([]);
    const hollow: Profile = [
      [0, 5, 0],
      [5, 5, 0],
      [5, 0, 0],
      [9, 0, 0],
    ];
    expect(slideStops(hollow, 1, 0.01).fillets).toEqual([
      { at: [5, 5], leftMm: expect.closeTo(Math.SQRT2 - 1, 9) },
    ]);
    expect(insideCorners(hollow)).toEqual([[5, 5]]);
  });

  it('says which parts a wheel does not reach', () => {
    const slot: Profile = [
      [-5, 0, 0],
      [0, 0, 0],
      [0, 0.5, 0],
      [0.4, 0.5, 0],
      [0.4, 0, 0],
      [6, 0, 0],
    ];
    const { stops, passedOver, leftOut } = slideStops(slot, 1, 0.01);
    expect(passedOver + leftOut).toBeGreaterThan(0);
    stops.forEach((stop) => expect(distanceFrom(slot, stop)).toBeGreaterThan(1 - 1e-6));
    expect(slideStops(ROUNDED_STEP, 1, 0.01).passedOver).toBe(0);
  });

  it.each([
    SPACE,
    CLOCK_WHEEL,
    { kind: 'thread', form: 'iso-60', pitchMm: 2 },
    { kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 },
    { kind: 'chamfer', widthMm: 2, angleDeg: 45 },
  ] as const)('of %j is begun with a stone that reaches all of it', (source) => {
    const { toShape } = correctedForm(shapeOf(source), FLY);
    const stone = stoneToBeginWith(toShape, 0.005);
    expect(stone).toBeLessThanOrEqual(Math.min(3, largestStone(toShape)));
    expect(stone).toBeGreaterThan(0.1);
    expect(slideStops(toShape, stone, 0.005)).toMatchObject({ leftOut: 0, passedOver: 0 });
  });

  it('refuses a wheel larger than a hollow, and a cusp as large as the wheel', () => {
    const hollow: Profile = [
      [0, 0, 0],
      [2, 0, -QUARTER],
      [4, -2, 0],
      [4, -4, 0],
    ];
    expect(largestStone(hollow)).toBeCloseTo(1.8, 9);
    expect(largestStone(ROUNDED_STEP)).toBe(Infinity);
    expect(() => slideStops(hollow, 2.5, 0.01)).toThrow('wheel radius');
    expect(() => slideStops(ROUNDED_STEP, 1, 1)).toThrow('cusp');
  });
});

describe('a swinging fixture', () => {
  it('leaves nothing without clearance, and less after the correction', () => {
    expect(swingEllipse(5, 0, -60, 60).maxDeviationMm).toBeCloseTo(0, 12);
    const { maxDeviationMm, remainingMm, correctedSwingMm } = swingEllipse(5, 10, -60, 60);
    expect(maxDeviationMm).toBeCloseTo(0.0771, 4);
    expect(remainingMm).toBeCloseTo(0.0288, 4);
    expect(correctedSwingMm).toBeCloseTo(4.9524, 4);
  });

  it('grinds very nearly a circle of another radius when the centre may move', () => {
    expect(swungCircle(5, 10, -60, 60).radiusMm).toBeCloseTo(4.957, 2);
    expect(swungCircle(5, 10, -20, 20).radiusMm).toBeCloseTo(4.928, 2);
    expect(swungCircle(5, 10, -60, 60).maxDeviationMm).toBeLessThan(0.005);
  });
});

describe('a tapered stone', () => {
  it('is set along its axis, a fine feed of the radius', () => {
    const { aboveSmallEndMm, radiusChangePerMm } = stoneHeight(1.5, 5, 1.9);
    expect(aboveSmallEndMm).toBeCloseTo(4.572, 3);
    expect(1.5 + aboveSmallEndMm * radiusChangePerMm).toBeCloseTo(1.9, 12);
  });

  it('refuses a radius below its small end', () =>
    expect(() => stoneHeight(1.5, 5, 1)).toThrow('radius on the stone'));
});

describe('a fly cutter', () => {
  const widths = [
    [0, 1],
    [1.25, 1.75],
    [2.5, 3.2],
  ] as const;

  it('clears its heel from half the angle of its body, and relieves a steep flank hardly', () => {
    expect(heelClearance(25, 6)).toBeCloseTo(6.943, 3);
    expect(flankRelief(12, 20)).toBeCloseTo(4.158, 3);
    expect(flankRelief(14, 1.40625)).toBeCloseTo(0.3506, 3);
  });

  it('shares the area of its rough passes equally', () => {
    const depths = formPasses(widths, 2.25, 3, 0.1);
    expect(depths.map((depth) => Number(depth.toFixed(3)))).toEqual([0.971, 1.649, 2.15, 2.25]);
    const areas = depths
      .slice(0, 3)
      .map((depth, i) => areaTo(widths, depth) - areaTo(widths, depths[i - 1] ?? 0));
    areas.forEach((area) => expect(area).toBeCloseTo(areas[0]!, 6));
  });

  it('refuses widths out of order and a form deeper than they reach', () => {
    expect(() =>
      formPasses(
        [
          [0, 1],
          [0, 2],
        ],
        1,
        2,
        0,
      ),
    ).toThrow('depth of a width');
    expect(() => formPasses(widths, 3, 2, 0)).toThrow('depth');
  });
});

describe('a template', () => {
  it('is as large as its form, its magnification and its margins', () => {
    expect(trueSize(7, 5, 20, 10, 300, 0)).toMatchObject({ widthMm: 160, heightMm: 120, pngWidthPx: 1890 });
    expect(hiddenByLine(20)).toBeCloseTo(0.0125, 9);
  });

  it('is not read from a print at the wrong setting', () => {
    expect(printFactors({ nominalMm: 100, xMm: 99.5, yMm: 100 }).x).toBeCloseTo(1.005, 3);
    expect(() => printFactors({ nominalMm: 100, xMm: 94, yMm: 80 })).toThrow('print factor');
  });
});

describe('single arcs of a form', () => {
  it('are the root of a clock wheel cutter and its two sides by one stone of its shaping radius', () => {
    const { profile, shapingRadiusMm, rootMm, flankRad } = clockWheelSpace({
      moduleMm: 0.8,
      wheelTeeth: 64,
      leaves: 8,
    });
    // The root circle is one arc across the middle, though the form is drawn as two halves.
    expect(arcJobs(profile)).toEqual([
      expect.objectContaining({
        kind: 'hollow',
        times: 1,
        arcs: 2,
        radiusMm: expect.closeTo(rootMm / 2, 6),
        fromDeg: expect.closeTo((-flankRad * 180) / Math.PI, 6),
        toDeg: expect.closeTo((flankRad * 180) / Math.PI, 6),
      }),
      expect.objectContaining({
        kind: 'hollow',
        times: 2,
        deviationMm: 0,
        radiusMm: expect.closeTo(shapingRadiusMm, 9),
      }),
    ]);
  });

  it('are counted from straight down for a round, from straight up for a hollow, to the right', () => {
    const used = (shape: 'groove' | 'bead' | 'edge') =>
      arcJobs(radiusForm(shape, 3, 3).profile).map(({ kind, fromDeg, toDeg }) => [
        kind,
        Math.round(fromDeg) || 0,
        Math.round(toDeg) || 0,
      ]);
    expect(used('groove')).toEqual([['round', -90, 90]]);
    expect(used('bead')).toEqual([['hollow', -90, 90]]);
    expect(used('edge')).toEqual([['hollow', -90, 0]]);
  });

  it('are the same on both sides of a symmetric form, whatever rake bends it to', () => {
    const { toShape } = correctedForm(shapeOf({ kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 }), {
      kind: 'flat',
      smallestMm: 9,
      rakeDeg: 6,
      clearanceDeg: 8,
    });
    expect(arcJobs(toShape)).toEqual([expect.objectContaining({ kind: 'hollow', times: 2 })]);
  });

  it('stand for the many arcs of a gear flank, with what they leave', () => {
    const { profile } = toothSpace({ moduleMm: 1, teeth: 30, rack: RACKS['iso-53-a'], shift: 0 });
    const flank = arcJobs(profile).find(({ kind, arcs }) => kind === 'hollow' && arcs > 2)!;
    expect(flank.times).toBe(2);
    expect(flank.deviationMm).toBeGreaterThan(0.0005);
    expect(flank.deviationMm).toBeLessThan(0.02);
  });
});

describe('dials of a slide table', () => {
  const dial = { turnMm: 4, marks: 80 };
  const { stops } = slideStops(ROUNDED_STEP, 1, 0.01);
  const read = dialStops(stops, dial, dial);

  it('are read from the first stop, no farther off than half a mark', () => {
    expect(read.stops[0]).toMatchObject({ xMm: 0, yMm: 0 });
    read.stops.forEach(({ xMm, yMm, y }, i) => {
      expect(Math.abs(xMm - (stops[i]![0] - stops[0]![0]))).toBeLessThanOrEqual(0.025 + 1e-9);
      expect(Math.abs(yMm - (stops[i]![1] - stops[0]![1]))).toBeLessThanOrEqual(0.025 + 1e-9);
      expect((y.turns + y.mark / 80) * 4).toBeCloseTo(yMm, 9);
    });
    expect(read.roundingMm).toBeCloseTo(0.0354, 4);
  });

  it('say where a slide turns back, so that its play is taken up', () => {
    expect(read.stops.some(({ xTurnsBack, yTurnsBack }) => xTurnsBack || yTurnsBack)).toBe(false);
    const there = dialStops(
      [
        [0, 0],
        [0, 1],
        [1, 2],
        [2, 1],
      ],
      dial,
      dial,
    ).stops;
    expect(there.map(({ yTurnsBack }) => yTurnsBack)).toEqual([false, false, false, true]);
  });

  it('refuse a dial without marks', () =>
    expect(() => dialStops(stops, { turnMm: 4, marks: 0 }, dial)).toThrow('marks'));
});
