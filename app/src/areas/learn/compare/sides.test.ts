import { cutOf, cutSetup } from '../../cut/cut.fixture';
import { COMPARISON, readingsOf } from '../learn.fixture';
import {
  differsInShape,
  equalFor,
  nextSide,
  otherSettings,
  setOf,
  sideName,
  usualGauge,
  valuesOf,
} from './sides';

const keys = (what: Parameters<typeof equalFor>[0]) => equalFor(what).map(([key]) => key);
const setups = { a: cutSetup(), b: cutSetup({ tool: { ...cutSetup().tool, name: 'Other tool' } }) };

it('what is compared is the one thing that need not be equal', () => {
  expect(keys('tool')).toEqual(['warm', 'edges', 'overhang', 'piece', 'diameter', 'fluid', 'geometry']);
  expect(keys('fluid')).toEqual(['warm', 'overhang', 'piece', 'diameter', 'tool']);
  expect(keys('setting')).toEqual(['warm', 'overhang', 'piece', 'diameter', 'fluid', 'tool']);
});

it('A and B are read in turn, whatever was left out', () => {
  expect(nextSide(COMPARISON)).toBe('a');
  expect(nextSide({ readings: readingsOf([1]) })).toBe('b');
  expect(nextSide({ readings: readingsOf([1, 2]) })).toBe('a');
  expect(nextSide({ readings: readingsOf([1, 2, 3]).slice(1) })).toBe('a');
});

it('each side has its own values and setting', () => {
  const body = { ...COMPARISON, setB: { ...COMPARISON.setB, rpm: 500 }, readings: readingsOf([1, 2, 3]) };
  expect([valuesOf(body, 'a'), valuesOf(body, 'b')]).toEqual([[1, 3], [2]]);
  expect([setOf(body, 'a').rpm, setOf(body, 'b').rpm]).toEqual([250, 500]);
});

describe('a side is called by what it differs in', () => {
  const name = (more: Partial<typeof COMPARISON>, side: 'a' | 'b') =>
    sideName({ ...COMPARISON, ...more }, side, setups, 'mm').replace(/\u00a0/g, ' ');
  it('a tool by its name, a fluid by its own', () => {
    expect(name({}, 'b')).toBe('Other tool');
    const fluids = { what: 'fluid', b: { ...COMPARISON.b, fluid: 'flood' } } as const;
    expect([name(fluids, 'a'), name(fluids, 'b')]).toEqual(['oil by brush', 'flood']);
  });
  it.each([
    [{ rpm: 500 }, ['250 rpm', '500 rpm']],
    [{ feedMmRev: 0.2 }, ['0.12 mm/rev', '0.2 mm/rev']],
    [{ depthMm: 1.5 }, ['1 mm', '1.5 mm']],
  ] as const)('a setting with %j by that', (more, wanted) => {
    const settings = { what: 'setting', setB: { ...COMPARISON.setB, ...more } } as const;
    expect([name(settings, 'a'), name(settings, 'b')]).toEqual(wanted);
  });
});

it('tools of another nose are compared by their shape too', () => {
  expect(differsInShape(setups.a, setups.b)).toBe(false);
  const round = cutSetup({ tool: { ...setups.a.tool, noseRadiusMm: 3 } as typeof setups.a.tool });
  expect(differsInShape(setups.a, round)).toBe(true);
});

it('other settings are a step up and down of one thing, each with its name', () => {
  const found = otherSettings(cutOf(), 'mm');
  const { rpm, feedMmRev } = { rpm: cutOf().plan.speed.rungRpm, feedMmRev: cutOf().plan.feed.mmRev };
  for (const { setting, label } of found) {
    const changed = [
      setting.rpm !== rpm,
      setting.feedMmRev !== feedMmRev,
      setting.depthMm !== cutOf().plan.depth.mm,
    ];
    expect(changed.filter(Boolean)).toHaveLength(1);
    expect(label).toMatch(/^(speed|feed|depth) /);
  }
  expect(new Set(found.map(({ value }) => value)).size).toBe(found.length);
});

it('the motor of the plate says how it is read', () => {
  expect(usualGauge(cutSetup())).toMatchObject({
    supply: 'single',
    volts: 230,
    efficiency: 0.75,
    topA: null,
  });
  const { machine } = cutSetup();
  const three = cutSetup({ machine: { ...machine, motor: { powerKw: 1.5, phases: 3, efficiency: 0.8 } } });
  expect(usualGauge(three)).toMatchObject({ supply: 'three', volts: 400, efficiency: 0.8 });
  expect(usualGauge(cutSetup({ machine: { ...machine, motor: undefined } }))).toMatchObject({
    supply: 'single',
    efficiency: 0.7,
  });
});
