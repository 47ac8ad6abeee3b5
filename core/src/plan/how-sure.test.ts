import fc from 'fast-check';
import { anySetup, BELT_LATHE, setup } from '../fixture';
import type { CutSetup } from '../operation/registry';
import { bestChange } from './best-change';
import { cutPlan } from './cut-plan';
import { howSure } from './how-sure';
import { DEFAULT_RULES } from './rules';

const sure = (more: Partial<CutSetup> = {}) => howSure(setup(more), cutPlan(setup(more), DEFAULT_RULES));
const best = (more: Partial<CutSetup>) =>
  bestChange(setup(more), cutPlan(setup(more), DEFAULT_RULES), DEFAULT_RULES);
const bar = setup().stock;

describe('how sure a start is', () => {
  it('chart 26 to 38 is 19 % either side, a plate speed 5 %: together 19.4 %', () => {
    const { share, lowRpm, highRpm, largest } = sure();
    expect(share).toBeCloseTo(Math.hypot(6 / 32, 0.05), 9);
    expect([lowRpm, highRpm]).toEqual([
      expect.closeTo(265 / (1 + share), 9),
      expect.closeTo(265 * (1 + share), 9),
    ]);
    expect(largest).toBe('chart');
  });

  it('a guessed metal is the largest doubt; a measured speed and the shop’s own range make it surer', () => {
    expect(sure({ stock: { ...bar, uncertain: true } }).largest).toBe('metal');
    const measured = BELT_LATHE.speeds.map((step) => ({
      ...step,
      measured: { uRel: 0.004, how: 'tapped' as const, on: '2026-10-14' },
    }));
    expect(sure({ machine: { ...BELT_LATHE, speeds: measured } }).share).toBeLessThan(sure().share);
    const own = { ...bar, own: { speedMPerMin: { hss: [26, 38] as const } } };
    expect(sure({ stock: own }).share).toBeCloseTo(Math.hypot(3 / 32, 0.05), 9);
    expect(sure({ tool: { ...setup().tool, dull: true } }).doubts.map(({ doubt }) => doubt)).toContain(
      'edge',
    );
  });
});

describe('the one change that gains most', () => {
  it('is none for a sound set-up', () => expect(best({})).toBeNull());

  it('is knowing the metal, before a drop of oil', () =>
    expect(best({ stock: { ...bar, uncertain: true }, fluid: 'dry', workDiameterMm: 60 })).toMatchObject({
      change: 'know-the-metal',
    }));

  it('is the tailstock, or shorter out, where the work stands far out', () =>
    expect(best({ stickOutMm: 120 })!.change).toMatch(/shorten|tailstock/));

  it('is the sharp edge for a dull one', () =>
    expect(best({ tool: { ...setup().tool, dull: true }, workDiameterMm: 60 })).toMatchObject({
      change: 'sharpen',
    }));

  it('gains a twentieth at least, whatever is set up', () =>
    fc.assert(
      fc.property(anySetup(), (input) => {
        const found = bestChange(input, cutPlan(input, DEFAULT_RULES), DEFAULT_RULES);
        return found === null || found.times >= 1.05;
      }),
      { numRuns: 300 },
    ));
});
