import { CUT } from '../learn.fixture';
import { isOfRun } from './active-run';
import { trialOf } from './trials';

jest.mock('../../../sync/of-shop', () => ({ useOfShop: jest.fn() }));
jest.mock('../../../data/records', () => ({ useRecords: jest.fn() }));

it('a cut of the book is a trial as it was really set', () =>
  expect(
    trialOf({
      ...CUT,
      set: { rpm: 500, feedMmRev: 0.2, depthMm: 2 },
      signs: ['long-ribbon', 'gone-from-the-rule-base'],
      changed: 'feed',
      better: true,
      measured: { raUm: 1.4 },
    }),
  ).toEqual({
    setting: { rpm: 500, feedMmRev: 0.2, depthMm: 2 },
    signs: ['long-ribbon'],
    outcome: 'worked',
    changed: 'feed',
    better: true,
    raUm: 1.4,
    netPowerW: null,
  }));

it('a cut of which nothing was said is a trial too', () =>
  expect(trialOf({ ...CUT, changed: 'gone-from-the-rule-base' })).toMatchObject({
    signs: [],
    changed: null,
    better: false,
    raUm: null,
  }));

it('a cut is of a run on the same machine, piece, tool and operation, whatever is set', () => {
  expect(isOfRun(CUT, { ...CUT, rpmByHand: 60, depthMm: 3, fluid: 'flood' })).toBe(true);
  for (const key of ['machineId', 'stockId', 'toolId'] as const)
    expect(isOfRun(CUT, { ...CUT, [key]: '0192f000-0009-7000-8000-000000000001' })).toBe(false);
  expect(isOfRun(CUT, { ...CUT, operation: 'face' })).toBe(false);
});
