import { compareCutters, coversArea } from './compare-cutters';
import { HAND_MILL, MOTOR, TOOLS, setup } from '../fixture';
import { DEFAULT_RULES } from './rules';

const mill = { ...HAND_MILL, motor: MOTOR };

describe('a flat face', () => {
  const area = { lengthMm: 150, widthMm: 80, depthMm: 1, pattern: 'one-way' as const };
  const base = setup({
    machine: mill,
    operation: 'face-mill',
    tool: TOOLS['face-mill'],
    stock: { ...setup().stock, materialKey: 'aluminium-wrought' },
  });
  const all = compareCutters(
    base,
    [TOOLS['end-mill'], TOOLS['face-mill'], TOOLS['fly-cutter'], TOOLS.drill],
    DEFAULT_RULES,
    area,
  );

  it('is compared for the cutters that can cover it', () => {
    expect(all.map(({ tool }) => tool.kind).sort()).toEqual(['end-mill', 'face-mill', 'fly-cutter']);
    expect([coversArea('drill'), coversArea('end-mill')]).toEqual([false, true]);
    expect(all.find(({ tool }) => tool.kind === 'end-mill')!.overrunMm).toBe(8);
    const unknown = compareCutters(
      { ...base, machine: HAND_MILL },
      [TOOLS['fly-cutter']],
      DEFAULT_RULES,
      area,
    );
    expect(unknown[0]).toMatchObject({ share: null, within: true });
    for (const one of all) expect(one.area.passes * one.area.stepoverMm).toBeCloseTo(area.widthMm, 9);
  });

  it('puts those within the power first, the quickest of them in front; both ways is quicker', () => {
    const within = all.filter((one) => one.within);
    expect(all.slice(0, within.length)).toEqual(within);
    expect([...within].sort((a, b) => a.area.minutes - b.area.minutes)).toEqual(within);
    const both = compareCutters(base, [TOOLS['end-mill']], DEFAULT_RULES, { ...area, pattern: 'both-ways' });
    expect(both[0]!.area.minutes).toBeLessThan(
      all.find(({ tool }) => tool.kind === 'end-mill')!.area.minutes,
    );
    const deep = compareCutters(base, [TOOLS['face-mill']], DEFAULT_RULES, { ...area, depthMm: 30 });
    expect(deep[0]).toMatchObject({ within: false });
  });
});
