import { cutPlan, DEFAULT_RULES, type CutSetup, type Machine } from '@pike-stone/core';
import { forecast } from '@pike-stone/core/forecast';
import { sayForecast } from './say-forecast';

const wheel = { travelPerTurnMm: 5, divisions: 100 };
const lathe: Machine = {
  kind: 'lathe',
  name: 'Lathe',
  condition: 'ordinary',
  light: false,
  motor: { powerKw: 0.55, phases: 1, efficiency: 0.75 },
  speeds: [60, 120, 250, 500, 1000].map((rpm, i) => ({ rpm, setting: `Belt ${i + 1}` })),
  feeds: [],
  crossFeedRatio: 0.5,
  carriageWheel: wheel,
  crossSlide: { ...wheel, reads: 'radius', backlashMm: 0.1 },
  tailstockWheel: wheel,
};
const setup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine: lathe,
  operation: 'turn',
  stock: { name: 'Bar', materialKey: 'low-carbon-cold-drawn', uncertain: false, skinMm: 0 },
  tool: {
    name: 'Knife',
    kind: 'turning-tool',
    material: 'hss',
    dull: false,
    diameterMm: 10,
    teeth: 1,
    fluteLengthMm: 30,
    noseRadiusMm: 0.4,
    approachDeg: 93,
    cornerDeg: 70,
  },
  workDiameterMm: 30,
  stickOutMm: 50,
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
  const of = setup(more);
  const plan = cutPlan(of, DEFAULT_RULES);
  return sayForecast(forecast(of, plan), of, plan, units);
};
const row = (key: string, more: Partial<CutSetup> = {}, units: 'mm' | 'inch' = 'mm') =>
  said(more, units).find((one) => one.key === key)!;

test('every row has words and a figure, none of them a hole', () => {
  for (const units of ['mm', 'inch'] as const)
    for (const { title, value, lines } of said({}, units))
      expect(`${title} ${value} ${lines.join(' ')}`).not.toMatch(/NaN|undefined|Infinity|null/);
});

test('what asks for a change stands first', () => {
  const [first] = said({ depthMm: 6, workDiameterMm: 60 });
  expect(first).toMatchObject({ key: 'power', level: 'danger', title: 'More than the machine has' });
  expect(first!.lines[1]).toMatch(/^To keep a quarter in reserve: \d/);
});

test('spring too small to be seen is not told as nought', () => {
  expect(row('spring')).toMatchObject({ value: 'not to be noticed', level: null });
  expect(row('spring', { workDiameterMm: 10, stickOutMm: 80, depthMm: 1 })).toMatchObject({
    level: 'caution',
    value: expect.stringMatching(/^⌀0\.\d+\s?mm too large$|^⌀\d/),
  });
});

test('the model of the machine’s power is not made up when its motor is not known', () => {
  expect(row('power', { machine: { ...lathe, motor: undefined } }).lines[0]).toBe(
    'What the machine has is not known: give it its motor in the drawer.',
  );
});

test('high speed steel and carbide lose their lives at different rates', () => {
  expect(row('life').lines[0]).toContain('high speed steel about half');
  expect(
    row('life', {
      tool: { ...setup().tool, material: 'carbide-uncoated' },
      workDiameterMm: 60,
      rpmByHand: 1000,
    }).lines[0],
  ).toContain('carbide about a third');
});

test('plastics have no heat to tell', () => {
  expect(said({ stock: { ...setup().stock, materialKey: 'nylon' } }).some(({ key }) => key === 'heat')).toBe(
    false,
  );
});
