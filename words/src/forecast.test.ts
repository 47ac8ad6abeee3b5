import { cutPlan, DEFAULT_RULES, type CutSetup, type Machine } from '@pike-stone/core';
import { forecast } from '@pike-stone/core/forecast';
import { BELT_LATHE, setup as usual, TOOLS } from '@pike-stone/core/fixture';
import { sayForecast } from './forecast';

const motor = { powerKw: 0.55, phases: 1, efficiency: 0.75 } as const;
const lathe: Machine = {
  ...BELT_LATHE,
  condition: 'ordinary',
  motor,
  speeds: [60, 120, 250, 500, 1000].map((rpm, i) => ({ rpm, setting: `Belt ${i + 1}` })),
  feeds: [],
};
const KNIFE = { ...TOOLS['turning-tool'], approachDeg: 93, cornerDeg: 70 };
const setup = (more: Partial<CutSetup> = {}): CutSetup =>
  usual({ machine: lathe, tool: KNIFE, workDiameterMm: 30, stickOutMm: 50, ...more });
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
  expect(row('life').lines[0]).toContain('about 60 minutes in its middle');
  expect(row('life').lines[0]).toContain('costs 53\u00a0% of it');
  expect(
    row('life', { tool: { ...KNIFE, material: 'carbide-uncoated' }, workDiameterMm: 60, rpmByHand: 1000 })
      .lines[0],
  ).toContain('costs 35\u00a0% of it');
});

test('plastics have no heat to tell', () => {
  expect(said({ stock: { ...setup().stock, materialKey: 'nylon' } }).some(({ key }) => key === 'heat')).toBe(
    false,
  );
});
