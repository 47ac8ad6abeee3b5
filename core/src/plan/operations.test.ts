import fc from 'fast-check';
import { MATERIALS } from '../material/material';
import { TOOL_MATERIALS } from '../tool/tool-material';
import { cutPlan, type CutPlan } from './cut-plan';
import { centreHoleDepth, centreHoleDiameter } from './centre-hole';
import { DEFAULT_RULES, type CutSetup, type Tool } from './cut-setup';
import { groovePlunges } from './detail-working';
import { forecast } from './forecast';
import { MACHINE_OPERATIONS, operationName, OPERATIONS, type Operation } from './operations';
import { knurlBlank, smallEnd, threadOf } from './particulars';
import { BELT_LATHE, HAND_MILL, setup, SHAPER, TOOLS } from './plan.fixture';
import { powerShare } from './power-share';
import { stepCautions } from './step-cautions';
import { firstThreadPass, threadPasses } from './thread-pass';
import { warnings } from './warnings';
import { working } from './working';

const of = (operation: Operation, more: Partial<CutSetup> = {}): CutSetup =>
  setup({
    operation,
    tool: TOOLS[OPERATIONS[operation].tool],
    machine: MACHINE_OPERATIONS.lathe.includes(operation)
      ? BELT_LATHE
      : operation === 'shape'
        ? SHAPER
        : HAND_MILL,
    ...more,
  });
const plan = (input: CutSetup): CutPlan => cutPlan(input, DEFAULT_RULES);
const keys = (input: CutSetup): string[] => warnings(input, plan(input), 'mm').map(({ key }) => key);
const tool = (kind: Tool['kind'], more: Partial<Tool>): Tool => ({ ...TOOLS[kind], ...more });
const every = Object.keys(OPERATIONS) as Operation[];

describe('every operation', () => {
  it('belongs to a machine, has a name, and cautions of its own or of its machine', () => {
    const offered = new Set(Object.values(MACHINE_OPERATIONS).flat());
    for (const operation of every) {
      expect(offered.has(operation)).toBe(true);
      expect(operationName(operation)).not.toMatch(/ (on|in|into)$/);
      expect(stepCautions(of(operation), 'long').length).toBeGreaterThan(2);
    }
  });

  it.each(every)('%s: speed, feed and depth open into lines without a hole, in both units', (operation) => {
    const input = of(operation);
    for (const units of ['mm', 'inch'] as const) {
      for (const result of ['speed', 'feed', 'depth'] as const) {
        const lines = working(result, input, plan(input), DEFAULT_RULES, units);
        expect(lines.length).toBeGreaterThan(1);
        expect(
          lines
            .map(({ label, value, reason = '', source = '' }) => `${label} ${value} ${reason} ${source}`)
            .join(' '),
        ).not.toMatch(/NaN|undefined|Infinity|null/);
      }
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
      of('form', { tool: tool('form-tool', { bladeMm: 16, fluteLengthMm: 3 }) }),
    ];
    expect(plan(broad).feed.baseMm).toBe(plan(narrow).feed.baseMm / 2);
    expect(keys(broad)).toContain('form-broad');
    expect(keys(of('form', { workDiameterMm: 10 }))).toContain('form-small');
  });

  it('a thread is fed by its pitch, deeper with a sharp nose, in passes of one area', () => {
    const input = of('thread', { workDiameterMm: 16 });
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
    expect(threadOf(of('thread', { workDiameterMm: 16, way: 'inside' })).depthMm).toBeCloseTo(
      0.541266 * 2,
      5,
    );
    expect(threadOf(of('thread', { tool: tool('threading-tool', { cornerDeg: 55 }) })).form).toBe('form-55');
  });

  it('a taper is fed by hand on the compound, by power with the tailstock over', () => {
    const compound = of('taper', { stickOutMm: 80, lengthMm: 40 });
    expect(plan(compound).feed.setting).toMatchObject({ how: 'hand', wheel: 'compound' });
    expect(smallEnd(compound)).toBeCloseTo(25 - 40 / 20, 9);
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

  it('facing says where the speed becomes useless and where a faster step is right', () => {
    const face = of('face', { workDiameterMm: 120 });
    const text = warnings(face, plan(face), 'mm').find(({ key }) => key === 'facing-centre')!.text;
    expect(text).toMatch(/inside ⌀\d/);
    expect(text).toMatch(/From ⌀\d+(\.\d+)?\smm inward \d+\srpm is right/);
    expect(
      working('speed', face, plan(face), DEFAULT_RULES, 'mm').some(({ label }) =>
        label.startsWith('Toward the centre'),
      ),
    ).toBe(true);
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
    expect(keys(of('mill-bore', { workDiameterMm: 12, rpmByHand: 2450 }))).toContain('head-fast');
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

const anyCut = fc
  .constantFrom(BELT_LATHE, HAND_MILL, SHAPER)
  .chain((machine) =>
    fc
      .constantFrom(...MACHINE_OPERATIONS[machine.kind])
      .chain((operation) =>
        fc.record({
          machine: fc.constant(machine),
          operation: fc.constant(operation),
          stock: fc
            .constantFrom(...MATERIALS)
            .map(({ key }) => ({ name: key, materialKey: key, uncertain: false, skinMm: 0 })),
          tool: fc
            .tuple(fc.constantFrom(...TOOL_MATERIALS), fc.double({ min: 1, max: 60, noNaN: true }))
            .map(([{ key }, diameterMm]) => ({
              ...TOOLS[OPERATIONS[operation].tool],
              material: key,
              diameterMm,
            })),
          workDiameterMm: fc.double({ min: 2, max: 250, noNaN: true }),
          stickOutMm: fc.double({ min: 2, max: 300, noNaN: true }),
          fluid: fc.constantFrom('dry' as const, 'brush' as const),
          interrupted: fc.boolean(),
          lengthMm: fc.option(fc.double({ min: 1, max: 200, noNaN: true })),
          angleDeg: fc.option(fc.double({ min: 0.1, max: 80, noNaN: true })),
          pitchMm: fc.option(fc.double({ min: 0.2, max: 6, noNaN: true })),
        }),
      ),
  )
  .map((more) => setup(more));

describe('whatever is set up', () => {
  it('the step is one of the machine’s, and no figure is a hole', () => {
    fc.assert(
      fc.property(anyCut, (input) => {
        const { speed, feed, depth } = plan(input);
        const top = input.machine.speeds.at(-1)!.rpm;
        return (
          speed.rungRpm <= top
          && input.machine.speeds.some(({ rpm }) => rpm === speed.rungRpm)
          && [feed.mmRev, feed.mmMin, depth.mm, speed.actualMPerMin].every(
            (value) => value > 0 && Number.isFinite(value),
          )
        );
      }),
      { numRuns: 500 },
    );
  });

  it('a harder row, a smaller school and more burdens never make the aim faster', () => {
    fc.assert(
      fc.property(anyCut, (input) => {
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

  it('a larger diameter never turns faster', () => {
    fc.assert(
      fc.property(anyCut, fc.double({ min: 1, max: 4, noNaN: true }), (input, times) => {
        const bigger = {
          ...input,
          workDiameterMm: input.workDiameterMm * times,
          tool: {
            ...input.tool,
            diameterMm: input.tool.diameterMm * times,
            shankMm: input.tool.shankMm === undefined ? undefined : input.tool.shankMm * times,
          },
          depthMm: 0.6,
          stickOutMm: 1,
        };
        return (
          plan(bigger).speed.idealRpm
          <= plan({ ...input, depthMm: 0.6, stickOutMm: 1 }).speed.idealRpm * (1 + 1e-9)
        );
      }),
      { numRuns: 300 },
    );
  });

  it('inches and millimetres tell the same', () => {
    fc.assert(
      fc.property(anyCut, (input) => {
        const found = plan(input);
        const [mm, inch] = (['mm', 'inch'] as const).map((units) =>
          working('speed', input, found, DEFAULT_RULES, units),
        );
        const actual = (lines: readonly { key: string; value: string }[]) =>
          parseFloat(lines.find(({ key }) => key === 'actual')!.value.replace(/\s/g, ''));
        return (
          mm!.length === inch!.length
          && Math.abs(actual(inch!) * 0.3048 - actual(mm!)) <= Math.max(0.6, 0.06 * actual(mm!))
        );
      }),
      { numRuns: 200 },
    );
  });
});
