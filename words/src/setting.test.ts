import { cutPlan, DEFAULT_RULES, type CutSetup, type Machine } from '@pike-stone/core';
import { setup as usual, SHAPER as shaper, TOOLS } from '@pike-stone/core/fixture';
import { sayDepth, sayFeed, saySpeed } from './setting';

const wheel = { travelPerTurnMm: 18, divisions: 90 };
const lathe: Machine = {
  kind: 'lathe',
  name: 'Bay lathe',
  condition: 'tired',
  light: false,
  speeds: [
    { rpm: 118, setting: 'Belt 3, back gear in' },
    { rpm: 265, setting: 'Belt 1, back gear out' },
  ],
  feeds: [{ value: 0.1, setting: 'Lever A, hole 4' }],
  crossFeedRatio: 0.5,
  carriageWheel: wheel,
  crossSlide: { travelPerTurnMm: 2.54, divisions: 100, reads: 'radius', backlashMm: 0.3 },
  tailstockWheel: { travelPerTurnMm: 2.54, divisions: 100 },
};
const KNIFE = { ...TOOLS['turning-tool'], approachDeg: 93, cornerDeg: 70 };
const setup = (more: Partial<CutSetup> = {}): CutSetup =>
  usual({
    machine: lathe,
    stock: { name: 'Bush', materialKey: 'phosphor-bronze', uncertain: false, skinMm: 0 },
    ...((more.operation ?? 'turn') === 'turn' && { tool: KNIFE }),
    workDiameterMm: 60,
    stickOutMm: 70,
    ...more,
  });
const said = (more: Partial<CutSetup> = {}, units: 'mm' | 'inch' = 'mm') => {
  const input = setup(more);
  const plan = cutPlan(input, DEFAULT_RULES);
  return {
    speed: saySpeed(plan, input),
    feed: sayFeed(plan, input, units),
    depth: sayDepth(plan, input, units),
  };
};

test('a setting is said as the machine is set', () => {
  const { speed, feed, depth } = said();
  expect(speed).toEqual({
    label: 'Spindle',
    shown: { figure: '118', unit: 'rpm' },
    setting: 'Belt 3, back gear in',
  });
  expect(feed).toEqual({
    label: 'Carriage',
    shown: { figure: '0.1', unit: 'mm/rev' },
    setting: 'Lever A, hole 4',
  });
  expect(depth).toEqual({
    label: 'Depth, start',
    shown: { figure: '1.02', unit: 'mm' },
    setting: '40 divisions in',
  });
});

test('in inches the same setting is said in inches', () =>
  expect(said({}, 'inch').depth.shown).toEqual({ figure: '0.040', unit: 'in' }));

test('a typed depth is called so, and counted on the dial to the half division', () => {
  expect(said({ depthMm: 0.5 }).depth).toMatchObject({ label: 'Depth, yours', setting: '19.5 divisions in' });
});

test('facing moves the cross slide at its own feed', () => {
  const { feed, depth } = said({ operation: 'face' });
  expect(feed).toMatchObject({ label: 'Cross feed', shown: { figure: '0.05' } });
  expect(depth.setting).toBe('set by the compound or carriage');
});

test('what is wound by hand is said in seconds a turn', () => {
  const { feed, depth } = said({ operation: 'drill' });
  expect(feed.label).toBe('By hand, tailstock wheel');
  expect(feed.shown.unit).toBe('s a turn');
  expect(feed.setting).toMatch(/mm\/min, .*mm\/rev/);
  expect(depth).toMatchObject({ label: 'Clear chips', setting: 'first depth' });
});

test('a shaper counts strokes, and feeds by the stroke', () => {
  const { speed, feed } = said({ machine: shaper, operation: 'shape', workDiameterMm: 175 });
  expect(speed).toMatchObject({
    label: 'Ram strokes',
    shown: { unit: '/min' },
    setting: expect.stringMatching(/^Lever/),
  });
  expect(feed).toMatchObject({
    label: 'Table feed',
    shown: { unit: 'mm/stroke' },
    setting: expect.stringMatching(/^Ratchet/),
  });
});

test('a part of an operation that has no depth says what it has instead', () => {
  expect(said({ operation: 'part' }).depth).toEqual({
    label: 'Blade',
    shown: { figure: '2', unit: 'mm' },
    setting: '30\u00a0mm to the centre',
  });
  expect(said({ operation: 'ream', tool: { ...TOOLS.reamer, diameterMm: 12 } }).depth).toMatchObject({
    label: 'Leave for it',
    shown: { figure: '0.22' },
  });
});

describe('operations that are not simply advanced', () => {
  it('a thread by its pitch, in inches by its number, with its passes', () => {
    const tool = { ...TOOLS['threading-tool'], noseRadiusMm: 0.15 };
    expect(said({ operation: 'thread', tool, workDiameterMm: 16 }).feed).toMatchObject({
      label: 'Leadscrew',
      shown: { figure: '2', unit: 'mm/rev' },
    });
    const input = setup({ operation: 'thread', tool, workDiameterMm: 16, pitchMm: 1.27 });
    expect(sayFeed(cutPlan(input, DEFAULT_RULES), input, 'inch').shown).toEqual({
      figure: '20',
      unit: 'tpi',
    });
    expect(said({ operation: 'thread', tool, workDiameterMm: 16 }).depth).toMatchObject({
      label: 'Thread depth',
      setting: expect.stringMatching(/^\d+ passes, the first 0.\d+\smm$/),
    });
  });

  it('a taper by what is set over or swung', () => {
    expect(
      said({ operation: 'taper', workDiameterMm: 30, lengthMm: 40, stickOutMm: 80 }).depth.setting,
    ).toContain('compound at 1.43°');
    expect(
      said({ operation: 'taper', workDiameterMm: 30, lengthMm: 40, stickOutMm: 200, way: 'set-over' }).depth
        .setting,
    ).toMatch(/tailstock over 5\smm/);
  });

  it('a file by its strokes, a groove by its plunges, a T-slot by its cutter', () => {
    expect(said({ operation: 'file' }).feed.shown).toEqual({ figure: '30', unit: 'strokes/min' });
    expect(said({ operation: 'groove', widthMm: 5 }).depth.setting).toContain('3 plunges side by side');
  });
});
