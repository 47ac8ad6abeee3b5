import { readDxf, readSvg } from './read-drawing';

const dxf = (entities: string, unit = 4): string =>
  `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n${unit}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;

describe('a DXF file', () => {
  it('gives lines, arcs and polylines with their bulges, and its unit', () => {
    const line = '0\nLINE\n8\n0\n10\n0\n20\n0\n11\n5\n21\n0\n';
    const arc = '0\nARC\n8\n0\n10\n5\n20\n2\n40\n2\n50\n270\n51\n0\n';
    const poly =
      '0\nLWPOLYLINE\n8\n0\n90\n3\n70\n0\n10\n7\n20\n2\n42\n0.4142135624\n10\n9\n20\n4\n10\n12\n20\n4\n';
    const { pieces, mmPerUnit } = readDxf(dxf(line + arc + poly));
    expect(mmPerUnit).toBe(1);
    expect(pieces).toHaveLength(5);
    expect(pieces[1]!.from[0]).toBeCloseTo(5, 6);
    expect(pieces[1]!.from[1]).toBeCloseTo(0, 6);
    expect(pieces[1]!.bulge).toBeGreaterThan(0);
    expect(pieces[2]!.to[0]).toBeCloseTo(7, 6);
    expect(pieces[3]).toMatchObject({ from: [7, 2], to: [9, 4] });
    expect(pieces[3]!.bulge).toBeCloseTo(0.41421, 4);
    expect(readDxf(dxf(line, 1)).mmPerUnit).toBe(25.4);
    expect(readDxf(dxf(line, 0)).mmPerUnit).toBeNull();
  });

  it('of ten thousand entities, and what is none, are refused', () => {
    const many = Array.from(
      { length: 10_000 },
      (_, i) => `0\nLINE\n8\n0\n10\n${i}\n20\n0\n11\n${i}\n21\n1\n`,
    ).join('');
    expect(() => readDxf(dxf(many))).toThrow('10000 entities');
    expect(readDxf(dxf('0\nTEXT\n8\n0\n10\n0\n20\n0\n1\nhello\n')).pieces).toEqual([]);
  });
});

describe('an SVG file', () => {
  const svg = (inside: string, root = 'width="20mm" height="10mm" viewBox="0 0 40 20"'): string =>
    `<svg xmlns="http://www.w3.org/2000/svg" ${root}>${inside}</svg>`;

  it('gives its path upside down, arcs as arcs, in the unit of its width', () => {
    const { pieces, mmPerUnit } = readSvg(svg('<path d="M1 2h2a2 2 0 0 0 4 0l2 1z"/>'));
    expect(mmPerUnit).toBe(0.5);
    expect(pieces).toHaveLength(4);
    expect(pieces[0]).toMatchObject({ from: [1, -2], to: [3, -2], bulge: 0 });
    // Sweep 0 turns left on a sheet whose y runs down, which is left too once y runs up.
    expect(pieces[1]!.bulge).toBeCloseTo(1, 6);
    expect(readSvg(svg('<path d="M0 0h1"/>', 'width="20" height="10"')).mmPerUnit).toBeNull();
  });

  it('follows transforms, curves and shapes', () => {
    const { pieces } = readSvg(
      svg(
        '<g transform="translate(10 0)"><line x1="0" y1="0" x2="4" y2="0"/><path d="M0 0C0 4 4 4 4 0"/></g><polyline points="0,0 1,1 2,0"/>',
      ),
    );
    expect(pieces[0]).toMatchObject({ from: [10, -0], to: [14, -0] });
    expect(pieces).toHaveLength(1 + 24 + 2);
    expect(pieces[12]!.to[1]).toBeCloseTo(-3, 1);
  });

  it('that is none is refused', () => expect(() => readSvg('<html/>')).toThrow('no SVG'));
});
