import { threadOf, threadPasses } from '@pike-stone/core';
import { TOOLS } from '@pike-stone/core/fixture';
import { cutSetup } from '../cut.fixture';
import { freshThread, keyOf, SCHOOLS, threadState, WHY, type ThreadSetup } from './thread-job';

const TOOL = { ...TOOLS['threading-tool'], noseRadiusMm: 0.15 };
const setup = (more: Partial<ThreadSetup> = {}): ThreadSetup => ({
  ...cutSetup({ operation: 'thread', workDiameterMm: 16, stickOutMm: 50 }),
  tool: TOOL,
  ...more,
});

describe('a thread that is begun', () => {
  it('starts a little under the flank, a fine one straight in; each school says why', () => {
    expect(freshThread(setup()).compoundDeg).toBe(29.5);
    expect(freshThread(setup({ pitchMm: 1 })).compoundDeg).toBe(0);
    expect(freshThread(setup({ tool: { ...TOOL, threadAngleDeg: 55 } })).compoundDeg).toBe(27);
    for (const school of Object.values(SCHOOLS).flat()) expect(WHY[school.value]!.length).toBeGreaterThan(20);
  });

  it('is another thread when pitch, diameter, side or tool are others', () => {
    const keys = [
      setup(),
      setup({ pitchMm: 1.5 }),
      setup({ workDiameterMm: 18 }),
      setup({ way: 'inside' }),
      setup({ tool: { ...TOOL, noseRadiusMm: 0.2 } }),
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
