import { bitOf } from './grind.fixture';
import { regrindFor } from './regrind';

const keys = (shape: Parameters<typeof bitOf>[0], wear: Parameters<typeof regrindFor>[1]['wear']) =>
  regrindFor(bitOf(shape), { wear, sizeMm: null }).steps.map(({ key }) => key);

describe('the least that brings an edge back', () => {
  it('touches the flanks of a corner, so that it only gets shorter, and the top of a form bit', () => {
    expect(keys('general', 'blunt')).toEqual(['side', 'front', 'nose', 'hone']);
    expect(keys('thread-60', 'blunt')).toEqual(['rake', 'hone']);
    expect(keys('parting', 'chipped')).toEqual(['front', 'hone']);
    expect(keys('round-nose', 'blunt')).toEqual(['arc', 'hone']);
  });

  it('needs only the stone for what is built up, and the top too for a crater', () => {
    expect(keys('general', 'built-up')).toEqual(['hone']);
    expect(regrindFor(bitOf('general'), { wear: 'built-up', sizeMm: null })).toMatchObject({
      stockMm: 0.02,
      alongMm: 0,
    });
    expect(keys('general', 'cratered')).toEqual(['side', 'front', 'rake', 'nose', 'hone']);
  });

  it('takes a worn land by its width times the tangent of the clearance, a chip whole', () => {
    const land = regrindFor(bitOf('general'), { wear: 'flank-land', sizeMm: 0.4 });
    // 0.4 tan 8° and a margin of 0.05; along the shank over the front normal's 0.98.
    expect(land.stockMm).toBeCloseTo(0.4 * Math.tan((8 * Math.PI) / 180) + 0.05, 9);
    expect(land.alongMm).toBeCloseTo(land.stockMm / 0.9805, 3);
    expect(regrindFor(bitOf('general'), { wear: 'chipped', sizeMm: 0.6 }).stockMm).toBeCloseTo(0.65, 9);
    expect(regrindFor(bitOf('general'), { wear: 'cratered', sizeMm: 0.1 }).stockMm).toBeCloseTo(0.15, 9);
    expect(regrindFor(bitOf('general'), { wear: 'chipped', sizeMm: null }).stockMm).toBe(0.8);
    expect(regrindFor(bitOf('general'), { wear: 'nose-worn', sizeMm: null }).stockMm).toBe(0.3);
    expect(regrindFor(bitOf('general'), { wear: 'cratered', sizeMm: null }).stockMm).toBe(0.3);
    expect(regrindFor(bitOf('thread-60'), { wear: 'blunt', sizeMm: null }).alongMm).toBe(0);
  });

  it('looks at the flank that leans least: its land is the widest to grind away', () => {
    const steep = bitOf('general', { angles: { ...bitOf('general').angles, sideClearanceDeg: 5 } });
    const of = (plan: typeof steep) => regrindFor(plan, { wear: 'flank-land', sizeMm: 0.4 }).stockMm;
    expect(of(steep)).toBeCloseTo(0.4 * Math.tan((5 * Math.PI) / 180) + 0.05, 9);
    // A clearance that has gone counts as three degrees: less would not end the land.
    const gone = bitOf('general', { angles: { ...bitOf('general').angles, sideClearanceDeg: 1 } });
    expect(of(gone)).toBeCloseTo(0.4 * Math.tan((3 * Math.PI) / 180) + 0.05, 9);
  });
});
