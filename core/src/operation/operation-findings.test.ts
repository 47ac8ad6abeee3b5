import { BELT_LATHE, HAND_MILL, INSERT, setup, TOOLS } from '../fixture';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import type { Finding } from './finding';
import { groovePlunges } from './groove/groove';
import { fitsOperation, isDoneWith, operationOf, type CutSetup, type OperationKey } from './registry';

const found = (operation: OperationKey, more: Partial<CutSetup> = {}): readonly Finding[] => {
  const of = setup({ operation, ...more });
  return operationOf(of).findings(of, cutPlan(of, DEFAULT_RULES));
};

describe('a groove', () => {
  it('is deep from more than four widths of its blade', () => {
    expect(found('groove', { depthMm: 8 })).toEqual([]);
    expect(found('groove', { depthMm: 8.1 })).toEqual([{ code: 'groove-deep', level: 'caution', mostMm: 8 }]);
  });

  it('as wide as its blade is one plunge; each further one gains 0.85 of the blade', () =>
    expect([2, 2.002, 2.01, 3.7, 3.71, 5.4].map((mm) => groovePlunges(2, mm))).toEqual([1, 1, 2, 2, 3, 3]));

  it('starts with its blade, and is as wide as is typed', () => {
    const width = (widthMm: number | null) =>
      cutPlan(setup({ operation: 'groove', widthMm }), DEFAULT_RULES).depth.widthInUseMm;
    expect([width(null), width(5)]).toEqual([2, 5]);
    expect(() => width(1)).toThrow('widthMm: narrower-than-blade');
  });
});

describe('a form', () => {
  const wide = (widthMm: number) => ({ tool: { ...TOOLS['form-tool'], widthMm, depthMm: 2 } });

  it('is broad above 10 mm, and then fed with half', () => {
    expect(found('form', wide(10))).toEqual([]);
    expect(found('form', wide(10.1))).toEqual([{ code: 'form-broad', level: 'caution', widthMm: 10.1 }]);
    const base = (mm: number) =>
      cutPlan(setup({ operation: 'form', ...wide(mm) }), DEFAULT_RULES).feed.baseMm;
    expect([base(10), base(10.1)]).toEqual([0.02, 0.01]);
  });

  it('leaves less than half of the bar: its speed falls with it', () => {
    const deep = (depthMm: number) => found('form', { workDiameterMm: 20, depthMm });
    expect(deep(5)).toEqual([]);
    expect(deep(5.1)).toEqual([{ code: 'form-small', level: 'note' }]);
  });

  it('is never deeper than the middle of the bar', () =>
    expect(cutPlan(setup({ operation: 'form', workDiameterMm: 6 }), DEFAULT_RULES).depth).toMatchObject({
      startMm: 3,
    }));
});

describe('a face', () => {
  it('names the faster step that becomes right on the way, when it is worth it', () => {
    // 25.6 m/min is right for the next step inside 18.5 mm.
    const faster = (workDiameterMm: number) => {
      const [first] = found('face', { workDiameterMm, rpmByHand: 265 });
      return first?.code === 'facing-centre' ? first.faster : undefined;
    };
    const fromMm = (1000 * 25.6) / (Math.PI * 440);
    expect(faster(60)).toEqual({ fromMm: expect.closeTo(fromMm, 9), rpm: 440 });
    expect(faster(fromMm / 0.151)).not.toBeNull();
    expect(faster(fromMm / 0.149)).toBeNull();
    expect(faster(fromMm * 1.01)).not.toBeNull();
    expect(faster(fromMm * 0.99)).toBeNull();
    expect(found('face', { workDiameterMm: 60, rpmByHand: 745 })[0]).toMatchObject({ faster: null });
  });

  it('is useless inside half of the aim for HSS, a third for carbide', () => {
    const inside = (more: Partial<CutSetup>) =>
      found('face', { workDiameterMm: 60, rpmByHand: 265, ...more })[0];
    expect(inside({})).toMatchObject({
      carbide: false,
      insideMm: expect.closeTo((1000 * 0.5 * 25.6) / (Math.PI * 265), 6),
    });
    expect(inside({ tool: INSERT, workDiameterMm: 20 })).toMatchObject({ carbide: true, insideMm: 20 });
  });
});

describe('on the mill', () => {
  it('a saw has too many or too few teeth in the cut', () => {
    const cut = (teeth: number, depthMm: number) =>
      found('saw', { tool: { ...TOOLS['slitting-saw'], teeth }, depthMm });
    // 20 mm deep in a saw of 80 mm is 60° of it: a sixth of the teeth.
    expect([cut(29, 20), cut(10, 20)]).toEqual([[], []]);
    expect(cut(48, 20)).toEqual([
      { code: 'saw-fine', level: 'caution', teethInCut: expect.closeTo(8, 6), depthMm: 20 },
    ]);
    expect(cut(8, 20)).toEqual([
      { code: 'saw-coarse', level: 'caution', teethInCut: expect.closeTo(4 / 3, 6) },
    ]);
  });

  it('a saw starts with three teeth in the cut, and no deeper than a third of it', () => {
    const start = (diameterMm: number, teeth: number) =>
      cutPlan(
        setup({ operation: 'saw', tool: { ...TOOLS['slitting-saw'], diameterMm, teeth } }),
        DEFAULT_RULES,
      ).depth.startMm;
    // 40 (1 - cos 22.5°) = 3.04; with few teeth a third of 80 stops it; a fine one still goes in.
    expect([start(80, 48), start(80, 4), start(30, 200)]).toEqual([3, 26, 0.5]);
  });

  it('a ramp is steep above 10°, and asks for teeth at the centre above 3°', () => {
    const at = (angleDeg: number, centreCutting?: boolean) =>
      found('ramp', {
        angleDeg,
        tool: { ...TOOLS['end-mill'], ...(centreCutting !== undefined && { centreCutting }) },
      }).map(({ code, level }) => `${level} ${code}`);
    expect([at(3), at(3, true), at(10, true)]).toEqual([[], [], []]);
    expect(at(3, false)).toEqual(at(5, false));
    expect(at(3.1)).toHaveLength(1);
    expect(at(10.1, true)).toEqual(['caution ramp-steep']);
  });

  it('a boring head turns slowly', () => {
    const at = (rpmByHand: number) => found('mill-bore', { workDiameterMm: 40, rpmByHand });
    expect(at(640)).toEqual([]);
    expect(at(2450)).toEqual([{ code: 'head-fast', level: 'caution', rpm: 2450 }]);
  });

  it('a width is typed up to the diameter of the cutter', () => {
    const width = (widthMm: number) =>
      cutPlan(setup({ operation: 'mill-side', widthMm }), DEFAULT_RULES).depth.widthInUseMm;
    expect([width(3), width(12)]).toEqual([3, 12]);
    expect(() => width(30)).toThrow('widthMm: wider-than-cutter');
  });
});

describe('a tool and its operation', () => {
  it('belong together by the kind of the tool', () => {
    expect([fitsOperation(TOOLS.drill, 'drill'), fitsOperation(TOOLS.drill, 'turn')]).toEqual([true, false]);
    expect(isDoneWith(setup(), 'turning-tool')).toBe(true);
    expect(isDoneWith(setup(), 'drill')).toBe(false);
    expect(() => operationOf({ operation: 'turn', tool: TOOLS.drill })).toThrow(
      'turn is done with a turning-tool, not a drill',
    );
  });

  it('only some dials set a depth', () => {
    const dial = (operation: OperationKey, machine: CutSetup['machine']) =>
      operationOf(setup({ operation })).depthDial(machine);
    expect(dial('turn', HAND_MILL)).toBeNull();
    expect(dial('shape', BELT_LATHE)).toBeNull();
  });
});
