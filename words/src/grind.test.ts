import {
  BIT_SHAPES,
  boreClearance,
  centreHeight,
  centreRule,
  grindSteps,
  judgeAngle,
  regrindFor,
  WEAR_SEEN,
  type BitFinding,
  type BitRead,
  type StepKey,
} from '@pike-stone/core/grind';
import { bitOf } from '@pike-stone/core/grind-fixture';
import {
  ANGLE_WORDS,
  bitTitle,
  sayAngleVerdict,
  sayBitFinding,
  sayBitRead,
  sayBlank,
  sayBoreGap,
  sayFaceRead,
  sayHeat,
  sayHeight,
  sayLensChecks,
  sayHeatTimer,
  sayNoseHeight,
  sayPacking,
  sayPastWork,
  sayRegrind,
  sayRuleLean,
  sayRuleSees,
  saySmallestBore,
  sayStep,
  sayStepCaution,
  sayStepFigures,
  sayTilt,
  WEAR_WORDS,
} from './grind';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

describe('a step at the wheel', () => {
  const plan = bitOf('general');
  const said = (key: StepKey, of = plan) =>
    sayStep(
      grindSteps(of).find((step) => step.key === key)!,
      of,
      'hss',
      'mm',
    );

  it('says how the bit lies, which wheel, where to stop and what goes wrong there', () => {
    expect(said('side')).toEqual({
      title: 'Grind the side clearance',
      wheel: 'Coarse alumina wheel, 36 to 60 grit',
      hold: 'Flat on the rest, top up, nose 79° to your right.',
      stop: 'Stop when the pen mark is gone evenly from heel to a hair short of the edge.',
      mistake: 'Often wrong: several facets on one face: move across the whole wheel and keep the turn.',
    });
    expect(said('rake').hold).toBe('On its right side, top to your right, nose 98° to your left.');
    expect(said('nose').hold).toBe(
      'Flat on the rest. Swing it in one smooth sweep, from 8° left to 79° right.',
    );
    expect(plain(said('nose').stop)).toBe(
      'A radius of 0.8 mm: 4 small flats first, then roll from flank to flank. Check: radius gauge against the light.',
    );
    expect(said('hone').title).toBe('Hone the edge');
    expect(said('hone').stop).toContain('Stop when no light comes from the edge line.');
    const hollow = bitOf('general', { wheel: { diameterMm: 150, contactMm: 0, hollow: true } });
    expect(plain(said('hone', hollow).stop)).toContain('Two bright bands of about 0.3 mm');
  });

  it('ends under the lens: the two bands of the stone are asked of a hollow face only', () => {
    const flat = sayLensChecks(plan);
    expect(flat).toHaveLength(3);
    expect(sayLensChecks({ ...plan, wheel: { ...plan.wheel, hollow: true } })).toEqual([
      ...flat.slice(0, 2),
      expect.stringContaining('Two bright bands'),
      flat[2],
    ]);
  });

  it('of a left-hand bit lies on its other side', () =>
    expect(said('rake', bitOf('general', { hand: 'left' })).hold).toBe(
      'On its left side, top to your left, nose 98° to your right.',
    ));

  it('of every shape has something to hold to and something to stop at', () => {
    for (const shape of BIT_SHAPES)
      for (const step of grindSteps(
        bitOf(shape, {
          groove: { landMm: 0.2, widthMm: 2, radiusMm: 3 },
          heel: { clearanceDeg: 25, landMm: 1 },
        }),
      )) {
        const one = sayStep(
          step,
          bitOf(shape, {
            groove: { landMm: 0.2, widthMm: 2, radiusMm: 3 },
            heel: { clearanceDeg: 25, landMm: 1 },
          }),
          'brazed-carbide',
          'inch',
        );
        expect(one.hold.length).toBeGreaterThan(10);
        expect(one.stop.length).toBeGreaterThan(10);
      }
  });

  it('says which edge of the rest is low', () => {
    expect(sayTilt(9.8)).toBe('9.8°, your edge low');
    expect(sayTilt(-3)).toBe('3°, your edge high');
    expect(sayTilt(0.2)).toBe('level');
  });
});

describe('heat and cautions', () => {
  it('follow the steel and the school: carbide is never dipped, red steel never quenched', () => {
    expect(sayHeat('hss', 'air')).toContain('need not be dipped');
    expect(sayHeat('hss', 'dip')).toContain('Never dip it red');
    expect(sayHeat('carbon-steel', 'air')).toContain('before any colour');
    expect(sayHeat('brazed-carbide', 'dip')).toContain('Never dip carbide');
  });

  it('stand at the step where it bites', () => {
    const [side] = grindSteps(bitOf('general'));
    expect(sayStepCaution(side!, 'hss')).toContain('Face shield');
    expect(sayStepCaution(side!, 'brazed-carbide')).toContain('lungs');
    expect(sayStepCaution({ ...side!, wheel: 'stone' }, 'hss')).toContain('fingers');
    expect(sayStepCaution({ ...side!, wheel: 'narrow' }, 'hss')).toContain('never loaded from the side');
    expect(sayStepCaution({ ...side!, wheel: 'round' }, 'hss')).toContain('rated speed');
  });
});

describe('the timer at the grinder', () => {
  it('says how long until the limit, and until it is cool', () => {
    expect(sayHeatTimer(true, 120, 300, 7.2)).toBe('8 s more until 300 °C.');
    expect(sayHeatTimer(true, 310, 300, 0)).toBe('Pause now: over 300 °C.');
    expect(sayHeatTimer(true, 60, 300, null)).toBe('It will not come to 300 °C.');
    expect(sayHeatTimer(false, 55, 300, 0)).toBe('Cool enough to go on.');
    expect(sayHeatTimer(false, 150, 300, 19.4)).toBe('Cool enough in 20 s.');
    expect(sayHeatTimer(false, 150, 300, null)).toBe('Let it cool.');
  });
});

describe('a measured angle', () => {
  const bit = bitOf('general');
  const said = (angle: Parameters<typeof judgeAngle>[1], deg: number) =>
    sayAngleVerdict(angle, deg, judgeAngle(bit, angle, deg, null), 'mm');

  it('that is right is said to be so, and nothing more', () =>
    expect(said('sideClearanceDeg', 10.4)).toEqual({
      text: 'Side clearance 10.4°: as it should be.',
      effect: null,
      mend: null,
    }));

  it('that is too small says at which feed it rubs, and what to change', () => {
    const four = said('sideClearanceDeg', 4);
    expect(four.text).toBe('Side clearance 4°: 6° less than planned.');
    expect(plain(four.effect!)).toMatch(/^Rubs above 1\.097 mm\/rev\./);
    expect(four.mend).toBe('Set the rest 6° lower at your edge and grind this face again.');
    expect(said('sideClearanceDeg', 1).effect).toContain('Rubs at any feed.');
  });

  it('that is too great says what that does', () => {
    expect(said('sideClearanceDeg', 14).effect).toBe(ANGLE_WORDS.sideClearanceDeg.tooMuch);
    expect(said('sideRakeDeg', 28).effect).toMatch(/^The wedge is down to 5\d/);
    expect(said('sideRakeDeg', 4).effect).toBe(ANGLE_WORDS.sideRakeDeg.tooLittle);
    expect(said('frontClearanceDeg', 2).effect).toMatch(/^Only 2° is left/);
    expect(said('frontClearanceDeg', 5).effect).toBe(ANGLE_WORDS.frontClearanceDeg.tooLittle);
    expect(said('sideClearanceDeg', 14).mend).toContain('higher at your edge');
  });
});

describe('what is wrong with a bit', () => {
  const say = (finding: BitFinding) => {
    const { level, text } = sayBitFinding(finding, 'mm');
    return `${level}: ${plain(text)}`;
  };

  it('is a sentence with its figures and what to do', () => {
    expect(say({ code: 'no-metal' })).toMatch(/^danger: These angles leave no edge/);
    expect(say({ code: 'face-gone', step: 'front' })).toContain('Front clearance is ground away again');
    expect(say({ code: 'weak-section', share: 0.42, widthMm: 6, heightMm: 5, behindMm: 4 })).toContain(
      'Only 42 %',
    );
    expect(say({ code: 'breaks', stressMPa: 512, allowedMPa: 300 })).toContain('512 N/mm²');
    expect(say({ code: 'weak-wedge', deg: 51, leastDeg: 55 })).toContain('51°');
    expect(say({ code: 'no-wedge', deg: 93 })).toMatch(/^danger/);
    expect(say({ code: 'little-clearance', step: 'side', deg: 2, leastDeg: 3 })).toContain('the heel rubs');
    expect(say({ code: 'rubs-in-bore', boreMm: 24, gapMm: -0.4, secondDeg: 21.3 })).toContain(
      'second clearance of 22°',
    );
    expect(say({ code: 'rubs-in-bore', boreMm: 24, gapMm: 0.05, secondDeg: 21.3 })).toContain(
      'by 0.05 mm only',
    );
    expect(say({ code: 'rubs-in-bore', boreMm: 24, gapMm: -0.4, secondDeg: null })).toContain('A lower bit');
    expect(say({ code: 'bore-too-small', boreMm: 12, bitMm: 9.9 })).toContain('A smaller bit in a bar');
    expect(say({ code: 'wasted-stock', downMm: 3 })).toContain('3 mm below the top');
    expect(say({ code: 'nose-too-large', noseMm: 5, mostMm: 4 })).toContain('4 mm at most');
    expect(say({ code: 'groove-too-wide', widthMm: 8, mostMm: -1 })).toContain('0 mm at most');
    expect(say({ code: 'edge-too-short', edgeMm: 4, depthMm: 5 })).toContain('the cut 5 mm deep');
    expect(say({ code: 'blade-too-short', bladeMm: 12, neededMm: 21 })).toContain('21 mm');
    expect(say({ code: 'blank-too-narrow', neededMm: 11, widthMm: 10 })).toContain('11 mm of width');
    expect(say({ code: 'hollow-deep', sagittaMm: 0.8 })).toContain('A larger wheel');
  });

  it('is named for every shape and every wear', () => {
    expect(bitTitle('knife', 'left')).toBe('Knife bit, left hand');
    expect(WEAR_SEEN.map((wear) => WEAR_WORDS[wear].name)).toContain('Chipped');
  });
});

describe('the figures of a step', () => {
  const figures = (key: StepKey, over: Parameters<typeof bitOf>[1] = {}) =>
    sayStepFigures(grindSteps(bitOf('general', over)).find((step) => step.key === key)!);

  it('are turn, tilt and what the protractor must read', () => {
    expect(figures('side')).toEqual([
      { label: 'Turn on the rest', figure: '79°', about: 'nose to your right' },
      { label: 'Rest tilt', figure: '9.8°', about: 'your edge low' },
      { label: 'Protractor', figure: '10°', about: 'must read' },
    ]);
    expect(figures('rake')[2]).toEqual({ label: 'Protractor', figure: '12°', about: 'and 8° along' });
  });

  it('are the ends of a swing for a rounding, and none for the stone', () => {
    expect(figures('nose')[0]).toEqual({ label: 'Swing', figure: '8°–79°', about: 'left to right' });
    expect(figures('hone')).toEqual([]);
  });
});

describe('setting a bit up', () => {
  it('says what goes under it', () => {
    expect(plain(sayPacking(5.6, 'mm'))).toBe('5.6 mm of packing');
    expect(plain(sayPacking(-0.4, 'mm'))).toBe('0.4 mm too high: a thinner bit or a lower holder');
    expect(plain(sayNoseHeight(9.9, 'inch'))).toContain('lies 0.390 in over its bottom');
    expect(plain(sayPastWork(-4, 6, 'mm'))).toContain('stands 4 mm off the axis of work 6 mm thick');
  });

  it('says what a height error does, and which way it is mended', () => {
    const ground = { backRakeDeg: 0, frontClearanceDeg: 8 };
    const high = sayHeight('outside', centreHeight('outside', 0.3, 6, 0, 8), ground);
    expect(high.angles).toBe('Back rake 5.7° instead of 0°, front clearance 2.3° instead of 8°.');
    expect(high.rubs).toContain('lower it');
    const low = sayHeight('bore', centreHeight('bore', -0.3, 6, 0, 8), ground);
    expect(low.rubs).toContain('raise it');
    expect(sayHeight('bore', centreHeight('bore', 0.3, 6, 0, 8), ground).rubs).toBeNull();
  });

  it('says how the pinched rule leans', () => {
    const rule = (e: number) => centreRule(e, 20, 0.5, 75, 1);
    expect(sayRuleLean(rule(0), 75, 'mm')).toContain('stands square');
    expect(plain(sayRuleLean(rule(0.2), 75, 'mm'))).toBe(
      'Its top leans 1.1° toward the work: too high, 1.43 mm at 75 mm.',
    );
    expect(sayRuleLean(rule(-0.2), 75, 'mm')).toContain('toward you: too low');
    expect(plain(sayRuleSees(rule(0), 'mm'))).toContain('an error of 0.18 mm or more');
  });

  it('says where it stands nearest to the wall of the bore', () => {
    const at = (bore: number) => boreClearance({ primaryDeg: 10, heelMm: 6, heightErrorMm: 0 }, bore);
    expect(plain(sayBoreGap(at(30), 'mm'))).toBe('The heel stands 0.18 mm into the wall: it rubs.');
    expect(plain(sayBoreGap(at(60), 'mm'))).toContain('The heel clears the wall by');
    expect(plain(saySmallestBore(36.4, 0.2, 'mm'))).toBe('Smallest bore with a gap of 0.2 mm: 36.4 mm.');
  });
});

describe('a regrind', () => {
  const said = (shape: 'general' | 'thread-60', wear: (typeof WEAR_SEEN)[number], sizeMm: number | null) =>
    sayRegrind(regrindFor(bitOf(shape), { wear, sizeMm }), wear, 12, 'mm');

  it('says stock, faces and what is left', () => {
    const land = said('general', 'flank-land', 0.3);
    expect(plain(land.stock)).toMatch(/^0\.\d+ mm off side clearance, front clearance and nose radius$/);
    expect(plain(land.left)).toMatch(
      /^The bit gets 0\.\d+ mm shorter; 12 such regrinds are left after it\.$/,
    );
    expect(land.note).toContain('tangent of the clearance');
  });

  it('of a built-up edge is by the stone alone, and leaves the length', () => {
    const stoned = said('general', 'built-up', null);
    expect(plain(stoned.stock)).toBe('0.02 mm by the stone alone');
    expect(stoned.left).toContain('Its length stays');
    expect(stoned.note).toContain('with a lens');
  });
});

describe('what is read on the solid', () => {
  const section = { areaMm2: 60, atMm: -8 };
  const read = {
    wedgeDeg: 68.4,
    least: section,
    blank: { ...section, areaMm2: 100 },
    removedMm3: 231,
    steps: [],
  } as unknown as BitRead;
  const step = (over: object) =>
    ({
      key: 'side',
      face: {},
      readings: [],
      removedMm3: 31.6,
      ...over,
    }) as unknown as BitRead['steps'][number];

  it('is told in one line, from the wedge to the minutes', () => {
    expect(plain(sayBitRead(read, 'mm'))).toBe(
      'Wedge 68° square to the edge; least section 60 % of the blank, 8 mm behind the end; about 10 minutes at the wheel with the pauses.',
    );
    const hollow = step({
      readings: [{ plane: 'across-shank', deg: 10 }],
      face: { hollow: { sagittaMm: 0.17 } },
    });
    expect(plain(sayBitRead({ ...read, wedgeDeg: null, steps: [hollow] }, 'mm'))).toMatch(
      /^Least section .* hollow 0\.17 mm deep;/,
    );
  });

  it('is told of each face by its angles, its round, or what was taken', () => {
    const across = { plane: 'across-shank', deg: 12.04 } as const;
    expect(sayFaceRead(step({ face: null }), 'mm')).toBe('gone');
    expect(sayFaceRead(step({ readings: [across] }), 'mm')).toBe('12°');
    expect(sayFaceRead(step({ readings: [across, { plane: 'along-shank', deg: 8 }] }), 'mm')).toBe(
      '12° across, 8° along',
    );
    expect(sayFaceRead(step({ face: { hollow: { radiusMm: 3 } } }), 'mm')).toBe('R 3');
    expect(sayFaceRead(step({}), 'mm')).toBe('32 mm³');
  });
});

it('a blank is said by its section', () => {
  const blank = { section: 'square', lengthMm: 63, widthMm: 10, heightMm: 10 } as const;
  expect(plain(sayBlank(blank, 'mm'))).toBe('10 mm square');
  expect(plain(sayBlank({ ...blank, widthMm: 3, heightMm: 12 }, 'mm'))).toBe('3 × 12 mm');
  expect(plain(sayBlank({ ...blank, section: 'round' }, 'inch'))).toBe('0.394 in round');
});
