import fc from 'fast-check';
import { cutPlan, DEFAULT_RULES, type CutSetup, type ShopRules } from '@pike-stone/core';
import {
  anySetup,
  BELT_LATHE,
  DRILL,
  EVERY_OPERATION,
  INSERT,
  setup,
  SHAPER,
} from '@pike-stone/core/fixture';
import { cautions } from '../caution';
import { warnings } from '../finding';
import { operationName } from '../operation/words-of';
import { working } from './working';

const plan = (input: CutSetup) => cutPlan(input, DEFAULT_RULES);
const HOLE = /NaN|undefined|Infinity|null/;
const anyRules = fc.record({
  school: fc.constantFrom('bottom' as const, 'middle' as const, 'top' as const),
  backOffThird: fc.boolean(),
  shortcut: fc.constantFrom('4*CS/D' as const, '300*v/D' as const),
  rungRule: fc.constantFrom('not-above' as const, 'overshoot' as const, 'nearest' as const),
  overshootPercent: fc.integer({ min: 0, max: 50 }),
});

describe('whatever is set up', () => {
  it('every result opens a working without a hole, in mm and inch, and every sentence is whole', () => {
    fc.assert(
      fc.property(
        anySetup(),
        anyRules,
        fc.constantFrom('mm' as const, 'inch' as const),
        (input, rules, units) => {
          const made = cutPlan(input, rules);
          const lines = (['speed', 'feed', 'depth'] as const).flatMap((result) =>
            working(result, input, made, rules, units),
          );
          const words = [
            ...lines.flatMap((line) => [line.label, line.value, line.reason ?? '', line.source ?? '']),
            ...warnings(input, made, units).map((warning) => warning.text),
            ...cautions(input, made).map((caution) => caution.text),
          ];
          return lines.length > 5 && words.every((text) => !HOLE.test(text));
        },
      ),
      { numRuns: 500 },
    );
  });

  it('inches and millimetres tell the same', () => {
    fc.assert(
      fc.property(anySetup(), (input) => {
        const found = plan(input);
        const actual = (units: 'mm' | 'inch') => {
          const line = working('speed', input, found, DEFAULT_RULES, units).find(
            ({ key }) => key === 'actual',
          );
          return parseFloat(line!.value.replace(/\s/g, ''));
        };
        const [inch, mm] = [actual('inch'), actual('mm')];
        return Math.abs(inch * 0.3048 - mm) <= Math.max(0.6, 0.06 * mm);
      }),
      { numRuns: 200 },
    );
  });
});

describe('every operation', () => {
  it.each(EVERY_OPERATION)(
    '%s: speed, feed and depth open into lines without a hole, in both units',
    (operation) => {
      const input = setup({ operation });
      expect(operationName(operation)).not.toMatch(/ (on|in|into)$/);
      for (const units of ['mm', 'inch'] as const)
        for (const result of ['speed', 'feed', 'depth'] as const) {
          const lines = working(result, input, plan(input), DEFAULT_RULES, units);
          expect(lines.length).toBeGreaterThan(1);
          for (const { label, value, reason = '', source = '' } of lines)
            expect(`${label} ${value} ${reason} ${source}`).not.toMatch(HOLE);
        }
    },
  );

  it('facing says where the speed becomes useless and where a faster step is right', () => {
    const face = setup({ operation: 'face', workDiameterMm: 120 });
    const text = warnings(face, plan(face), 'mm').find(({ key }) => key === 'facing-centre')!.text;
    expect(text).toMatch(/inside ⌀\d/);
    expect(text).toMatch(/From ⌀\d+(\.\d+)?\smm inward \d+\srpm is right/);
    const labels = working('speed', face, plan(face), DEFAULT_RULES, 'mm').map(({ label }) => label);
    expect(labels.filter((label) => label.startsWith('Toward the centre')).length).toBeGreaterThan(0);
  });
});

describe('a warning says what to do about it', () => {
  it('carbide on a machine that is too slow: sharp high speed steel', () => {
    const slow = setup({ tool: INSERT, workDiameterMm: 10, rpmByHand: 42 });
    expect(warnings(slow, plan(slow), 'mm')[0]?.text).toMatch(/Take sharp HSS/);
  });

  it('a machine that is too fast altogether, in the feet of an inch shop', () => {
    const huge = setup({ workDiameterMm: 900 });
    expect(warnings(huge, plan(huge), 'inch').find(({ key }) => key === 'too-fast')?.text).toMatch(
      /Even the slowest speed is too fast.*sfm/,
    );
  });

  it('more than the machine has: less depth, a finer feed', () => {
    const motor = { powerKw: 0.1, phases: 1, efficiency: 0.7 } as const;
    const input = setup({ machine: { ...BELT_LATHE, motor }, depthMm: 4, workDiameterMm: 50 });
    expect(warnings(input, plan(input), 'mm').find(({ key }) => key === 'power')?.text).toMatch(
      /^More than the machine has here: it needs .*Less depth, a finer feed/,
    );
  });
});

describe('the working', () => {
  it('names every factor with its reason, and the shortcut with its difference', () => {
    const input = setup({ fluid: 'dry', interrupted: true });
    const rules: ShopRules = { ...DEFAULT_RULES, shortcut: '4*CS/D' };
    const lines = working('speed', input, cutPlan(input, rules), rules, 'inch');
    expect(lines.filter((line) => line.kind === 'factor').map((line) => line.key)).toEqual([
      'factor-tired-machine',
      'factor-no-fluid',
      'factor-interrupted-cut',
    ]);
    expect(lines.find((line) => line.key === 'shortcut')).toMatchObject({
      label: 'Shop shortcut 4 × CS ÷ D',
      reason: expect.stringContaining('+4.7 %'),
    });
    expect(lines.find((line) => line.key === 'neighbours')?.value).toMatch(/rpm$/);
  });

  it('says where a value of the shop’s own stands in for the library', () => {
    const own = { speedMPerMin: { hss: [10, 12] as const }, drillFeedFactor: 0.5 };
    const input = setup({
      operation: 'drill',
      tool: DRILL,
      stock: { name: 'Bar', materialKey: 'medium-carbon', own, uncertain: false, skinMm: 0 },
    });
    const made = plan(input);
    expect(working('speed', input, made, DEFAULT_RULES, 'mm')[0]?.source).toContain('your shop’s own');
    expect(working('feed', input, made, DEFAULT_RULES, 'mm')[0]).toMatchObject({
      source: expect.stringContaining('your shop’s own'),
      reason: 'the diameter to the power of 0.8; metal factor 0.5',
    });
  });
});

test('the working says what the spindle has in the step, and how the speed is known', () => {
  const machine = {
    ...BELT_LATHE,
    motor: { powerKw: 0.75, phases: 1, efficiency: 0.72 } as const,
    speeds: BELT_LATHE.speeds.map((step) => ({
      ...step,
      torqueNm: 9,
      torqueLimit: 'belt-slip' as const,
      computed: { uRel: 0.02 },
    })),
  };
  const of = setup({ machine, rpmByHand: 265 });
  const lines = working('speed', of, plan(of), DEFAULT_RULES, 'mm');
  expect(lines.find(({ key }) => key === 'power')).toMatchObject({
    value: '9.0\u00a0N·m, 0.25\u00a0kW',
    reason: expect.stringContaining('belt slips'),
  });
  expect(lines.find(({ key }) => key === 'computed')).toMatchObject({ value: '±4.0\u00a0%' });
});

test('a machine that was checked says what was found, not what is usual', () => {
  const of = setup({
    machine: {
      ...BELT_LATHE,
      check: {
        spindlePlayMm: 0.06,
        gibSlackMm: 0.05,
        backlashMm: 0.3,
        belt: 'grips',
        on: '2026-10-14T08:40:00.000Z',
      },
    },
  });
  const lines = working('speed', of, plan(of), DEFAULT_RULES, 'mm');
  expect(lines.find(({ key }) => key === 'factor-tired-machine')!.reason).toBe(
    'checked: spindle play 0.06\u00a0mm, gib slack 0.05\u00a0mm',
  );
});

test('shaping tells its strokes by the length of the stroke and the quicker return', () => {
  const of = setup({ machine: SHAPER, operation: 'shape', workDiameterMm: 175 });
  expect(
    working('speed', of, plan(of), DEFAULT_RULES, 'mm').find(({ key }) => key === 'ideal'),
  ).toMatchObject({
    value: expect.stringMatching(/strokes\/min$/),
    label: expect.stringMatching(/^1000 × \d+ ÷ \(200 × \(1 \+ 1 ÷ 1\.\d+\)\)$/),
  });
});
