import { TOOL_KINDS } from '@pike-stone/core';
import { TOOLS } from '@pike-stone/core/fixture';
import { COLOURS } from '../../../theme/colours';
import { toolGroups } from '../tool-groups';
import { drawTool } from './draw-tool';
import type { SizeMark } from './paper';
import { isDrawn, knownSizes, sizesOf } from './sizes';

const PAPERS = [
  { width: 390, height: 240 },
  { width: 630, height: 240 },
] as const;
const draw = (
  body: Readonly<Record<string, unknown>>,
  size: { width: number; height: number } = PAPERS[0],
  units: 'mm' | 'inch' = 'mm',
) => drawTool(body, { ...size, units, pen: COLOURS.light, known: knownSizes(body) });
const marksOf = (body: Readonly<Record<string, unknown>>): readonly SizeMark[] => draw(body)?.marks ?? [];
const drawn = TOOL_KINDS.filter(isDrawn);

/** Roughly where a figure stands, from its anchor and the number of its signs. */
function span({ x, anchor, figure, after }: SizeMark): readonly [number, number] {
  const wide = figure.length * 11.6 + (after.length + 1) * 8.6;
  return anchor === 'left'
    ? [x, x + wide]
    : anchor === 'right'
      ? [x - wide, x]
      : [x - wide / 2, x + wide / 2];
}

describe.each(drawn)('a %s on its paper', (kind) => {
  const tool = TOOLS[kind] as unknown as Record<string, unknown>;

  it('has every figure once, each of its own form, all of them on the paper', () => {
    const fields = toolGroups({ kind }).flatMap((group) => group.fields.map(({ path }) => path));
    for (const paper of PAPERS) {
      const marks = draw(tool, paper)!.marks;
      expect(new Set(marks.map(({ key }) => key)).size).toBe(marks.length);
      for (const mark of marks) {
        expect(fields).toContain(mark.key);
        const [from, to] = span(mark);
        expect(from).toBeGreaterThan(-8);
        expect(to).toBeLessThan(paper.width + 8);
        expect(mark.y).toBeGreaterThan(0);
        expect(mark.y).toBeLessThan(paper.height);
      }
    }
  });

  it('stays on it very small and very large', () => {
    for (const times of [0.2, 6]) {
      const scaled = Object.fromEntries(
        Object.entries(tool).map(([key, value]) => [
          key,
          typeof value === 'number' && key.endsWith('Mm') ? value * times : value,
        ]),
      );
      for (const mark of marksOf(scaled)) {
        const [from, to] = span(mark);
        expect(from).toBeGreaterThan(-8);
        expect(to).toBeLessThan(398);
        expect(mark.y > 0 && mark.y < 240).toBe(true);
      }
    }
  });

  it('says its sizes in the units of the shop, and a question mark where it does not know', () => {
    const first = marksOf(tool).find(({ key }) => key.endsWith('Mm') && key in tool);
    const { [first!.key]: _gone, ...without } = tool;
    const unknown = marksOf(without).find(({ key }) => key === first!.key);
    expect(first!.after).toBe('mm');
    expect(draw(tool, PAPERS[0], 'inch')!.marks.find(({ key }) => key === first!.key)!.after).toBe('in');
    expect(unknown).toMatchObject({
      figure: expect.stringContaining('?'),
      says: expect.stringMatching(/not known$/),
    });
  });
});

it('a knurl and a file have no sizes to touch', () => {
  expect(draw({ kind: 'knurling-tool' })).toBeNull();
  expect(draw({ kind: 'file' })).toBeNull();
});

it('what a tool does not say is drawn as such a tool usually is', () => {
  const mill = sizesOf({ kind: 'end-mill', diameterMm: 12 });
  expect(mill).toMatchObject({ diameterMm: 12, shankMm: 12, fluteLengthMm: 25 });
  expect(sizesOf({ kind: 'end-mill', diameterMm: 40 }).shankMm).toBe(20);
  // A figure that cannot be read while it is typed does not break the drawing.
  expect(sizesOf({ kind: 'end-mill', diameterMm: NaN, teeth: undefined })).toMatchObject({
    diameterMm: 10,
    teeth: 2,
  });
  expect([...knownSizes({ kind: 'drill', diameterMm: 5, name: 'x' })]).toEqual(['diameterMm']);
});
