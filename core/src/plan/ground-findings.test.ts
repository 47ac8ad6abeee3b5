import { setup, TOOLS } from '../fixture';
import { groundRakeDeg } from '../operation/edge';
import type { CutSetup } from '../operation/registry';
import type { GroundAngles } from '../tool/ground-angles';
import { cutPlan } from './cut-plan';
import { findings } from './findings';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';

const KNIFE_TOOL = TOOLS['turning-tool'];
const GROUND: GroundAngles = {
  sideRakeDeg: 12,
  backRakeDeg: 8,
  sideClearanceDeg: 10,
  frontClearanceDeg: 8,
  measured: ['sideClearanceDeg'],
  heelMm: 9.9,
};
const ground = (more: Partial<GroundAngles>, cut: Partial<CutSetup> = {}) =>
  setup({ depthMm: 1, tool: { ...KNIFE_TOOL, ground: { ...GROUND, ...more } }, ...cut });
const found = (of: CutSetup) => findings(of, cutPlan(of, DEFAULT_RULES));
const codes = (of: CutSetup) => found(of).map(({ code }) => code);

describe('a hand-ground tool', () => {
  it('has the rake that its side and back rake make at its edge', () => {
    expect(groundRakeDeg({ ...KNIFE_TOOL, approachDeg: 80, ground: GROUND })).toBeCloseTo(13.156, 3);
    expect(groundRakeDeg(KNIFE_TOOL)).toBeUndefined();
    expect(
      groundRakeDeg({ kind: 'parting-blade', name: 'Blade', material: 'hss', dull: false, ground: GROUND }),
    ).toBeCloseTo(12, 9);
  });

  it('pushes less with more rake', () => {
    const power = (sideRakeDeg: number) => {
      const of = ground({ sideRakeDeg });
      return forecast(of, cutPlan(of, DEFAULT_RULES)).power!.cuttingN;
    };
    expect(power(20)).toBeLessThan(power(5));
  });

  it('rubs with its side where the feed is beyond its clearance, and says what was measured', () => {
    expect(codes(ground({}))).not.toContain('flank-rubs');
    const rubbing = found(ground({ sideClearanceDeg: 3.01 })).find(({ code }) => code === 'flank-rubs');
    expect(rubbing).toMatchObject({ level: 'caution', sideClearanceDeg: 3.01, measured: true });
    expect(found(ground({ sideClearanceDeg: 2, measured: [] }))).toContainEqual(
      expect.objectContaining({ code: 'flank-rubs', mostMmRev: 0, measured: false }),
    );
  });

  it('rubs with its heel in a bore that it is too deep for, unless it is relieved', () => {
    const bore = { operation: 'bore', workDiameterMm: 26, stickOutMm: 30 } as const;
    const bar = { kind: 'boring-bar', name: 'Bit', material: 'hss', dull: false } as const;
    const sizes = { noseRadiusMm: 0.4, approachDeg: 90, cornerDeg: 80, barMm: 8 };
    const tool = (more: Partial<GroundAngles>) => ({ ...bar, ...sizes, ground: { ...GROUND, ...more } });
    expect(codes(setup({ ...bore, tool: tool({ heelMm: 8 }) }))).toContain('heel-rubs');
    expect(
      codes(setup({ ...bore, tool: tool({ heelMm: 8, heel: { clearanceDeg: 30, landMm: 1 } }) })),
    ).not.toContain('heel-rubs');
  });

  it('breaks a chip with its groove that it would not break without', () => {
    const chip = (groove?: GroundAngles['groove']) => {
      const of = ground({ groove });
      return forecast(of, cutPlan(of, DEFAULT_RULES)).chip!;
    };
    const grooved = chip({ landMm: 0.05, widthMm: 1.2, depthMm: 0.2 });
    expect(grooved.forcedCurlMm).not.toBeNull();
    expect(grooved.breakIndex).toBeGreaterThan(chip().breakIndex);
  });
});
