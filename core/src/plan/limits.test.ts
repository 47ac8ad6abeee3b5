import { cutPlan } from './cut-plan';
import { DEFAULT_RULES, type CutSetup } from './cut-setup';
import { limitWarnings } from './limits';
import { shaperSpeed } from '../cut/shaper-speed';
import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, setup, SHAPER } from './plan.fixture';
import { working } from './working';

const said = (of: CutSetup) =>
  limitWarnings(of, cutPlan(of, DEFAULT_RULES), 'mm').map(({ key, level }) => `${level} ${key}`);
const lathe = (limits: NonNullable<typeof BELT_LATHE.limits>) => ({ ...BELT_LATHE, limits });

describe('what a machine cannot go beyond', () => {
  it('says nothing where nothing is known, or everything fits', () => {
    expect(said(setup())).toEqual([]);
    expect(
      said(
        setup({
          machine: lathe({
            swingMm: 250,
            overSlideMm: 150,
            toolHeightMm: 16,
            chuckRpm: 1200,
            betweenCentresMm: 600,
          }),
        }),
      ),
    ).toEqual([]);
  });

  it('work that does not swing, and work that only just does', () => {
    expect(said(setup({ machine: lathe({ swingMm: 250 }), workDiameterMm: 260 }))).toEqual(['danger swing']);
    expect(said(setup({ machine: lathe({ centreHeightMm: 125 }), workDiameterMm: 260 }))).toEqual([
      'danger swing',
    ]);
    expect(said(setup({ machine: lathe({ swingMm: 250, overSlideMm: 150 }), workDiameterMm: 160 }))).toEqual([
      'caution over-slide',
    ]);
  });

  it('work too long, a shank too tall, a step too fast for the chuck', () => {
    const low = setup({
      machine: lathe({ betweenCentresMm: 300, toolHeightMm: 10, chuckRpm: 300 }),
      stickOutMm: 400,
      support: 'chuck-and-centre',
      tool: { ...setup().tool, shankMm: 12 },
      rpmByHand: 745,
    });
    expect(said(low)).toEqual(['danger between-centres', 'danger tool-height', 'danger chuck-rpm']);
  });

  it('a shank without a collet, a drill that is too large', () => {
    const mill = { ...HAND_MILL, limits: { colletsMm: [6, 10, 20], largestDrillMm: 8 } };
    expect(said(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }))).toEqual([
      'caution collet',
    ]);
    expect(
      said(
        setup({
          machine: mill,
          operation: 'mill-side',
          tool: { ...END_MILL, diameterMm: 19.8, shankMm: 20 },
        }),
      ),
    ).toEqual([]);
    expect(said(setup({ machine: mill, operation: 'drill', tool: DRILL }))).toEqual([
      'caution largest-drill',
    ]);
  });
});

test('shaping: strokes from the mean of the cut, a work longer than the ram goes is a danger', () => {
  const of = setup({ machine: SHAPER, operation: 'shape', workDiameterMm: 175 });
  const plan = cutPlan(of, DEFAULT_RULES);
  // 200 mm of stroke; at 55 a minute the cut runs at the mean of a crank stroke.
  expect(plan.speed.actualMPerMin).toBeCloseTo(
    shaperSpeed(plan.speed.rungRpm, 200, 1.6, 'crank', 350).meanCuttingMPerMin,
    9,
  );
  expect(working('speed', of, plan, DEFAULT_RULES, 'mm').find(({ key }) => key === 'ideal')).toMatchObject({
    value: expect.stringMatching(/strokes\/min$/),
    label: expect.stringMatching(/^1000 × \d+ ÷ \(200 × \(1 \+ 1\/1\.\d\d\)\)$/),
  });
  expect(said(of)).toEqual([]);
  expect(said(setup({ machine: SHAPER, operation: 'shape', workDiameterMm: 360 }))).toEqual([
    'danger stroke',
  ]);
});

test('the working says what the spindle has in the step, and how the speed is known', () => {
  const machine = {
    ...BELT_LATHE,
    motor: { powerKw: 0.75, phases: 1, efficiency: 0.72 } as const,
    speeds: BELT_LATHE.speeds.map((step) => ({ ...step, torqueNm: 9, computed: { uRel: 0.02 } })),
  };
  const of = setup({ machine, rpmByHand: 265 });
  const lines = working('speed', of, cutPlan(of, DEFAULT_RULES), DEFAULT_RULES, 'mm');
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
  const lines = working('speed', of, cutPlan(of, DEFAULT_RULES), DEFAULT_RULES, 'mm');
  expect(lines.find(({ key }) => key === 'factor-tired-machine')!.reason).toBe(
    'checked: spindle play 0.06\u00a0mm, gib slack 0.05\u00a0mm',
  );
});
