import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, setup, SHAPER, TOOLS } from '../fixture';
import { shaperSpeed } from '../mechanics/shaper-speed';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { limitFindings } from './machine-limits';
import { DEFAULT_RULES } from './rules';

const said = (of: CutSetup) =>
  limitFindings(of, cutPlan(of, DEFAULT_RULES)).map(({ code, level }) => `${level} ${code}`);
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
      tool: { ...TOOLS['turning-tool'], shankMm: 12 },
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
  expect(said(of)).toEqual([]);
  expect(said(setup({ machine: SHAPER, operation: 'shape', workDiameterMm: 360 }))).toEqual([
    'danger stroke',
  ]);
});
