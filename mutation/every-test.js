/**
 * Every test that looks at the core, the quickest to notice first: the plans worked by
 * hand and the other tests of the core, then the reference cases, then some of the plans
 * kept whole. Each property has few and always the same examples. After one test has
 * failed the others fail at once: one is enough to know that a change is noticed.
 */
const fs = require('node:fs');
const path = require('node:path');

const EXAMPLES = 8;
/** One in so many of the plans kept whole is looked at. */
const PLANS_NTH = 17;

jest.doMock('fast-check', () => {
  const { default: fc, ...rest } = jest.requireActual('fast-check');
  const assert = (property, options) =>
    fc.assert(property, { ...options, numRuns: Math.min(options?.numRuns ?? 100, EXAMPLES), seed: 1 });
  return { __esModule: true, ...rest, default: { ...fc, assert } };
});

let noticed = false;
const once =
  (run) =>
  async (...values) => {
    if (noticed) throw new Error('An earlier test has noticed.');
    try {
      return await run(...values);
    } catch (error) {
      noticed = true;
      throw error;
    }
  };
const plain = global.it;
global.it = (name, run, timeout) => plain(name, once(run), timeout);
global.it.each =
  (...table) =>
  (name, run, timeout) =>
    plain.each(...table)(name, once(run), timeout);
global.test = global.it;

const core = path.join(__dirname, '../core/src');
/** Name of a folder of the core: only its tests are run, which is quicker and can only notice less. */
const folder = process.env.CORE_TESTS ?? '';
const files = fs
  .readdirSync(path.join(core, folder), { recursive: true })
  .filter((file) => file.endsWith('.test.ts'))
  .map((file) => path.join(folder, file));
for (const file of files.sort()) require(path.join(core, file));

// These load contract and words, and only when no test of the core has noticed.
it('the reference cases', () => {
  const { runCase } = require('../contract/reference/harness.ts');
  const folder = path.join(__dirname, '../contract/reference/fixtures');
  const cases = fs.readdirSync(folder).flatMap((name) => require(path.join(folder, name)));
  expect(cases.map(runCase).filter(({ status }) => status === 'failed')).toEqual([]);
});
it('the plans kept whole', () => {
  const { changedPlans } = require('../server/characterisation/changed-plans.ts');
  expect(changedPlans(PLANS_NTH)).toEqual([]);
});
