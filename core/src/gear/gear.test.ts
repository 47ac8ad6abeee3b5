import fc from 'fast-check';
import { selfCrossing } from '../profile/crossing';
import { distanceFrom } from '../profile/nearest';
import { directionOn, piecesOf } from '../profile/profile';
import { sampled } from '../profile/sampled';
import { cutterRange, rangeTeeth } from './cutter-range';
import { formError, patternRange, patternsAround } from './form-error';
import {
  RACKS,
  gearCircles,
  gearSizes,
  moduleOfPitch,
  toothThickness,
  undercutOf,
  type Gear,
  plainGear,
} from './gear';
import { identifyGear } from './identify-gear';
import { inverseInvolute, involute } from './involute';
import { overPins, plainSpan, sinkForSpan, span } from './over-teeth';
import { formRadius, toothSpace } from './tooth-space';

const DEG = Math.PI / 180;
const gear = (teeth: number, shift = 0, moduleMm = 1): Gear => ({
  moduleMm,
  teeth,
  shift,
  rack: RACKS['iso-53-a'],
});
const teethAndShift = fc.record({
  teeth: fc.integer({ min: 18, max: 120 }),
  shift: fc.double({ min: -0.05, max: 0.5, noNaN: true }),
});

describe('the involute function', () => {
  it('is undone by its inverse', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 85 * DEG, noNaN: true }), (angle) =>
        expect(inverseInvolute(involute(angle))).toBeCloseTo(angle, 9),
      ),
    ));

  it('rises, and ever faster', () => {
    const values = [10, 20, 30, 40].map((deg) => involute(deg * DEG));
    const steps = values.slice(1).map((value, i) => value - values[i]!);
    expect(steps.every((step, i) => step > (steps[i - 1] ?? 0))).toBe(true);
  });
});

describe('a gear', () => {
  it('of module 1 and 20 teeth is 22 over the tips and 7.6604 over three teeth', () => {
    expect(gearSizes(gear(20)).outsideMm).toBeCloseTo(22, 9);
    expect(span(gear(20), 3).spanMm).toBeCloseTo(7.6604, 4);
    expect(moduleOfPitch(16)).toBeCloseTo(1.5875, 9);
  });

  it('has tooth and space that fill the pitch at any radius', () =>
    fc.assert(
      fc.property(teethAndShift, fc.double({ min: 0, max: 1, noNaN: true }), ({ teeth, shift }, share) => {
        const one = gear(teeth, shift);
        const { rb, ra, space, r, invAlpha } = gearCircles(one);
        const radius = rb + (ra - rb) * share;
        const half = space / (2 * r) + involute(Math.acos(Math.min(1, rb / radius))) - invAlpha;
        expect(toothThickness(one, radius).arcMm + 2 * radius * half).toBeCloseTo(
          (2 * Math.PI * radius) / teeth,
          9,
        );
      }),
    ));

  it('has spans that differ by the base pitch, whatever its shift', () =>
    fc.assert(
      fc.property(teethAndShift, ({ teeth, shift }) => {
        const one = gear(teeth, shift);
        expect(plainSpan(one, 4) - plainSpan(one, 3)).toBeCloseTo(gearSizes(one).basePitchMm, 9);
      }),
    ));

  it('is sunk so that a span that reads too large comes right', () => {
    expect(sinkForSpan(gear(20), 0.05)).toBeCloseTo(0.0731, 4);
    fc.assert(
      fc.property(
        teethAndShift,
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        ({ teeth, shift }, over) => {
          // Sinking by u is a shift of -u: the span falls by exactly what was over.
          const one = gear(teeth, shift);
          const sunk = gear(teeth, shift - sinkForSpan(one, over));
          expect(plainSpan(one, 3) - plainSpan(sunk, 3)).toBeCloseTo(over, 9);
        },
      ),
    );
  });

  it('measures more over larger pins and with more shift', () => {
    expect(overPins(gear(25), 1.75).overMm).toBeGreaterThan(overPins(gear(25), 1.7).overMm);
    expect(overPins(gear(25, 0.2), 1.728).overMm).toBeGreaterThan(overPins(gear(25), 1.728).overMm);
  });

  it('is undercut below 17 teeth and no longer with enough shift', () => {
    const { undercut, leastShift } = undercutOf(gear(12));
    expect(undercut).toBe(true);
    expect(undercutOf(gear(12, leastShift + 1e-9)).undercut).toBe(false);
    expect(undercutOf(gear(18)).undercut).toBe(false);
  });

  it.each([
    [gear(3), 'number of teeth'],
    [gear(20.5), 'number of teeth'],
    [gear(20, 0, 0), 'module'],
    [gear(20, 2), 'profile shift'],
    [{ ...gear(20), rack: { ...RACKS['iso-53-a'], pressureAngleDeg: 40 } }, 'pressure angle'],
    [{ ...gear(20), rack: { ...RACKS['full-25'], tipRadius: 0.38 } }, 'room for the tip radius'],
  ])('that is none is refused with the reason', (bad, what) => expect(() => toothSpace(bad)).toThrow(what));

  it('refuses a pin that lies too deep and one that does not stand proud', () => {
    expect(() => overPins(gear(25), 0.2)).toThrow('pin');
    expect(() => overPins(gear(25), 1.2)).toThrow('height of the pin');
  });

  it('refuses a span whose anvils miss the flanks', () => expect(() => span(gear(20), 6)).toThrow('anvils'));
});

describe('a tooth space', () => {
  it('runs from tip to tip through the root, symmetric, without crossing itself', () =>
    fc.assert(
      fc.property(teethAndShift, ({ teeth, shift }) => {
        const one = gear(teeth, shift);
        const { profile, rootRadiusMm } = toothSpace(one);
        const { ra } = gearCircles(one);
        expect(Math.hypot(profile[0]![0], profile[0]![1])).toBeCloseTo(ra, 6);
        const points = sampled(profile, 0.001);
        expect(Math.min(...points.map(([x, y]) => Math.hypot(x, y)))).toBeCloseTo(rootRadiusMm, 4);
        expect(selfCrossing(points)).toBeNull();
        const back = profile[profile.length - 1]!;
        expect(profile[0]![0]).toBeCloseTo(-back[0], 9);
      }),
      { numRuns: 25 },
    ));

  it('has no break of its tangent where it is not undercut', () => {
    const pieces = piecesOf(toothSpace(gear(30)).profile);
    const breaks = pieces.slice(1).map((piece, i) => {
      const [ax, ay] = directionOn(pieces[i]!, 1);
      const [bx, by] = directionOn(piece, 0);
      return Math.abs(ax * by - ay * bx);
    });
    expect(Math.max(...breaks)).toBeLessThan(0.01 * DEG);
  });

  it('is what the rolling rack leaves: no rack position cuts into it, and some position touches each place', () => {
    const one = gear(14);
    const { profile } = toothSpace(one, 1e-5);
    const { r, alpha } = gearCircles(one);
    const rack = RACKS['iso-53-a'];
    // Right half of the rack's tooth: middle, tip flat, tip round, straight flank; depth below the rolling line.
    const flat =
      Math.PI / 4 - (rack.dedendum - rack.tipRadius) * Math.tan(alpha) - rack.tipRadius / Math.cos(alpha);
    const round = Array.from({ length: 60 }, (_, i) => {
      const t = (i / 59) * (Math.PI / 2 - alpha);
      return [
        flat + rack.tipRadius * Math.sin(t),
        -(rack.dedendum - rack.tipRadius) - rack.tipRadius * Math.cos(t),
      ] as const;
    });
    const flank = Array.from({ length: 60 }, (_, i) => {
      const h = -1 + (2 * i) / 59;
      return [Math.PI / 4 + h * Math.tan(alpha), h] as const;
    });
    const cut: (readonly [number, number])[] = [];
    for (let step = -400; step <= 400; step += 1) {
      const phi = step * 0.0025;
      for (const [sx, h] of [...round, ...flank]) {
        const [x, y] = [sx + phi * r, r + h];
        const at = [x * Math.cos(phi) - y * Math.sin(phi), x * Math.sin(phi) + y * Math.cos(phi)] as const;
        cut.push(at);
      }
    }
    const inside = cut.filter(([x, y]) => x > 0 && Math.hypot(x, y) < r + 0.9 && x < r * Math.sin(0.2));
    const half = sampled(profile, 1e-4).filter(([x]) => x >= 0);
    const angleOf = ([x, y]: readonly [number, number]): number => Math.atan2(x, y);
    const limit = (radius: number): number => {
      const at = half.findIndex((point) => Math.hypot(...point) >= radius);
      const [a, b] = [half[Math.max(0, at - 1)]!, half[at]!];
      const share = (radius - Math.hypot(...a)) / (Math.hypot(...b) - Math.hypot(...a) || 1);
      return angleOf(a) + (angleOf(b) - angleOf(a)) * share;
    };
    const { rf } = gearCircles(one);
    const over = inside
      .filter((point) => Math.hypot(...point) > rf + 0.02)
      .map((point) => (angleOf(point) - limit(Math.hypot(...point))) * Math.hypot(...point));
    expect(Math.max(...over)).toBeLessThan(0.002);
    const touched = half.filter(
      (point) => Math.hypot(...point) > rf + 0.1 && Math.hypot(...point) < r + 0.8 && point[0] > 0.3,
    );
    const nearest = touched
      .filter((_, i) => i % 5 === 0)
      .map((point) =>
        Math.min(...inside.map((other) => Math.hypot(other[0] - point[0], other[1] - point[1]))),
      );
    expect(Math.max(...nearest)).toBeLessThan(0.02);
  });

  it('starts its involute outside the base circle', () =>
    expect(formRadius(gear(12))).toBeGreaterThan(gearCircles(gear(12)).rb));

  it('passes the point where tooth and space are equal', () => {
    const { r, space } = gearCircles(gear(20));
    expect(
      distanceFrom(toothSpace(gear(20)).profile, [
        r * Math.sin(space / (2 * r)),
        r * Math.cos(space / (2 * r)),
      ]),
    ).toBeLessThan(0.001);
  });
});

describe('a cutter for other counts', () => {
  it.each([
    [12, 8],
    [34, 4],
    [135, 1],
    [null, 1],
  ])('%s teeth take number %i', (teeth, number) => expect(cutterRange(teeth)?.number).toBe(number));

  it('is none of the set below 12, and the form is drawn for its own count', () => {
    expect(cutterRange(11)).toBeNull();
    expect(rangeTeeth(11)).toBe(11);
    expect(rangeTeeth(20)).toBe(17);
  });

  it('makes its own count without error, fewer teeth thin the tips, more leave them fat', () => {
    expect(formError(1, 30, 30, 20).maxMm).toBeLessThan(1e-9);
    expect(formError(1, 26, 30, 20).tipMm).toBeLessThan(0);
    expect(formError(1, 34, 30, 20).tipMm).toBeGreaterThan(0);
    expect(formError(1, 20, 30, 20).maxMm).toBeGreaterThan(formError(1, 26, 30, 20).maxMm);
  });

  it('errs in proportion to the module', () =>
    expect(formError(3, 26, 34, 20).tipMm).toBeCloseTo(3 * formError(1, 26, 34, 20).tipMm, 9));

  it('serves more counts the more is allowed', () => {
    const around = patternsAround(gear(30));
    const serves = around.filter(({ maxMm }) => maxMm <= 0.01).map(({ teeth }) => teeth);
    expect([serves[0], serves.at(-1)]).toEqual([29, 32]);
    expect(around.find(({ teeth }) => teeth === 30)!.maxMm).toBeCloseTo(0, 9);
    const [near, wide] = [patternRange(1, 30, 20, 0.01), patternRange(1, 30, 20, 0.02)];
    expect(near).toEqual({ fromTeeth: 29, toTeeth: 32 });
    expect(wide.fromTeeth).toBeLessThan(near.fromTeeth);
    expect(wide.toTeeth).toBeGreaterThan(near.toTeeth);
  });
});

describe('an unknown gear', () => {
  const measured = (one: Gear, k: number, off = 0) => ({
    teeth: one.teeth,
    outsideMm: gearSizes(one).outsideMm - 0.05,
    spans: [
      { teeth: k, lengthMm: plainSpan(one, k) - off },
      { teeth: k + 1, lengthMm: plainSpan(one, k + 1) - off },
    ],
    doubtMm: { outside: 0.1, span: 0.03 },
  });

  it('is found from its outside diameter and two spans, worn by 0.02', () =>
    fc.assert(
      fc.property(fc.integer({ min: 14, max: 90 }), fc.constantFrom(1, 1.5, 2, 2.5, 3), (teeth, moduleMm) => {
        const best = identifyGear(
          measured(plainGear(moduleMm, teeth, 20), Math.max(2, Math.round(teeth / 9)), 0.02),
        )[0]!;
        expect([best.system, best.size, best.gear.rack.pressureAngleDeg]).toEqual(['module', moduleMm, 20]);
      }),
      { numRuns: 40 },
    ));

  it('is found with its shift', () => {
    const best = identifyGear(measured({ ...plainGear(2, 24, 20), shift: 0.4 }, 3))[0]!;
    expect(best.size).toBe(2);
    expect(best.gear.shift).toBeCloseTo(0.4, 6);
  });
});
