import { material, MATERIALS } from '../material/library';
import { withOverride } from '../material/material';
import { TOOL_MATERIALS, toolMaterial } from '../tool/library';
import { speedRange } from './speed-range';

describe('speed range', () => {
  const steel = material('low-carbon-cold-drawn');

  it('starts where the school says', () => {
    const at = (school: 'bottom' | 'middle' | 'top') =>
      speedRange(steel, toolMaterial('hss'), 'turning', school).startMPerMin;
    expect([at('bottom'), at('middle'), at('top')]).toEqual([26, 32, 38]);
    expect(speedRange(steel, toolMaterial('hss'), 'turning', 'middle', true).startMPerMin).toBeCloseTo(
      64 / 3,
      9,
    );
  });

  it('reads the uncoated column for plastics with coated carbide, and says there is no gain', () => {
    expect(speedRange(material('acetal'), toolMaterial('carbide-coated'), 'turning')).toMatchObject({
      lowMPerMin: 120,
      highMPerMin: 300,
      noGainOverUncoated: true,
    });
  });

  it('lets the shop’s own value win, and leaves the rest of the row alone', () => {
    const own = withOverride(steel, { name: 'Ours', speedMPerMin: { hss: [10, 20] } });
    expect(speedRange(own, toolMaterial('hss'), 'turning').startMPerMin).toBe(15);
    expect(speedRange(own, toolMaterial('carbide-coated'), 'turning').lowMPerMin).toBe(140);
    expect(own.fzPerDiameter).toBe(steel.fzPerDiameter);
  });

  it('has a rising range for every metal, tool material and operation of the library', () => {
    for (const metal of MATERIALS)
      for (const edge of TOOL_MATERIALS)
        for (const operation of [
          'turning',
          'milling',
          'drilling',
          'reaming',
          'parting',
          'threading',
        ] as const) {
          const range = speedRange(metal, edge, operation);
          expect(range.lowMPerMin).toBeGreaterThan(0);
          expect(range.highMPerMin).toBeGreaterThan(range.lowMPerMin);
          expect(range.leastUsefulMPerMin).toBeLessThan(range.lowMPerMin);
        }
  });

  it('names a row that is not there', () => {
    expect(() => material('unobtainium')).toThrow('no metal called "unobtainium"');
    expect(() => toolMaterial('flint')).toThrow('no tool material called "flint"');
  });

  it('starts in the middle unless told', () => {
    expect(speedRange(steel, toolMaterial('hss'), 'turning').startMPerMin).toBe(32);
  });

  it('says which metal has no speed for which edge', () => {
    const bare = { ...steel, speedMPerMin: { ...steel.speedMPerMin, hss: null, 'carbide-uncoated': null } };
    expect(() => speedRange(bare, toolMaterial('hss'), 'turning')).toThrow(
      'low-carbon-cold-drawn: no cutting speed for hss',
    );
  });
});
