import fc from 'fast-check';
import { anySetup, EVERY_OPERATION, setup, TOOLS } from '../fixture';
import { cutPlan } from '../plan/cut-plan';
import { findings } from '../plan/findings';
import { forecast } from '../plan/forecast';
import { powerShare } from '../plan/power-share';
import { DEFAULT_RULES } from '../plan/rules';
import { stepCautions } from '../plan/step-cautions';
import type { Tool, ToolKind } from '../tool/tool';
import { centreHoleDepth, centreHoleDiameter } from './centre-drill/centre-hole';
import type { CutPlan } from './cut-plan';
import { groovePlunges } from './groove/groove';
import { knurlBlank } from './knurl/knurl';
import { isDoneWith, MACHINE_OPERATIONS, type CutSetup, type OperationKey } from './registry';
import { smallEndMm } from './taper/taper-geometry';
import { threadOf } from './thread/thread-geometry';
import { firstThreadPass, threadPasses } from './thread/thread-pass';

const of = (operation: OperationKey, more: Partial<CutSetup> = {}): CutSetup => setup({ operation, ...more });
/** The same with a tool of a kind, whose sizes may then be asked for. */
const threading = (more: Partial<CutSetup> = {}) => withTool('threading-tool', of('thread', more));
const withTool = <K extends ToolKind>(kind: K, input: CutSetup) => {
  if (!isDoneWith(input, kind)) throw new Error(`not a ${kind}`);
  return input;
};
const plan = (input: CutSetup): CutPlan => cutPlan(input, DEFAULT_RULES);
const keys = (input: CutSetup): string[] => findings(input, plan(input)).map(({ code }) => code);
const tool = <K extends ToolKind>(kind: K, more: Partial<Extract<Tool, { kind: K }>>) => ({
  ...TOOLS[kind],
  ...more,
});

describe('every operation', () => {
  it('belongs to a machine and has cautions of its own or of its machine', () => {
    const offered = new Set(Object.values(MACHINE_OPERATIONS).flat());
    for (const operation of EVERY_OPERATION) {
      expect(offered.has(operation)).toBe(true);
      expect(stepCautions(of(operation), 'long').length).toBeGreaterThan(2);
    }
  });
});

describe('on the lathe', () => {
  it('a shoulder wants a square edge', () => {
    expect(keys(of('shoulder'))).not.toContain('shoulder-slope');
    expect(keys(of('shoulder', { tool: tool('turning-tool', { approachDeg: 60 }) }))).toContain(
      'shoulder-slope',
    );
  });

  it('a groove goes in with the width of its blade, as often as it is wide', () => {
    expect(plan(of('groove')).depth).toMatchObject({ mm: 2, widthInUseMm: 2 });
    expect(plan(of('groove', { widthMm: 7 })).depth.widthInUseMm).toBe(7);
    expect([groovePlunges(2, 2), groovePlunges(2, 3), groovePlunges(2, 7)]).toEqual([1, 2, 4]);
    expect(powerShare(of('groove'), plan(of('groove'))).powerKw).toBeCloseTo(
      powerShare(of('groove', { widthMm: 7 }), plan(of('groove', { widthMm: 7 }))).powerKw,
      9,
    );
    expect(keys(of('groove', { depthMm: 10, workDiameterMm: 40 }))).toContain('groove-deep');
  });

  it('a broad form is fed finer and asks for care', () => {
    const [narrow, broad] = [
      of('form'),
      of('form', { tool: tool('form-tool', { widthMm: 16, depthMm: 3 }) }),
    ];
    expect(plan(broad).feed.baseMm).toBe(plan(narrow).feed.baseMm / 2);
    expect(keys(broad)).toContain('form-broad');
    expect(keys(of('form', { workDiameterMm: 10 }))).toContain('form-small');
  });

  it('a thread is fed by its pitch, deeper with a sharp nose, in passes of one area', () => {
    const input = threading({ workDiameterMm: 16 });
    expect(plan(input).feed.setting).toEqual({ how: 'screw', pitchMm: 2 });
    expect(plan(of('thread', { workDiameterMm: 16, pitchMm: 1.5 })).feed.mmRev).toBe(1.5);
    expect(plan(input).depth.mm).toBeCloseTo(threadOf(input).depthMm, 9);
    const sharp = of('thread', { workDiameterMm: 16, tool: tool('threading-tool', { noseRadiusMm: 0.05 }) });
    expect(plan(sharp).depth.mm).toBeGreaterThan(plan(input).depth.mm);
    expect(firstThreadPass(input) * Math.sqrt(threadPasses(input))).toBeCloseTo(threadOf(input).depthMm, 9);
    expect(keys(of('thread', { workDiameterMm: 16, rpmByHand: 265 }))).toContain('thread-fast');
    expect(
      keys(of('thread', { workDiameterMm: 16, tool: tool('threading-tool', { noseRadiusMm: 0.8 }) })),
    ).toContain('thread-nose');
    expect(keys(input)).toContain('thread-gears');
    expect(threadOf(threading({ workDiameterMm: 16, way: 'inside' })).depthMm).toBeCloseTo(0.541266 * 2, 5);
    expect(threadOf(threading({ tool: tool('threading-tool', { threadAngleDeg: 55 }) })).form).toBe(
      'form-55',
    );
  });

  it('a taper is fed by hand on the compound, by power with the tailstock over', () => {
    const compound = of('taper', { stickOutMm: 80, lengthMm: 40 });
    expect(plan(compound).feed.setting).toMatchObject({ how: 'hand', wheel: 'compound' });
    expect(smallEndMm(withTool('turning-tool', compound))).toBeCloseTo(25 - 40 / 20, 9);
    const over = of('taper', {
      stickOutMm: 200,
      lengthMm: 150,
      way: 'set-over',
      support: 'chuck-and-centre',
    });
    expect(plan(over).feed.setting.how).toBe('lever');
    expect(keys(over)).toEqual(expect.arrayContaining(['set-over', 'set-over-reset']));
    expect(keys(of('taper', { way: 'offset-head' }))).toContain('offset-level');
    expect(keys(of('taper', { angleDeg: 40, lengthMm: 40 }))).toContain('taper-point');
    expect(keys(of('taper', { stickOutMm: 250, lengthMm: 120, angleDeg: 1 }))).toContain('compound-travel');
  });

  it('a knurl closes on whole teeth of its blank and asks no power to be told', () => {
    const { teeth, diameterMm } = knurlBlank(25, 1);
    expect((diameterMm * Math.PI) / 1).toBeCloseTo(teeth, 9);
    expect(diameterMm).toBeLessThanOrEqual(25);
    expect(keys(of('knurl'))).toContain('knurl-blank');
    expect(forecast(of('knurl'), plan(of('knurl')))).toMatchObject({ power: null, heat: null, spring: null });
  });

  it('a file is told in strokes', () =>
    expect(plan(of('file')).feed.setting).toEqual({ how: 'strokes', perMin: 30 }));

  it('a centre drill’s speed belongs to the mouth of its cone', () => {
    const drill = TOOLS['centre-drill'];
    expect(plan(of('centre-drill')).diameterMm).toBeCloseTo(centreHoleDiameter(drill), 9);
    expect(centreHoleDiameter(drill)).toBeCloseTo(6.4, 9);
    expect(centreHoleDepth(drill)).toBeGreaterThan(drill.diameterMm);
  });
});

describe('on the mill', () => {
  it('straight down wants teeth at the centre', () => {
    expect(keys(of('plunge', { tool: tool('end-mill', { centreCutting: false }) }))).toContain(
      'centre-cutting',
    );
    expect(keys(of('plunge'))).toContain('centre-unknown');
    expect(
      keys(of('plunge', { tool: tool('end-mill', { centreCutting: true }) })).filter((key) =>
        key.startsWith('centre'),
      ),
    ).toEqual([]);
    expect(keys(of('ramp', { angleDeg: 2, tool: tool('end-mill', { centreCutting: true }) }))).not.toContain(
      'ramp-steep',
    );
    expect(keys(of('ramp', { angleDeg: 15 }))).toEqual(
      expect.arrayContaining(['ramp-steep', 'centre-unknown']),
    );
  });

  it('a saw has few teeth in the cut, a deep one too many', () => {
    expect(keys(of('saw')).filter((key) => key.startsWith('saw'))).toEqual([]);
    expect(keys(of('saw', { depthMm: 20 }))).toContain('saw-fine');
    expect(keys(of('saw', { tool: tool('slitting-saw', { teeth: 12 }), depthMm: 1 }))).toContain(
      'saw-coarse',
    );
    const deep = powerShare(of('saw', { depthMm: 6 }), plan(of('saw', { depthMm: 6 })));
    expect(deep.powerKw).toBeGreaterThan(
      powerShare(of('saw', { depthMm: 3 }), plan(of('saw', { depthMm: 3 }))).powerKw,
    );
  });

  it('a fly cutter is not for skin, a boring head not for high speeds', () => {
    expect(keys(of('fly-cut', { interrupted: true }))).toContain('fly-skin');
    expect(keys(of('mill-bore', { workDiameterMm: 16, rpmByHand: 2450 }))).toContain('head-fast');
    expect(plan(of('mill-bore', { workDiameterMm: 40 })).depth.beforeDiameterMm).not.toBeNull();
  });

  it('a coating with aluminium does not go into aluminium', () => {
    const stock = { ...setup().stock, materialKey: 'aluminium-wrought' };
    expect(keys(of('mill-side', { stock, tool: tool('end-mill', { coating: 'with-aluminium' }) }))).toContain(
      'coating',
    );
    expect(
      keys(
        of('mill-side', {
          stock: { ...stock, materialKey: 'aluminium-bronze' },
          tool: tool('end-mill', { coating: 'with-aluminium' }),
        }),
      ),
    ).not.toContain('coating');
    expect(keys(of('mill-side', { stock, tool: tool('end-mill', { coating: 'none' }) }))).not.toContain(
      'coating',
    );
  });

  it('says what a narrow and a full cut do to the chip', () => {
    expect(keys(of('mill-side', { widthMm: 0.5 }))).toContain('chip-thinning');
    expect(keys(of('mill-slot'))).toContain('full-width');
  });

  it('T-slot and dovetail name what comes before them', () =>
    expect([...keys(of('t-slot')), ...keys(of('dovetail'))]).toEqual(
      expect.arrayContaining(['t-slot-neck', 'dovetail-rough']),
    ));
});

describe('whatever is set up', () => {
  it('a harder row, a smaller school and more factors never make the aim faster', () => {
    fc.assert(
      fc.property(anySetup(), (input) => {
        const aim = (more: Partial<CutSetup>, school: 'bottom' | 'middle' | 'top' = 'middle') =>
          cutPlan({ ...input, ...more }, { ...DEFAULT_RULES, school }).speed.aimMPerMin;
        return (
          aim({}, 'bottom') <= aim({}) + 1e-9
          && aim({}) <= aim({}, 'top') + 1e-9
          && aim({ interrupted: true }) <= aim({ interrupted: false }) + 1e-9
          && aim({ stock: { ...input.stock, uncertain: true } }) <= aim({}) + 1e-9
        );
      }),
      { numRuns: 300 },
    );
  });
});
