import { cutPlan, DEFAULT_RULES, type CutSetup } from '@pike-stone/core';
import { setup } from '@pike-stone/core/fixture';
import { warnings } from './finding';

const slender = (stickOutMm: number, more: Partial<CutSetup> = {}, units: 'mm' | 'inch' = 'mm'): string => {
  const of = setup({ workDiameterMm: 6, stickOutMm, ...more });
  const found = warnings(of, cutPlan(of, DEFAULT_RULES), units).find(({ key }) => key === 'slender');
  return (found?.text ?? '').replace(/\u00a0/g, ' ');
};

describe('work that is too slender', () => {
  it('is told with its longest length and the hold that it needs', () => {
    expect(slender(100)).toMatch(
      /^Too slender: 100 mm out of the chuck, held at that end alone, bends away from even the finest cut, or whips\. \d\d mm is the most that holds; the rule of thumb is 18 mm\. Bring up a centre, hold it shorter/,
    );
    expect(slender(180)).toContain('A centre and a steady, or a travelling steady');
    expect(slender(400, { support: 'between-centres' })).toMatch(/between centres .* Set \d steadies, or/);
    expect(slender(100, { operation: 'face' })).toContain('Set a steady near the end');
  });

  it('is told in inches where the shop has inches', () =>
    expect(slender(100, {}, 'inch')).toMatch(/3\.937 in out of the chuck.* 1\.\d in is the most/));
});
