import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { cutOf, LATHE } from '../cut/cut.fixture';
import { leverFor } from './lever-for';

const lever = (feedMmRev: number, cut = cutOf()) =>
  leverFor(cut, { rpm: 250, feedMmRev, depthMm: 1 })?.setting;

it('the lever that gives a feed is found, also where the feed was rounded', () => {
  expect(lever(0.12)).toBe('Lever 3');
  expect(lever(0.1201)).toBe('Lever 3');
  expect(lever(0.15)).toBeUndefined();
});

it('a feed that is wound by hand has none', () => {
  const wound = cutOf({ machine: { ...LATHE, feeds: [] } });
  expect(lever(0.12, { ...wound, plan: cutPlan(wound.setup, DEFAULT_RULES) })).toBeUndefined();
});
