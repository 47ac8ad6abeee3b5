import { TOOL_KINDS } from './tool';
import { readTool } from './read-tool';
import { SIZELESS, usualMaterials, usualSizes, usualTool } from './usual-tool';

describe('a usual tool', () => {
  it.each(TOOL_KINDS)('%s is of its kind, sharp, of the first of its materials', (kind) => {
    const [material] = usualMaterials(kind);
    const made = usualTool({ kind, material: material!, sizeMm: 10, teeth: null }, 'Ten');
    expect(made).toMatchObject({ kind, material, dull: false, name: 'Ten' });
    expect(usualSizes(kind).mm.length > 0 || SIZELESS.includes(kind) || kind === 'threading-tool').toBe(true);
  });

  it('has the flutes that are said, else the usual number', () => {
    const end = (teeth: number | null) =>
      usualTool({ kind: 'end-mill', material: 'hss', sizeMm: 12, teeth }, 'E');
    expect(end(null)).toMatchObject({ teeth: 4, diameterMm: 12, fluteLengthMm: 26.400000000000002 });
    expect(end(2)).toMatchObject({ teeth: 2 });
    const face = (sizeMm: number) =>
      usualTool({ kind: 'face-mill', material: 'carbide-coated', sizeMm, teeth: null }, 'F');
    expect([face(25), face(63)]).toMatchObject([{ teeth: 3 }, { teeth: 5 }]);
  });
});

describe('a tool as it is typed', () => {
  it.each([
    ['HSS end mill 12, 4 flutes', 'end-mill', 'mm', { material: 'hss', sizeMm: 12, teeth: 4 }],
    ['3/8 hss', 'end-mill', 'mm', { material: 'hss', sizeMm: 9.525, teeth: null }],
    ['3/8 in carbide 2 fl', 'end-mill', 'inch', { material: 'solid-carbide', sizeMm: 9.525, teeth: 2 }],
    ['insert 0.4', 'turning-tool', 'mm', { material: 'carbide-coated', sizeMm: 0.4, teeth: null }],
    ['polished 0,4', 'turning-tool', 'mm', { material: 'carbide-uncoated', sizeMm: 0.4, teeth: null }],
    ['carbide 0.8', 'turning-tool', 'mm', { material: 'carbide-coated', sizeMm: 0.8, teeth: null }],
    ['7', 'drill', 'mm', { material: 'hss', sizeMm: 7, teeth: null }],
    ['cobalt 7 mm', 'drill', 'inch', { material: 'hss-co', sizeMm: 7, teeth: null }],
    ['1 1/2', 'face-mill', 'inch', { material: 'carbide-coated', sizeMm: 38.1, teeth: null }],
    ['z6 20', 't-slot-cutter', 'mm', { material: 'hss', sizeMm: 20, teeth: 6 }],
  ] as const)('"%s" as %s in %s', (text, kind, unit, wish) =>
    expect(readTool(text, kind, unit === 'inch' ? 'in' : 'mm')).toEqual({
      kind,
      ...wish,
      sizeMm: expect.closeTo(wish.sizeMm, 9),
    }),
  );

  it.each(['', 'end mill', '4 flutes', '0'])('"%s" has no size', (text) =>
    expect(readTool(text, 'end-mill', 'mm')).toBeNull(),
  );
});
