import { boundsOf, shapeOf } from '@pike-stone/core/form';
import { templateOf, templateSvg } from './template';

const { profile } = shapeOf({ kind: 'radius', shape: 'bead', radiusMm: 3, depthMm: 3 });

describe('a template', () => {
  it('shows the form at its magnification within the sheet', () => {
    const template = templateOf(profile, 20, 'Bead');
    const { left, right, low, high } = boundsOf(template.form);
    expect(right - left).toBeCloseTo(20 * (boundsOf(profile).right - boundsOf(profile).left), 6);
    expect(left).toBeGreaterThan(0);
    expect(right).toBeLessThan(template.widthMm);
    expect(low).toBeGreaterThan(template.bar.y);
    expect(high).toBeLessThan(template.heightMm);
    expect(template.lineMm).toBe(0.25);
    expect(templateOf(profile, 1, 'Bead').lineMm).toBe(0.1);
  });

  it('is an SVG in millimetres with both bars and its words', () => {
    const svg = templateSvg(templateOf(profile, 10, 'Bead <3>'), '#000000');
    const [, width] = /width="([\d.]+)mm"/.exec(svg)!;
    const [, box] = /viewBox="0 0 ([\d.]+) /.exec(svg)!;
    expect(Number(width)).toBeCloseTo(Number(box), 6);
    expect(svg).toContain('id="bar-x" d="M15 ');
    expect(svg).toContain('h100"');
    expect(svg).toContain('v-100"');
    expect(svg).toContain('A30.000000 30.000000 0 0 1');
    expect(svg).toContain('Print at 100 %');
    expect(svg).not.toContain('<3>');
  });

  it('is stretched for a printer that falls short, the bars with it', () => {
    const svg = templateSvg(templateOf(profile, 10, 'Bead', { x: 1.01, y: 1 }), '#000000');
    const [, width] = /width="([\d.]+)mm"/.exec(svg)!;
    const [, box] = /viewBox="0 0 ([\d.]+) /.exec(svg)!;
    expect(Number(width) / Number(box)).toBeCloseTo(1.01, 6);
  });
});
