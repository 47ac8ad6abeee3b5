import fc from 'fast-check';
import { abrasiveFor, FORBIDDEN_MATERIALS, GROUND_MATERIALS } from './abrasive';
import { acceptAngle } from './angle-band';
import { dressInterval, dressLead, truesToo, usualDress } from './dressing';
import { dish, endToothRelief, raiseAfterWear, raiseFor, secondRelief } from './end-tooth';
import { grindRounds } from './grind-rounds';
import { indexAngles } from './index-teeth';
import { readMarking, type WheelMarking } from './marking';
import { millRegrinds } from './mill-regrinds';
import { regrindCost } from './regrind-cost';
import { wheelFaults, type WheelCheck } from './safety-check';
import { stonePosition, stoneRadius, stoneRelief } from './taper-stone';
import { hardnessAfter, temperColour } from './temper';
import { ABRASIVES } from './wheel-names';
import { actsFor, dressFor } from './wheel-sign';
import { leastDiameter, wheelSpeed } from './wheel-speed';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a marking', () => {
  it('is read whatever stands between its fields', () =>
    fc.assert(
      fc.property(fc.constantFrom(' ', '-', '/', ''), (between) => {
        const read = readMarking(['wa', '60', 'j', '8', 'v'].join(between)) as WheelMarking;
        expect(read).toMatchObject({ abrasive: 'WA', grit: 60, grade: 'J', structure: 8, bond: 'V' });
      }),
    ));
  it('never breaks, whatever is typed', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const read = readMarking(text);
        expect(typeof read === 'string' || read.grit >= 4).toBe(true);
      }),
    ));
  it.each([
    ['A 3 L 5 V', 'bad-grit'],
    ['A 36 L 5 V 0 m/s', 'bad-speed'],
    ['A 36 L 5 V 200 m/s', 'bad-speed'],
    ['D 126 C75', 'bad-marking'],
    ['', 'bad-marking'],
  ])('%s: %s', (text, fault) => expect(readMarking(text)).toBe(fault));
  it('takes the longer code of a bond', () =>
    expect(readMarking('A 46 N 6 BF 80 m/s')).toMatchObject({ bond: 'BF', suffix: null, maxSpeedMPerS: 80 }));
});

it('soft metal is forbidden on every wheel, and each material has one that suits it', () => {
  for (const abrasive of ABRASIVES)
    for (const material of FORBIDDEN_MATERIALS) expect(abrasiveFor(material, abrasive)).toBe('forbidden');
  for (const material of GROUND_MATERIALS)
    expect(ABRASIVES.some((abrasive) => abrasiveFor(material, abrasive) === 'suitable')).toBe(true);
});

it('at its highest speed a wheel runs at its rating, and a larger one may run no faster', () =>
  fc.assert(
    fc.property(number(40, 400), number(10, 80), number(1.01, 2), (diameter, rated, by) => {
      const rating = { mPerS: rated, rpm: null };
      const { maxRpm } = wheelSpeed(diameter, 1000, rating);
      expect(wheelSpeed(diameter, maxRpm, rating)).toMatchObject({ ok: true });
      expect(wheelSpeed(diameter, maxRpm * 1.001, rating).ok).toBe(false);
      expect(wheelSpeed(diameter * by, 1000, rating).maxRpm).toBeLessThan(maxRpm);
    }),
  ));

it('of two ratings the lower counts', () => {
  expect(wheelSpeed(150, 2850, { mPerS: 35, rpm: 2800 })).toMatchObject({ maxRpm: 2800, ok: false });
  expect(() => wheelSpeed(150, 2850, { mPerS: null, rpm: null })).toThrow('ratings');
});

it('a tie for what ends a wheel goes to the flange before the maker', () => {
  const worn = { spindleRpm: 6e4, leastMPerS: 15, flangeMm: 60, clearanceMm: 10, makerMm: 80 };
  expect(leastDiameter(worn)).toMatchObject({ limitedBy: 'flange', diameterMm: 80 });
});

describe('dressing', () => {
  const pass = { traverseMmMin: 290, wheelRpm: 2900, tipMm: 0.3, depthMm: 0.02, widthMm: 20 };
  it('slower leaves a finer ridge; too fast leaves strips as deep as the pass', () => {
    expect(dressLead({ ...pass, traverseMmMin: 145 }).ridgeUm).toBeLessThan(dressLead(pass).ridgeUm);
    expect(dressLead({ ...pass, traverseMmMin: 2000 })).toMatchObject({ covers: false, ridgeUm: 20 });
  });
  it('a larger piece comes fewer times, and there is one at the least', () => {
    const cycle = {
      widthMm: 20,
      capacityMm3PerMm: 200,
      gRatio: 12,
      diameterMm: 150,
      leastMm: 110,
      dressMm: 0.06,
    };
    expect(dressInterval({ ...cycle, volumePerPieceMm3: 60 }).pieces).toBe(66);
    expect(dressInterval({ ...cycle, volumePerPieceMm3: 1e5 }).pieces).toBe(1);
    expect(dressInterval({ ...cycle, volumePerPieceMm3: 30, diameterMm: 105 }).dressesLeft).toBe(0);
  });
  it('finishing wheels stay as the diamond left them; a wheel out of true needs the diamond', () => {
    expect([usualDress(true), usualDress(false)]).toEqual(['diamond', 'diamond-then-star']);
    for (const sign of ['out-of-true', 'grooved'] as const) {
      expect(truesToo(dressFor(sign, false))).toBe(true);
      expect(actsFor(sign)[0]).toBe('true');
    }
    expect(truesToo('star-only')).toBe(false);
  });
});

describe('a mounted wheel', () => {
  const right: WheelCheck = {
    restGapMm: 3,
    tongueGapMm: 6,
    spindleRpm: 2850,
    wheelMm: 150,
    ratedMPerS: 35,
    flangeMm: 50,
    bond: 'V',
    ringTest: 'clear',
    use: 'periphery',
    sideRated: false,
    cutOff: false,
    faceProtection: true,
    breathingProtection: true,
    gloves: false,
    workMaterial: 'hss',
  };
  it('passes at its limits', () => expect(wheelFaults(right)).toEqual([]));
  it.each([
    [{ spindleRpm: 4500 }, 'over-speed'],
    [{ ringTest: 'not-done' }, 'ring-test'],
    [{ flangeMm: 49 }, 'flange-small'],
    [{ restGapMm: 3.1 }, 'rest-gap'],
    [{ tongueGapMm: 6.1 }, 'tongue-gap'],
    [{ use: 'side', cutOff: true, sideRated: true }, 'cut-off-side'],
    [{ use: 'side' }, 'side-not-rated'],
    [{ faceProtection: false }, 'no-face-protection'],
    [{ breathingProtection: false }, 'no-breathing-protection'],
    [{ gloves: true }, 'gloves'],
    [{ workMaterial: 'brass' }, 'wrong-material'],
  ] as const)('%j is told as %s alone', (wrong, fault) =>
    expect(wheelFaults({ ...right, ...wrong })).toEqual([fault]),
  );
  it('a shop in inches has its own gaps, and resin does not ring', () => {
    const inch = { rest: 3.175, tongue: 6.35 };
    expect(wheelFaults({ ...right, restGapMm: 3.175, tongueGapMm: 6.35 }, inch)).toEqual([]);
    expect(wheelFaults({ ...right, bond: 'B', ringTest: 'not-done' })).toEqual([]);
  });
});

describe('an end tooth', () => {
  it('the height for a relief leaves it at the edge, less of it at the heel, the chord between', () =>
    fc.assert(
      fc.property(number(3, 12), number(12, 100), number(0.2, 0.9), (wanted, radius, share) => {
        const raise = raiseFor(wanted, radius);
        const land = endToothRelief(radius, raise, raise * share);
        expect(land.edgeDeg).toBeCloseTo(wanted, 9);
        expect(land.chordDeg).toBeGreaterThan(land.heelDeg);
        expect(land.chordDeg).toBeLessThan(land.edgeDeg);
        expect(land.warning).toBeNull();
      }),
    ));
  it('wear at the old height adds relief; a second relief begins where the land ends', () => {
    expect(raiseAfterWear(6, 30, 26).uncorrectedDeg).toBeGreaterThan(6);
    const second = secondRelief(30, 3.1359, 0.8, 14);
    expect(endToothRelief(30, second.raiseMm, 0.8).heelDeg).toBeCloseTo(14, 6);
  });
  it.each([
    [() => endToothRelief(12, 12, 1), 'contact height'],
    [() => endToothRelief(12, 1, 14), 'ground width'],
    [() => endToothRelief(0, 0, 1), 'wheel radius'],
    [() => secondRelief(30, 3.1359, 0.8, 1), 'secondary raise'],
    [() => dish(12, 2, 13, 50), 'gap'],
    [() => indexAngles(2.5, 0, null), 'teeth'],
    [() => indexAngles(4, 0, 0), 'holes'],
    [
      () =>
        grindRounds({ teeth: 4, wearMm: 1, reliefDeg: 6, chipMm: 0, marginMm: 0, infeedMm: 0, sparkOut: 1 }),
      'infeed',
    ],
  ])('refuses %#', (run, what) => expect(run).toThrow(what));
  it('nothing to take off is no round, only its spark-out', () =>
    expect(
      grindRounds({ teeth: 4, wearMm: 0, reliefDeg: 6, chipMm: 0, marginMm: 0, infeedMm: 0.01, sparkOut: 1 }),
    ).toMatchObject({ rounds: 0, passes: 4, lastMm: 0 }));
  it('infeeds add up to the stock', () =>
    fc.assert(
      fc.property(number(0, 1), number(0, 1), number(0.005, 0.05), (wearMm, chipMm, infeedMm) => {
        const { stockMm, rounds, lastMm } = grindRounds({
          teeth: 3,
          wearMm,
          reliefDeg: 7,
          chipMm,
          marginMm: 0.02,
          infeedMm,
          sparkOut: 1,
        });
        expect((rounds - 1) * infeedMm + lastMm).toBeCloseTo(stockMm, 9);
        expect(lastMm).toBeLessThanOrEqual(infeedMm + 1e-9);
      }),
    ));
});

it('a radius on a tapered stone is found where the stone has it', () =>
  fc.assert(
    fc.property(number(2.1, 5.9), number(0, 0.1), (radius, wornMm) => {
      const stone = { largeMm: 12, smallMm: 4, lengthMm: 20, wornMm };
      const { positionMm } = stonePosition(stone, Math.min(radius, 5.9 - wornMm), 20_000);
      expect(stoneRadius(stone, Math.max(0, positionMm)).radiusMm).toBeCloseTo(
        Math.min(radius, 5.9 - wornMm),
        6,
      );
    }),
  ));

it.each([
  [() => stonePosition({ largeMm: 4, smallMm: 4, lengthMm: 20, wornMm: 0 }, 2, 100), 'taper'],
  [() => stonePosition({ largeMm: 12, smallMm: 4, lengthMm: 20, wornMm: 0 }, 7, 100), 'radius on the stone'],
  [() => stoneRadius({ largeMm: 12, smallMm: 4, lengthMm: 20, wornMm: 0 }, 21), 'place on the stone'],
  [() => hardnessAfter('hss', 800, 64, 3600), 'temperature of the table'],
  [
    () =>
      regrindCost({
        price: 1,
        regrinds: 1,
        minutes: 1,
        ratePerHour: 0,
        wheelCost: 0,
        lifeRatio: 1,
        sendOutFee: 1,
        sendOutLifeRatio: 1,
      }),
    'cost of an hour',
  ],
])('refuses %#', (run, what) => expect(run).toThrow(what));

it('the wrong way round a stone gives negative relief', () =>
  expect(stoneRelief(-8, 0, 0)).toBeCloseTo(-8, 9));

it('hotter is never harder, nor longer; a colour once passed is not seen again', () =>
  fc.assert(
    fc.property(
      fc.constantFrom('carbon-steel' as const, 'hss' as const),
      number(50, 600),
      number(1, 7200),
      (steel, c, s) => {
        const { hrc } = hardnessAfter(steel, c, 64, s);
        expect(hardnessAfter(steel, c + 20, 64, s).hrc).toBeLessThanOrEqual(hrc + 1e-9);
        expect(hardnessAfter(steel, c, 64, s * 2).hrc).toBeLessThanOrEqual(hrc + 1e-9);
        expect(temperColour(1000)).toBe('bright-red');
      },
    ),
  ));

it('more sharpenings, or cheaper ones, never make a life dearer than a new tool would be', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20 }), number(1, 60), (regrinds, minutes) => {
      const costs = {
        price: 30,
        regrinds,
        minutes,
        ratePerHour: 30,
        wheelCost: 0.3,
        lifeRatio: 0.8,
        sendOutFee: 12,
        sendOutLifeRatio: 0.95,
      };
      const { perLife, cheapest, breakEvenMin } = regrindCost(costs);
      expect(perLife[cheapest]).toBe(Math.min(...Object.values(perLife)));
      expect(perLife.own < perLife.buy).toBe(minutes < breakEvenMin);
    }),
  ));

it('what is left of a mill is never more than both limits allow', () =>
  fc.assert(
    fc.property(number(5, 30), number(0.05, 1), (fluteMm, endMm) => {
      const left = millRegrinds({
        fluteMm,
        leastFluteMm: 6,
        endMm,
        diameterMm: 12,
        leastDiameterMm: 11,
        radialMm: 0.05,
      });
      expect(left.regrinds).toBe(Math.min(left.byFlute, left.byDiameter!));
      expect(left.regrinds === 0 || left.fluteAtScrapMm >= 6 - 1e-9).toBe(true);
    }),
  ));

it('a surer instrument never turns an answer round', () =>
  fc.assert(
    fc.property(number(0, 12), number(0, 2), (measured, u) => {
      const sure = acceptAngle('bit-relief', 6, measured, 0).verdict;
      const asked = acceptAngle('bit-relief', 6, measured, u).verdict;
      expect([sure, 'uncertain']).toContain(asked);
    }),
  ));
