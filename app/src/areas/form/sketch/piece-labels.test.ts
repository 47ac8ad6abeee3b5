import { boundsOf, shapeOf } from '@pike-stone/core/form';
import { pieceLabels } from './piece-labels';
import { fitted, placing, roomWithin } from './profile-path';

const { profile } = shapeOf({ kind: 'thread', form: 'iso-60', pitchMm: 4 });
const paper = { width: 360, height: 300, top: 0 };
const say = ({ kind }: { kind: string }) => kind;

describe('sizes written beside the lines and arcs of a form', () => {
  it('are those in view, on the side of the work, none over another', () => {
    const placed = fitted(boundsOf(profile), roomWithin(paper.width, paper.height, 20));
    const labels = pieceLabels(profile, placed, paper, say);
    expect(labels.map(({ text }) => text)).toEqual(expect.arrayContaining(['line', 'line']));
    const [first, second] = labels;
    expect(Math.abs(first!.x - second!.x) + Math.abs(first!.y - second!.y)).toBeGreaterThan(20);
    // The work lies below the tool: left of the left flank, right of the right one.
    const onFlanks = labels.filter(({ text }) => text === 'line').map(({ x }) => x);
    expect(Math.min(...onFlanks)).toBeLessThan(paper.width / 2);
    expect(Math.max(...onFlanks)).toBeGreaterThan(paper.width / 2);
  });

  it('are left out where a line is short or out of view', () => {
    const small = fitted(boundsOf(profile), roomWithin(60, 60, 20));
    expect(pieceLabels(profile, small, paper, say)).toEqual([]);
    const aside = placing(100, [0, 0], [-5000, 150]);
    expect(pieceLabels(profile, aside, paper, say)).toEqual([]);
  });
});
