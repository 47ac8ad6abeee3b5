import { cutPlan, DEFAULT_RULES, type CutSetup, type Machine } from '@pike-stone/core';
import { sayDepth, sayFeed, saySpeed } from './say';

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
const setup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine: lathe,
  operation: 'turn',
  stock: { name: 'Bush', materialKey: 'phosphor-bronze', uncertain: false, skinMm: 0 },
  tool: {
    name: 'Knife',
    kind: 'turning-tool',
    material: 'hss',
    dull: false,
    diameterMm: 8.5,
    teeth: 2,
    fluteLengthMm: 60,
    noseRadiusMm: 0.4,
    approachDeg: 93,
    cornerDeg: 70,
  },
  workDiameterMm: 60,
  stickOutMm: 70,
  support: 'chuck',
  fluid: 'brush',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: null,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
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
  const { feed, depth } = said({ operation: 'drill', tool: { ...setup().tool, kind: 'drill' } });
  expect(feed.label).toBe('By hand, tailstock wheel');
  expect(feed.shown.unit).toBe('s a turn');
  expect(feed.setting).toMatch(/mm\/min, .*mm\/rev/);
  expect(depth).toMatchObject({ label: 'Clear chips', setting: 'first depth' });
});

const shaper: Machine = {
  kind: 'shaper',
  name: 'Shaper',
  condition: 'ordinary',
  light: false,
  speeds: [18, 32, 55, 95].map((rpm, i) => ({ rpm, setting: `Gear lever ${i + 1}` })),
  feeds: [0.15, 0.3].map((value, i) => ({ value, setting: `Ratchet ${i + 1}` })),
  returnRatio: 1.6,
  limits: { strokeMm: 350 },
  tableWheel: { travelPerTurnMm: 4, divisions: 80 },
  toolSlide: { travelPerTurnMm: 2, divisions: 80, reads: 'radius', backlashMm: 0.15 },
};

test('a shaper counts strokes, and feeds by the stroke', () => {
  const { speed, feed } = said({ machine: shaper, operation: 'shape', workDiameterMm: 175 });
  expect(speed).toMatchObject({
    label: 'Ram strokes',
    shown: { unit: '/min' },
    setting: expect.stringMatching(/^Gear lever/),
  });
  expect(feed).toMatchObject({
    label: 'Table feed',
    shown: { unit: 'mm/stroke' },
    setting: expect.stringMatching(/^Ratchet/),
  });
});

test('a part of an operation that has no depth says what it has instead', () => {
  expect(
    said({ operation: 'part', tool: { ...setup().tool, kind: 'parting-blade', bladeMm: 2 } }).depth,
  ).toEqual({ label: 'Blade', shown: { figure: '2', unit: 'mm' }, setting: '30\u00a0mm to the centre' });
  expect(
    said({ operation: 'ream', tool: { ...setup().tool, kind: 'reamer', diameterMm: 12 } }).depth,
  ).toMatchObject({ label: 'Leave for it', shown: { figure: '0.22' } });
});

describe('operations that are not simply advanced', () => {
  const kind = (
    operation: CutSetup['operation'],
    tool: Partial<CutSetup['tool']>,
    more: Partial<CutSetup> = {},
  ) => said({ operation, tool: { ...setup().tool, ...tool }, ...more });

  it('a thread by its pitch, in inches by its number, with its passes', () => {
    const bit = { kind: 'threading-tool', noseRadiusMm: 0.15, cornerDeg: 60 } as const;
    expect(kind('thread', bit, { workDiameterMm: 16 }).feed).toMatchObject({
      label: 'Leadscrew',
      shown: { figure: '2', unit: 'mm/rev' },
    });
    const input = setup({
      operation: 'thread',
      tool: { ...setup().tool, ...bit },
      workDiameterMm: 16,
      pitchMm: 1.27,
    });
    expect(sayFeed(cutPlan(input, DEFAULT_RULES), input, 'inch').shown).toEqual({
      figure: '20',
      unit: 'tpi',
    });
    expect(kind('thread', bit, { workDiameterMm: 16 }).depth).toMatchObject({
      label: 'Thread depth',
      setting: expect.stringMatching(/^\d+ passes, the first 0.\d+\smm$/),
    });
  });

  it('a taper by what is set over or swung', () => {
    expect(kind('taper', {}, { workDiameterMm: 30, lengthMm: 40, stickOutMm: 80 }).depth.setting).toContain(
      'compound at 1.43°',
    );
    expect(
      kind('taper', {}, { workDiameterMm: 30, lengthMm: 40, stickOutMm: 200, way: 'set-over' }).depth.setting,
    ).toMatch(/tailstock over 5\smm/);
  });

  it('a file by its strokes, a groove by its plunges, a T-slot by its cutter', () => {
    expect(kind('file', { kind: 'file', material: 'carbon-steel' }).feed.shown).toEqual({
      figure: '30',
      unit: 'strokes/min',
    });
    expect(kind('groove', { kind: 'parting-blade', bladeMm: 2 }, { widthMm: 5 }).depth.setting).toContain(
      '3 plunges side by side',
    );
  });
});
