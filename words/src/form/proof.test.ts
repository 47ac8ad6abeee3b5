import { inspectForm, shapeOf, steppedPoints } from '@pike-stone/core/form';
import { sayBankCard, sayFollowed, sayInspection, saySpace, sayUsualDoubt, sayWorstFacet } from './proof';

const { profile } = shapeOf({ kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 });
const asked = { fit: 'none', lowMm: -0.01, highMm: 0.01, doubtMm: 0.002 } as const;
const measured = steppedPoints(profile, 0.5).map(([x, y]) =>
  x > 3.2 && x < 5.6 && y > 1 ? ([x - 0.02 * (x / 6), y - 0.02 * (y / 6)] as const) : ([x, y] as const),
);
const found = inspectForm(profile, { ...asked, points: measured });

it('an inspection says its ends, and how many points lie outside', () => {
  expect(sayInspection(found, 'mm')).toMatch(
    /^From .*µm to .*µm, rms .*; 95 of 100 points within .*µm\. \d+ of \d+ outside/,
  );
  expect(sayInspection(found, 'inch')).toContain('thou');
});

it('the worst facet says where it is and what to do, on the tool and on the part', () => {
  const [tool, part] = [sayWorstFacet(found.facet, 'tool', 'mm'), sayWorstFacet(found.facet, 'part', 'mm')];
  for (const said of [tool, part]) expect(said).toMatch(/the arc of radius 6\smm on the right/);
  expect(tool).not.toBe(part);
});

it('what is usual is said in the unit of the shop', () => {
  expect(sayUsualDoubt('mm')).toContain('2 to 5\u00a0µm');
  expect(sayUsualDoubt('inch')).toContain('0.1 to 0.2\u00a0thou');
  expect(sayBankCard('mm')).toBe('a bank card is 85.6\u00a0mm by 53.98\u00a0mm');
  expect(sayBankCard('inch')).toContain('3.370\u00a0in');
});

it('a space that was cut is not said finer than its mesh', () => {
  expect(saySpace(0.00001, 120, 'mm')).toContain('within 0.2\u00a0µm of the form at 120 places');
  expect(saySpace(0.0012, 120, 'mm')).toContain('within 1.2\u00a0µm');
  expect(sayFollowed(1, 9, 0.001, 'mm')).toMatch(/^1 line or arc follows 9 points/);
});
