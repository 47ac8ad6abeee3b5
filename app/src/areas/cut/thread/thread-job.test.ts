import { threadOf, threadPasses, type CutSetup, type Machine } from '@pike-stone/core';
import { freshThread, keyOf, SCHOOLS, threadState, WHY } from './thread-job';

const wheel = { travelPerTurnMm: 5, divisions: 100 };
const machine: Machine = {
  kind: 'lathe',
  name: 'Lathe',
  condition: 'ordinary',
  light: false,
  speeds: [{ rpm: 60, setting: 'Belt 1' }],
  feeds: [],
  crossFeedRatio: 0.5,
  carriageWheel: wheel,
  crossSlide: { ...wheel, reads: 'radius', backlashMm: 0.1 },
  tailstockWheel: wheel,
};
const setup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine,
  operation: 'thread',
  stock: { name: 'Bar', materialKey: 'medium-carbon', uncertain: false, skinMm: 0 },
  tool: {
    name: 'Bit',
    kind: 'threading-tool',
    material: 'hss',
    dull: false,
    diameterMm: 10,
    teeth: 1,
    fluteLengthMm: 10,
    noseRadiusMm: 0.15,
    approachDeg: 90,
    cornerDeg: 60,
  },
  workDiameterMm: 16,
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

describe('a thread that is begun', () => {
  it('starts a little under the flank, a fine one straight in; each school says why', () => {
    expect(freshThread(setup()).compoundDeg).toBe(29.5);
    expect(freshThread(setup({ pitchMm: 1 })).compoundDeg).toBe(0);
    expect(freshThread(setup({ tool: { ...setup().tool, cornerDeg: 55 } })).compoundDeg).toBe(27);
    for (const school of Object.values(SCHOOLS).flat()) expect(WHY[school.value]!.length).toBeGreaterThan(20);
  });

  it('is another thread when pitch, diameter, side or tool are others', () => {
    const keys = [
      setup(),
      setup({ pitchMm: 1.5 }),
      setup({ workDiameterMm: 18 }),
      setup({ way: 'inside' }),
      setup({ tool: { ...setup().tool, noseRadiusMm: 0.2 } }),
    ].map(keyOf);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it('comes to full depth after its passes, the last of which still cuts', () => {
    const job = freshThread(setup());
    const state = threadState(setup(), job);
    expect(state.infeed.passes).toBe(threadPasses(setup()));
    expect(state.rubs).toBe(false);
    expect(state.next!.stepMm).toBeCloseTo(job.firstMm, 9);
    const last = threadState(setup(), { ...job, done: state.infeed.passes - 1 });
    expect(last.next!.radialMm).toBeCloseTo(threadOf(setup()).depthMm, 9);
    expect(threadState(setup(), { ...job, done: state.infeed.passes }).next).toBeNull();
  });

  it('a shallow first pass makes many, and the last of them rubs', () =>
    expect(threadState(setup(), { ...freshThread(setup()), firstMm: 0.1 })).toMatchObject({ rubs: true }));

  it('the wires say what is left, and whether they fit', () => {
    const job = freshThread(setup());
    const { overMm } = threadState(setup(), job).wires;
    const thick = threadState(setup(), { ...job, readingMm: overMm + 0.2 }).wires;
    expect(thick.leftMm).toBeCloseTo(0.1, 6);
    expect(thick.pitchDiameterMm).toBeCloseTo(threadOf(setup()).pitchDiameterMm + 0.2, 6);
    expect(threadState(setup(), { ...job, wireMm: 3 }).wires.fits).toBe(false);
    expect(threadState(setup(), job).wires).toMatchObject({ fits: true, leftMm: null });
  });
});
