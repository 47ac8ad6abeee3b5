import {
  CUTTER_RANGES,
  FORM_SOURCES,
  correctedForm,
  identifyGear,
  makeSteps,
  shapeFindings,
  shapeOf,
  type FormFinding,
  type FormSource,
} from '@pike-stone/core/form';
import {
  GAUGE_SETS,
  PLATE_SETS,
  differentialDividing,
  gaugeStack,
  simpleIndexing,
  USUAL_HEAD_GEARS,
} from '@pike-stone/core/setting';
import { CLOCK_WHEEL, FLY, MULTI } from '@pike-stone/core/form-fixture';
import {
  SOURCE_WORDS,
  sayCandidate,
  sayCutterRange,
  sayDifferential,
  sayFine,
  sayFormFinding,
  sayFormSizes,
  sayFormTool,
  sayFree,
  sayHowSure,
  sayIndexing,
  sayMakeStep,
  saySigned,
  saySource,
  sayStack,
  sayWedge,
  sayWorstFacet,
} from './form';

const gear: FormSource = {
  kind: 'gear',
  gear: { system: 'diametral-pitch', size: 16, teeth: 32, rack: 'older-14.5', shift: 0 },
  formTeeth: 32,
};
it('small errors are micrometres or thou, with their sign where it matters', () => {
  expect(sayFine(0.0367, 'mm')).toBe('37\u00a0µm');
  expect(sayFine(0.00042, 'mm')).toBe('0.4\u00a0µm');
  expect(sayFine(0.0254, 'inch')).toBe('1\u00a0thou');
  expect(sayFine(4.408, 'mm')).toBe('4.41\u00a0mm');
  expect(saySigned(-0.012, 'mm')).toBe('−12\u00a0µm');
});

it('every source and tool is said in the units of the shop', () => {
  FORM_SOURCES.forEach((kind) => expect(SOURCE_WORDS[kind].name).toBeTruthy());
  expect(saySource(gear, 'mm')).toBe('a gear, 16 DP, 32 teeth, 14½°, older');
  expect(saySource({ kind: 'thread', form: 'iso-60', pitchMm: 2 }, 'mm')).toBe(
    'a 60° thread of 2\u00a0mm pitch',
  );
  expect(sayFormTool(FLY, 'inch')).toMatch(/0\.984\sin swing/);
  expect(sayWedge(FLY)).toBe('no rake, 12° clearance');
  expect(sayWedge(MULTI)).toBe('10° rake, 10° relief');
});

it('the sizes of a gear and of a clock wheel are those that are set by', () => {
  const sizes = Object.fromEntries(sayFormSizes(shapeOf(gear), gear, 'mm'));
  expect(sizes.Blank).toBe('53.97\u00a0mm');
  expect(sizes['Tooth by gear caliper']).toMatch(/below the tip$/);
  expect(Object.fromEntries(sayFormSizes(shapeOf(CLOCK_WHEEL), CLOCK_WHEEL, 'mm'))['Shaping radius']).toBe(
    '1.74\u00a0mm',
  );
});

it('a range of the set is said for every count, and none below 12', () => {
  CUTTER_RANGES.forEach(([number, from]) =>
    expect(sayCutterRange(from)).toContain(`Number ${number} of the set`),
  );
  expect(sayCutterRange(11)).toContain('Below 12 teeth');
});

it('an unknown gear is sure with two spans and asks for another with one', () => {
  const measured = { teeth: 32, outsideMm: 53.89, doubtMm: { outside: 0.1, span: 0.03 } };
  const two = identifyGear({
    ...measured,
    spans: [
      { teeth: 4, lengthMm: 17.08 },
      { teeth: 5, lengthMm: 21.77 },
    ],
  });
  expect(sayCandidate(two[0]!)).toBe('16 DP, 20°');
  expect(sayHowSure(two, 2)).toMatch(/^Sure/);
  expect(sayHowSure([two[0]!, { ...two[0]!, score: two[0]!.score + 1 }], 1)).toContain(
    'Measure another span',
  );
});

it('every finding says what mends it, and the two kinds of another count differ', () => {
  const other = (worstMm: number): FormFinding => ({
    code: 'other-count',
    drawnTeeth: 21,
    wantedTeeth: 23,
    worstMm,
  });
  expect(sayFormFinding(other(0.04), 'mm').level).toBe('caution');
  expect(sayFormFinding(other(0.004), 'mm').level).toBe('note');
  const loop = shapeOf({
    kind: 'corners',
    corners: [
      [-4, 4, 0],
      [2, 0, 0],
      [-2, 0.5, 0],
      [4, 4, 0],
    ],
  });
  expect(
    shapeFindings(loop)
      .map((one) => sayFormFinding(one, 'mm').text)
      .join(' '),
  ).toContain('two of its lines or arcs overlap');
  const codes: readonly FormFinding[] = [
    { code: 'leans-back', at: [1, 2] },
    { code: 'undercut', teethLimit: 17.1, leastShift: 0.3 },
    { code: 'thin-tip', tipMm: 0.1, leastMm: 0.2 },
    { code: 'tight-hollow', radiusMm: 0.3 },
    { code: 'inside-corners', count: 2 },
    { code: 'clock-corner', cornerDeg: 6.6 },
    { code: 'heel-drags', leastDeg: 9 },
    { code: 'flank-rubs', leanDeg: 1.4, reliefDeg: 0.3 },
    { code: 'no-land' },
    { code: 'weak-land', share: 0.3 },
    { code: 'chips-jam', leastMm: 7 },
  ];
  const said = codes.map((one) => sayFormFinding(one, 'inch').text);
  expect(new Set(said).size).toBe(codes.length);
});

it.each([
  ['slides', gear, FLY],
  ['stones', CLOCK_WHEEL, FLY],
  ['swing', CLOCK_WHEEL, FLY],
  ['slides', gear, MULTI],
] as const)('every step by %s has words, and heat and exposed teeth their caution', (way, source, tool) => {
  const shape = shapeOf(source);
  const steps = makeSteps(shape, correctedForm(shape, tool), tool, way, 'oil-hardening');
  const said = steps.map((step) => sayMakeStep(step, 'mm'));
  said.forEach(({ title, lines }) => expect([title, ...lines].join(' ').length).toBeGreaterThan(20));
  expect(said.find(({ title }) => title === 'Harden')!.caution).toContain('Oil can flame');
  expect(said.at(-1)!.caution).toContain('exposed tooth');
  expect(
    sayMakeStep(
      steps.find(({ key }) => key === 'temper')!,
      'inch',
    ).figures[0]!.about,
  ).toContain('°F');
});

it('stacks, divisions and deviations are said as they are set', () => {
  const { unit, steps } = GAUGE_SETS['metric-103'];
  const ask = (target: number) =>
    gaugeStack({ unit, pieces: steps, target, tolerance: 0, wearPiece: 2, mostPieces: 6 });
  expect(sayStack(ask(67.125), 'mm', 2)).toMatch(/^2 \+ .* \+ 2$/);
  expect(sayStack(ask(3.5), 'mm', 2)).toContain('The nearest: 4.5 mm.');
  expect(sayIndexing(simpleIndexing(40, 7, PLATE_SETS['three-plates']))).toBe(
    '5 full turns and 35 spaces of the 49 circle',
  );
  expect(sayIndexing(simpleIndexing(40, 40, PLATE_SETS['three-plates']))).toBe('1 full turn');
  const way = differentialDividing(40, 127, null, PLATE_SETS['three-plates'], USUAL_HEAD_GEARS, 15)!;
  expect(sayDifferential(way)[2]).toContain('against the crank');
  const facet = (distanceMm: number) => ({
    piece: { kind: 'line' as const, from: [0, 0] as const, to: [1, 1] as const },
    meanMm: distanceMm,
    count: 3,
    worst: { at: [1, 1] as const, onForm: [1, 1] as const, distanceMm, piece: 0 },
  });
  expect(sayWorstFacet(facet(-0.02), 'tool', 'mm')).toMatch(/^Stone the straight part on the right/);
  expect(sayWorstFacet(facet(0.02), 'tool', 'mm')).toMatch(/^Metal is missing on the tool/);
  expect(sayWorstFacet(facet(0.02), 'part', 'mm')).toContain('the tool is low there');
  expect(sayFree([])).toBeNull();
  expect(sayFree([{ kind: 'turn' }])).toContain('may turn');
});
