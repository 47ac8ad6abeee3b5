import type { InstrumentChoice } from '@pike-stone/core/choose';
import { sayMeasure } from './measure';

const plain = (text: string) => text.replace(/\u00a0/g, ' ');

describe('to measure a size', () => {
  const chosen = { name: 'Caliper' } as InstrumentChoice['chosen'];
  const of = (more: Partial<InstrumentChoice>) =>
    sayMeasure({ chosen, enough: true, ratio: 8.33, acceptable: [], acceptWidthMm: 0, ...more }, 'mm');

  it('says the instrument and how surely it tells', () => {
    expect(of({})).toBe(
      'Caliper: the tolerance is 8.3 times as wide as its reading is sure; four times is the rule.',
    );
    expect(of({ ratio: 12.6 })).toMatch(/is 13 times/);
    expect(plain(of({ enough: false, ratio: 2, acceptWidthMm: 0.02 }))).toMatch(
      /not enough.*within 0\.02 mm/,
    );
    expect(of({ enough: false, ratio: 0.8 })).toMatch(/not enough.*comparator/);
  });

  it('a form has its template, a size beyond the toolroom its gauge', () => {
    expect(sayMeasure('template', 'mm')).toMatch(/^A form is held against a template/);
    expect(sayMeasure(null, 'mm')).toMatch(/a gauge, or the mating part/);
  });
});
