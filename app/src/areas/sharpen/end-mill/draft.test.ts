import type { ToolOf } from '@pike-stone/contract';
import { endTeethOf, freshDraft, jobOf, upToDate } from './draft';

const BODY: ToolOf<'end-mill'> = {
  kind: 'end-mill',
  name: 'Mill',
  material: 'solid-carbide',
  dull: true,
  note: '',
  diameterMm: 10,
  teeth: 3,
  fluteLengthMm: 22,
  centreCutting: true,
};
const tool = (more: Partial<typeof BODY> = {}) => ({ ...BODY, ...more });

it('begins with the cutter as the drawer has it, and a small wheel where the shop has none', () => {
  const draft = freshDraft(tool(), []);
  expect(draft).toMatchObject({
    diameterMm: 10,
    teeth: 3,
    fluteMm: 22,
    centreCutting: true,
    landMm: 0.7,
    wheelId: null,
  });
  expect(jobOf(draft, [])).toMatchObject({ cutter: { material: 'carbide' }, wheel: { diameterMm: 60 } });
});

it('a tool that was changed in the drawer is followed; what was typed in the plan stays', () => {
  const kept = { ...freshDraft(tool(), []), reliefDeg: 8, fluteMm: 21 };
  expect(upToDate(kept, tool())).toBe(kept);
  expect(upToDate(kept, tool({ diameterMm: 9.9, dull: false }))).toMatchObject({
    diameterMm: 9.9,
    fluteMm: 21,
    reliefDeg: 8,
  });
  expect(upToDate(freshDraft(null, []), null)).toMatchObject({ diameterMm: 12, drawerHad: null });
});

it('keeps with a sharpening what was asked, not how it was planned', () =>
  expect(Object.keys(endTeethOf(freshDraft(null, [])))).not.toContain('wheel'));
