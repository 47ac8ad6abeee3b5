import { scratchTest } from '@pike-stone/core/setting';
import { correctedForm, makeSteps, shapeOf, type FormSource, type MakingWay } from '@pike-stone/core/form';
import { CLOCK_WHEEL, FLAT, FLY } from '@pike-stone/core/form-fixture';
import { sayMakeStep, sayScratch } from './making';

const skates = (fileHrc: number) => ({ fileHrc, bites: false });
const bites = (fileHrc: number) => ({ fileHrc, bites: true });

it.each([
  [[skates(60), bites(65)], 'Hard enough. Above 60, below 65 HRC.'],
  [[skates(60)], 'Hard enough. Above 60 HRC.'],
  [[skates(45), bites(50)], 'Too soft: harden it again. Above 45, below 50 HRC.'],
  [[bites(65)], 'Not decided: try a file in between. Below 65 HRC.'],
])('marked files %j say how hard a cutter of 58 HRC is', (trials, says) =>
  expect(sayScratch(scratchTest(trials, 58))).toBe(says),
);

it('files that contradict one another say no hardness', () =>
  expect(sayScratch(scratchTest([skates(60), bites(55)], 58))).not.toMatch(/HRC/));

const steps = (source: FormSource, tool: typeof FLY | typeof FLAT, way: MakingWay) => {
  const shape = shapeOf(source);
  return makeSteps(shape, correctedForm(shape, tool), tool, way, 'silver-steel');
};

it('straight flanks are set by the sine plate, one or both', () => {
  const said = (source: FormSource, tool: typeof FLY | typeof FLAT) =>
    steps(source, tool, 'stones')
      .filter(({ key }) => key === 'flank')
      .map((step) => sayMakeStep(step, 'mm'));
  const [chamfer] = said({ kind: 'chamfer', widthMm: 2, angleDeg: 45 }, FLAT);
  expect(chamfer!.title).toBe('The straight flank on the right');
  expect(chamfer!.figures[0]!.figure).toBe('45°');
  expect(chamfer!.lines).toEqual([expect.stringContaining('° on it.')]);
  const [clock] = said(CLOCK_WHEEL, FLY);
  expect(clock!.title).toBe('Both straight flanks');
  expect(clock!.lines.join(' ')).toMatch(/same stack.*leaves only 0\.3° on them: grind a taper of 2\.5°/);
});

it('a swing is said to a micrometre, or a tenth of a thou, both ways', () => {
  const [swing] = steps({ kind: 'radius', shape: 'groove', radiusMm: 5, depthMm: 2.5 }, FLY, 'swing').filter(
    ({ key }) => key === 'swing',
  );
  const [mm, inch] = [sayMakeStep(swing!, 'mm'), sayMakeStep(swing!, 'inch')];
  expect(mm.figures.map(({ about }) => about)).toEqual(['mm, centre kept', 'mm, centre may move']);
  mm.figures.forEach(({ figure }) => expect(figure).toMatch(/^\d\.\d{3}$/));
  inch.figures.forEach(({ figure }) => expect(figure).toMatch(/^0\.\d{4}$/));
  expect(mm.lines.join(' ')).toContain('Its centre stands on the middle');
});

/** Steps in which somebody can be hurt. */
const DANGEROUS: readonly string[] = ['harden', 'slides', 'stone', 'swing', 'flank', 'centre'];

it.each(['mm', 'inch'] as const)(
  'every step says what is done, in %s, and hot and open work its caution',
  (units) => {
    for (const way of ['slides', 'stones', 'swing'] as const)
      for (const step of steps(CLOCK_WHEEL, FLY, way)) {
        const { title, lines, caution } = sayMakeStep(step, units);
        expect(title).toMatch(/^[A-Z]/);
        expect(lines.length).toBeGreaterThan(0);
        expect(caution !== null).toBe(DANGEROUS.includes(step.key));
      }
  },
);
