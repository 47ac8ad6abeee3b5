import { cutPlan, DEFAULT_RULES, type CutSetup } from '@pike-stone/core';
import { dialOf, freshJob, sizeState, sizesOf, stepsUp, type SizeJob } from './size-job';

const job: SizeJob = {
  of: 'outside',
  startMm: 60,
  targetMm: 56,
  depthMm: 1,
  finishMm: 0.05,
  finishPasses: 2,
  measures: [],
};
const wheel = { travelPerTurnMm: 2, divisions: 100 };
const dial = { ...wheel, reads: 'radius' as const, backlashMm: 0.1 };
const setup = (kind: string, more: object = {}) =>
  ({
    operation: 'turn',
    workDiameterMm: 60,
    machine: { kind, crossSlide: dial, kneeDial: dial, toolSlide: dial },
    ...more,
  }) as unknown as CutSetup;

describe('the way to size', () => {
  it('roughs, then takes two equal finishing passes, the dial counting from touch-off', () => {
    const { rows } = sizeState(job, 0);
    expect(rows.map(({ depthMm }) => Number(depthMm.toFixed(3)))).toEqual([0.95, 0.95, 0.05, 0.05]);
    expect(rows.map(({ dialMm }) => Number(dialMm.toFixed(3)))).toEqual([0.95, 1.9, 1.95, 2]);
    expect(rows.at(-1)!.afterMm).toBeCloseTo(56, 9);
  });

  it('after a measure the rest is planned anew with what gave way', () => {
    const state = sizeState({ ...job, measures: [{ dialMm: 0.95, foundMm: 58.2 }] }, 0);
    expect(state.correction!.deflectionRatio).toBeCloseTo(0.95 / 0.9 - 1, 9);
    expect(state.rows[0]!.dialMm).toBeCloseTo(0.9 + state.rows[0]!.depthMm * (0.95 / 0.9), 9);
    expect(state.rows.at(-1)!.afterMm).toBeCloseTo(56, 9);
  });

  it('a measure that cannot be is said, and the plan stays', () => {
    const state = sizeState({ ...job, measures: [{ dialMm: 0.95, foundMm: 60.2 }] }, 0);
    expect(state.fault).toContain('measure again');
    expect(state.rows).toHaveLength(4);
  });

  it('refuses a thousand passes instead of listing them', () =>
    expect(sizeState({ ...job, depthMm: 0.005, targetMm: 20 }, 0)).toMatchObject({
      rows: [],
      fault: expect.stringContaining('rough deeper'),
    }));

  it('on size there is nothing left, past it even less', () => {
    expect(sizeState({ ...job, measures: [{ dialMm: 2, foundMm: 56 }] }, 0).rows).toEqual([]);
    expect(sizeState({ ...job, measures: [{ dialMm: 2.1, foundMm: 55.9 }] }, 0).correction!.oversizeCut).toBe(
      true,
    );
  });

  it('a thickness moves as its slide, a bore grows, a skin goes first', () => {
    const thick = sizeState({ ...job, of: 'thickness', startMm: 30, targetMm: 28, depthMm: 1 }, 0);
    expect(thick.rows.at(-1)!.dialMm).toBeCloseTo(2, 9);
    expect(sizeState({ ...job, of: 'bore', startMm: 40, targetMm: 44 }, 0).rows.at(-1)!.afterMm).toBeCloseTo(
      44,
      9,
    );
    expect(sizeState({ ...job, depthMm: 1.5 }, 1.2).rows[0]!.depthMm).toBe(1.2);
  });

  it('begins as the machine and the cut are', () => {
    expect(sizesOf(setup('lathe'))).toEqual(['outside', 'bore', 'length']);
    expect(sizesOf(setup('drill-press'))).toEqual([]);
    expect(freshJob(setup('lathe'), 'carbide-coated', 1)).toMatchObject({
      of: 'outside',
      startMm: 60,
      targetMm: 56,
      finishMm: 0.15,
    });
    expect(freshJob(setup('lathe', { operation: 'bore', workDiameterMm: 40 }), 'hss', 0.5)).toMatchObject({
      of: 'bore',
      targetMm: 44,
    });
    expect(freshJob(setup('lathe', { operation: 'face', stickOutMm: 45 }), 'hss', 0.5)).toMatchObject({
      of: 'length',
      startMm: 45,
      targetMm: 43,
    });
    expect(
      dialOf(
        setup('lathe', { machine: { kind: 'lathe', crossSlide: dial, carriageWheel: wheel } }),
        'length',
      ),
    ).toMatchObject(wheel);
    expect(freshJob(setup('shaper'), 'hss', 1)).toMatchObject({ of: 'thickness', startMm: 30, targetMm: 28 });
  });
});

test('as the work gets smaller the passes name the faster step from which on it is right', () => {
  const lathe = {
    kind: 'lathe',
    name: 'Lathe',
    condition: 'ordinary',
    light: false,
    speeds: [100, 125, 160, 200, 250].map((rpm) => ({ rpm, setting: `Lever ${rpm}` })),
    feeds: [],
    crossFeedRatio: 1,
    carriageWheel: wheel,
    crossSlide: dial,
    tailstockWheel: wheel,
  };
  const full = {
    ...setup('lathe'),
    machine: lathe,
    stock: { name: 'Bar', materialKey: 'medium-carbon', uncertain: false, skinMm: 0 },
    stickOutMm: 60,
    support: 'chuck',
    fluid: 'brush',
    interrupted: false,
    firstPassOnSkin: false,
    depthMm: null,
    widthMm: null,
    rpmByHand: null,
    feedByHand: null,
    tool: {
      name: 'Bit',
      kind: 'turning-tool',
      material: 'hss',
      dull: false,
      noseRadiusMm: 0.4,
      approachDeg: 90,
      cornerDeg: 80,
    },
  } as unknown as CutSetup;
  const down: SizeJob = { ...job, startMm: 60, targetMm: 30, depthMm: 2 };
  const { rows } = sizeState(down, 0);
  const ups = [...stepsUp(down, rows, full, cutPlan(full, DEFAULT_RULES), DEFAULT_RULES)];
  expect(ups.length).toBeGreaterThan(1);
  expect(ups.map(([, { rpm }]) => rpm)).toEqual([...ups.map(([, { rpm }]) => rpm)].sort((a, b) => a - b));
  expect(stepsUp({ ...down, of: 'bore' }, rows, full, cutPlan(full, DEFAULT_RULES), DEFAULT_RULES).size).toBe(
    0,
  );
});
