import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, INSERT, setup } from '../fixture';
import { material } from '../material/library';
import type { ChipCharacter } from '../material/material';
import { factorChain } from '../mechanics/factor-chain';
import { operationOf, type CutSetup } from '../operation/registry';
import { toolMaterial } from '../tool/library';
import { cutPlan } from './cut-plan';
import { overhang, standingFactors } from './factors';
import { usableFeeds } from './feed-plan';
import { DEFAULT_RULES } from './rules';
import { stepCautions } from './step-cautions';

const SOFT = { name: 'Plate', materialKey: 'aluminium-wrought', uncertain: false, skinMm: 0 };

describe('what eases a cut, from the set-up alone', () => {
  const names = (more: Partial<CutSetup>) =>
    standingFactors(setup({ machine: { ...BELT_LATHE, condition: 'ordinary' }, ...more }));

  it.each([
    [{}, []],
    [{ fluid: 'dry' }, ['no-fluid']],
    [{ interrupted: true, firstPassOnSkin: true }, ['interrupted-cut', 'scale-first-pass']],
    [{ stickOutMm: 90 }, ['long-overhang']],
    [{ stickOutMm: 120 }, ['very-long-overhang']],
    [{ stickOutMm: 120, support: 'chuck-and-centre' }, []],
    [{ stock: { ...SOFT, uncertain: true } }, ['unknown-alloy']],
    [{ tool: { ...INSERT, dull: true } }, ['dull-tool']],
    [{ machine: { ...BELT_LATHE, condition: 'tired', light: true } }, ['tired-machine', 'light-machine']],
    [{ machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 }, ['full-width-slot']],
    [{ operation: 'drill', tool: DRILL, stickOutMm: 500 }, []],
  ] as [Partial<CutSetup>, string[]][])('%j gives %j', (more, want) => expect(names(more)).toEqual(want));

  it('measures the overhang of the work when it turns and of the cutter when that turns', () => {
    expect(overhang(setup({ stickOutMm: 100 }))?.ratio).toBe(4);
    expect(
      overhang(setup({ machine: HAND_MILL, operation: 'mill-side', tool: END_MILL, stickOutMm: 48 })),
    ).toMatchObject({ standsOut: 'cutter', ratio: 4, allowable: 4 });
  });

  it('and from the depth', () => {
    const factors = (of: CutSetup, depthMm: number) => operationOf(of).depthFactors(of, depthMm);
    expect(factors(setup(), 5)).toEqual(['deep-cut']);
    expect(factors(setup(), 0.3)).toEqual(['light-finishing']);
    expect(factors(setup(), 2)).toEqual([]);
    expect(factors(setup({ operation: 'mill-side' }), 13)).toEqual(['deep-cut']);
  });
});

describe('a depth to begin with', () => {
  const start = (more: Partial<CutSetup>) => {
    const input = setup(more);
    const [metal, edge] = [material(input.stock.materialKey), toolMaterial(input.tool.material)];
    const { depthFactor } = factorChain(metal, edge, standingFactors(input));
    return operationOf(input).startDepth(input, { metal, edge, depthFactor });
  };

  it('is half a diameter in a steel slot, a whole one in soft metal, half of that on a tired machine', () => {
    const slot = { machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 } as const;
    expect(start(slot)).toMatchObject({ startMm: expect.closeTo(6, 9), widthMm: 12 });
    expect(start({ ...slot, stock: SOFT })).toMatchObject({ startMm: expect.closeTo(12, 9) });
    expect(start({ ...slot, machine: { ...HAND_MILL, condition: 'tired' } }).startMm).toBeCloseTo(3, 9);
  });

  it('is no deeper than the flutes are long', () =>
    expect(
      start({
        machine: HAND_MILL,
        operation: 'mill-side',
        tool: { ...END_MILL, fluteLengthMm: 7 },
        stickOutMm: 30,
      }).wantedMm,
    ).toBe(7));

  it('is three diameters for a drill, whatever holds it back', () =>
    expect(start({ operation: 'drill', tool: DRILL })).toMatchObject({ startMm: 25.5, widthMm: null }));

  it('lies on whole fives of the dial that sets it', () => {
    for (const workDiameterMm of [6, 12, 25, 80]) {
      const { startMm } = start({ workDiameterMm });
      expect((startMm / 0.125) % 1).toBeCloseTo(0, 9);
    }
  });

  it('knows which dial that is', () => {
    const dial = (of: CutSetup) => operationOf(of).depthDial(of.machine);
    expect(dial(setup())).toBe(BELT_LATHE.kind === 'lathe' && BELT_LATHE.crossSlide);
    expect(dial(setup({ operation: 'face' }))).toBeNull();
    expect(dial(setup({ machine: HAND_MILL, operation: 'drill', tool: DRILL }))).toBeNull();
  });
});

describe('the feed this machine has', () => {
  it('has no lever for drilling, and half of each for facing', () => {
    expect(usableFeeds(setup({ operation: 'drill', tool: DRILL }))).toEqual([]);
    expect(usableFeeds(setup({ operation: 'face' })).map((step) => step.value)).toEqual(
      BELT_LATHE.feeds.map((step) => step.value / 2),
    );
  });

  it('follows a mill’s table feed in mm/min at the speed in use', () => {
    const machine = {
      ...HAND_MILL,
      feeds: [20, 40, 80, 160].map((value, i) => ({ value, setting: `Lever ${i + 1}` })),
    };
    const { feed, speed } = cutPlan(
      setup({ machine, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 }),
      DEFAULT_RULES,
    );
    expect(feed.setting).toMatchObject({ how: 'lever', per: 'min' });
    expect(feed.mmMin).toBe(feed.setting.how === 'lever' ? feed.setting.value : NaN);
    expect(feed.mmRev * speed.rungRpm).toBeCloseTo(feed.mmMin, 9);
    expect(feed.mmMin).toBeLessThanOrEqual(feed.highMmRev * speed.rungRpm);
  });

  it('keeps a lever picked by hand and says when it is too coarse', () => {
    const { feed } = cutPlan(setup({ feedByHand: 0.19 }), DEFAULT_RULES);
    expect(feed).toMatchObject({ mmRev: 0.19, byHandChoice: true });
    expect(cutPlan(setup({ feedByHand: 0.05 }), DEFAULT_RULES).feed).toMatchObject({
      mmRev: 0.05,
      rubs: false,
    });
    expect(cutPlan(setup({ feedByHand: 0.07 }), DEFAULT_RULES).feed.byHandChoice).toBe(false);
  });
});

describe('the usual cautions of a step', () => {
  const keys = (more: Partial<CutSetup>, chip: ChipCharacter = 'short') => stepCautions(setup(more), chip);

  it('put what bites first in front', () => {
    expect(keys({}, 'long')[0]).toBe('ribbon');
    expect(keys({ operation: 'drill', tool: DRILL })[0]).toBe('hold-work');
    expect(keys({ machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL })[0]).toBe('climb');
  });

  it('always speak of belts and eyes, of the chuck only at a lathe', () => {
    for (const more of [
      {},
      { machine: HAND_MILL, operation: 'mill-side', tool: END_MILL },
    ] as Partial<CutSetup>[])
      expect(keys(more)).toEqual(expect.arrayContaining(['belts', 'eyes']));
    expect(keys({ machine: HAND_MILL, operation: 'mill-side', tool: END_MILL })).not.toContain('chuck');
  });
});
