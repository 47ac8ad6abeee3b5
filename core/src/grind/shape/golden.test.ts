import { BIT_SHAPES, type BitShape } from '../bit-plan';
import { bitOf } from '../grind.fixture';
import type { GrindStep } from '../grind-step';
import { grindSteps } from '../grind-steps';

/**
 * How every shape is held and ground out of a 10 mm square blank on a 150 mm wheel, with a chip breaker
 * and a second clearance where it takes one. Checked by hand on the way to the wheel:
 * - a flank of clearance c in the plane across the shank, its edge at an angle t, wants the tilt
 *   atan(tan c sin t): general side atan(tan 10° sin 78.99°) = 9.82, chamfer atan(tan 11° sin 45°) = 7.83,
 *   thread atan(tan 6° sin 60°) = 5.20;
 * - a top of side rake s and back rake b, held on its side, wants the turn 90 + b and the tilt
 *   atan(tan s cos b): general atan(tan 12° cos 8°) = 11.89, knife atan(tan 14° cos 6°) = 13.93.
 */
const GOLDEN: Readonly<Record<BitShape, readonly string[]>> = {
  general: [
    'side, turn 78.99 tilt 9.82 roll 0, across 10, reach 8.2, offset -1.38 of 1, coarse, protractor',
    'front, turn -8.14 tilt 7.92 roll 0, along 8, reach 63, offset 0.02 of 1, coarse, protractor',
    'rake, turn -98 tilt 11.89 roll 90, across 12 along 8, reach 10.66, offset 0.22 of 1, coarse, protractor',
    'groove, reach 8, round 3 through -0.76,-3.15,2.37, round, lens',
    'nose, swing -8.14 to 78.99 tilt 8.87, reach 8.2, offset -0.12 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  'round-nose': [
    'arc, swing -90 to 90 tilt 9, along 9, reach 4.7, offset 7.92 of 61, fine, radius-gauge',
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 6.2, offset -0.1 of 1, fine, protractor',
    'hone, stone, lens',
  ],
  knife: [
    'side, turn 90.85 tilt 10 roll 0, across 10, reach 8.2, offset -0.28 of 1, coarse, protractor',
    'front, turn -5.64 tilt 8.96 roll 0, along 9, reach 63, offset -0.15 of 1, coarse, protractor',
    'rake, turn -96 tilt 13.93 roll 90, across 14 along 6, reach 10.66, offset 0 of 1, coarse, protractor',
    'groove, reach 8, round 3 through -0.41,-2.14,2.35, round, lens',
    'nose, swing -5.64 to 90.85 tilt 9.48, reach 8.2, offset -0.19 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  facing: [
    'front, turn -2.97 tilt 8.99 roll 0, along 9, reach 63, offset -0.11 of 1, coarse, protractor',
    'side, turn 78.99 tilt 9.82 roll 0, across 10, reach 8.2, offset -1.38 of 1, coarse, protractor',
    'rake, turn -98 tilt 11.89 roll 90, across 12 along 8, reach 10.66, offset 0.22 of 1, coarse, protractor',
    'groove, reach 8, round 3 through -0.76,-3.15,2.37, round, lens',
    'nose, swing -2.97 to 78.99 tilt 9.4, reach 8.2, offset -0.22 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  parting: [
    'left, turn 90.75 tilt 1.5 roll 0, across 1.5, reach 12.2, offset -0.49 of 1, coarse, square',
    'right, turn -90.75 tilt 1.5 roll 0, across 1.5, reach 12.2, offset 3.5 of 1, coarse, rule',
    'front, turn 0 tilt 8 roll 0, along 8, reach 63, offset -0.18 of 1, fine, protractor',
    'hone, stone, lens',
  ],
  boring: [
    'front, turn -7.29 tilt 11.91 roll 0, along 12, reach 63, offset -0.12 of 1, coarse, protractor',
    'side, turn 84.31 tilt 9.95 roll 0, across 10, reach 5.2, offset -0.43 of 1, coarse, protractor',
    'heel-front, turn -4.17 tilt 24.35 roll 0, along 24.41, reach 63, offset 0.11 of 1, coarse, protractor',
    'rake, turn -95 tilt 11.96 roll 90, across 12 along 5, reach 6.76, offset 0.01 of 1, coarse, protractor',
    'groove, reach 5, round 3 through -0.53,-2.19,2.4, round, lens',
    'nose, swing -7.29 to 84.31 tilt 10.93, reach 5.2, offset -0.17 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  'thread-60': [
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 8.7, offset -0.1 of 1, fine, protractor',
    'left, turn 60 tilt 5.2 roll 0, across 6, reach 7.2, offset -4.32 of 1, fine, centre-gauge',
    'right, turn -60 tilt 5.2 roll 0, across 6, reach 7.2, offset 4.31 of 1, fine, centre-gauge',
    'point, turn 0 tilt 9 roll 0, along 9, reach 63, offset -0.18 of 1, fine, protractor',
    'hone, stone, lens',
  ],
  'thread-55': [
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 8.7, offset -0.1 of 1, fine, protractor',
    'left, turn 62.5 tilt 5.33 roll 0, across 6, reach 7.2, offset -4.41 of 1, fine, centre-gauge',
    'right, turn -62.5 tilt 5.33 roll 0, across 6, reach 7.2, offset 4.42 of 1, fine, centre-gauge',
    'point, turn 0 tilt 9 roll 0, along 9, reach 63, offset -0.18 of 1, fine, protractor',
    'hone, stone, lens',
  ],
  'chamfer-90': [
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 7.7, offset -0.1 of 1, fine, protractor',
    'left, turn 45 tilt 7.83 roll 0, across 11, reach 6.2, offset -3.63 of 1, coarse, square',
    'right, turn -45 tilt 7.83 roll 0, across 11, reach 6.2, offset 3.38 of 1, coarse, square',
    'heel-left, turn 45 tilt 25 roll 0, along 33.4, reach 6.2, offset -2.99 of 1, coarse, protractor',
    'heel-right, turn -45 tilt 25 roll 0, along 33.4, reach 6.2, offset 3.41 of 1, coarse, protractor',
    'hone, stone, lens',
  ],
  'radius-convex': [
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 5.2, offset -0.1 of 1, fine, protractor',
    'arc, swing -90 to 90 tilt 9, along 9, reach 3.7, offset 6.93 of 61, fine, radius-gauge',
    'hone, stone, lens',
  ],
  'radius-concave': [
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 6.2, offset -0.1 of 1, fine, protractor',
    'side, turn 90 tilt 8 roll 0, across 8, reach 4.7, offset -0.18 of 1, coarse, protractor',
    'front, turn 0 tilt 8 roll 0, along 8, reach 63, offset -0.18 of 1, coarse, protractor',
    'hollow-radius, reach 63, round 3 through -0.2,-0.2,-0.1, round, radius-gauge',
    'hone, stone, lens',
  ],
  'fly-cutter': [
    'front, turn -4.77 tilt 6.98 roll 0, along 7, reach 63, offset -0.11 of 1, coarse, protractor',
    'side, turn 80.34 tilt 10.85 roll 0, across 11, reach 5.2, offset -0.87 of 1, coarse, protractor',
    'rake, turn -90 tilt 10 roll 90, across 10 along 0, reach 6.76, offset 0.05 of 1, coarse, protractor',
    'groove, reach 5, round 3 through -0.41,-2.54,2.48, round, lens',
    'nose, swing -4.77 to 80.34 tilt 8.91, reach 5.2, offset -0.19 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  brass: [
    'side, turn 85 tilt 9.96 roll 0, across 10, reach 8.2, offset -0.69 of 1, coarse, protractor',
    'front, turn -10 tilt 7.88 roll 0, along 8, reach 63, offset -0.06 of 1, coarse, protractor',
    'rake, turn -90 tilt 0 roll 90, across 0 along 0, reach 10.66, offset -0.1 of 1, coarse, protractor',
    'groove, reach 8, round 3 through -0.3,-1.9,2.73, round, lens',
    'nose, swing -10 to 85 tilt 8.92, reach 8.2, offset -0.16 of 15, fine, radius-gauge',
    'hone, stone, lens',
  ],
  shear: [
    'front, turn 4.05 tilt 6.98 roll 0, along 7, reach 63, offset -0.21 of 1, fine, protractor',
    'rake, turn -90 tilt 30 roll 90, across 30 along 0, reach 4.2, offset 0.06 of 1, fine, protractor',
    'hone, stone, lens',
  ],
};

const two = (value: number): number => Math.round(value * 100) / 100 + 0;

/** A step as a line: how it is held, what the protractor reads, how far it goes, the wheel, the check. */
function told({ key, setting, swing, readings, cut, wheel, check }: GrindStep): string {
  const [round] = cut?.rounds ?? [];
  const [flat] = cut?.keep ?? [];
  return [
    key,
    setting && `turn ${two(setting.turnDeg)} tilt ${two(setting.tiltDeg)} roll ${two(setting.rollDeg)}`,
    swing && `swing ${two(swing.fromDeg)} to ${two(swing.toDeg)} tilt ${two(swing.tiltDeg)}`,
    readings
      .map(({ plane, deg }) => `${plane === 'across-shank' ? 'across' : 'along'} ${two(deg)}`)
      .join(' '),
    cut && `reach ${two(cut.reachMm)}`,
    flat && `offset ${two(flat.offset)} of ${cut!.keep.length}`,
    round && `round ${two(round.radiusMm)} through ${round.through.map(two).join(',')}`,
    wheel,
    check,
  ]
    .filter(Boolean)
    .join(', ');
}

const full = (shape: BitShape) =>
  bitOf(shape, { groove: { landMm: 0.2, widthMm: 2, radiusMm: 3 }, heel: { clearanceDeg: 25, landMm: 1 } });

it.each(BIT_SHAPES)('%s is held and ground as it was checked by hand', (shape) =>
  expect(grindSteps(full(shape)).map(told)).toEqual(GOLDEN[shape]),
);

it('a contact above the axle takes the wheel’s lean off every tilt', () => {
  // asin(2 x 20 / 150) = 15.47 degrees.
  for (const shape of BIT_SHAPES) {
    const at = (contactMm: number) =>
      grindSteps({ ...full(shape), wheel: { diameterMm: 150, contactMm, hollow: false } });
    const tilts = (steps: readonly GrindStep[]) =>
      steps.flatMap(({ setting, swing }) => setting?.tiltDeg ?? swing?.tiltDeg ?? []);
    expect(tilts(at(20)).map((tilt) => two(tilt + 15.466))).toEqual(tilts(at(0)).map(two));
  }
});
