import fc from 'fast-check';
import { material } from '../material/library';
import { interfaceHeat, oxideColour, speedForHeat } from './heat';

describe('heat', () => {
  const thermal = { rhoCJMm3K: 0.0038, kWMK: 45, coefficient: 0.5 };

  it('the speed for a heat is the speed that makes it', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 250, noNaN: true }), fc.boolean(), (v, wet) => {
        const { riseK } = interfaceHeat(2400, thermal, v, 0.2, 20, wet);
        expect(speedForHeat(2400, thermal, 0.2, riseK, wet)).toBeCloseTo(v, 6);
      }),
    );
  });

  it('fluid cools, speed heats, the chip stays cooler than the edge', () => {
    const at = (v: number, wet: boolean) => interfaceHeat(2400, thermal, v, 0.2, 20, wet);
    expect(at(60, true).interfaceC).toBeLessThan(at(60, false).interfaceC);
    expect(at(120, false).riseK / at(60, false).riseK).toBeCloseTo(Math.cbrt(2), 9);
    expect(at(60, false).chipBodyC).toBeLessThan(at(60, false).interfaceC);
  });

  it('colours are told for steel that shows them', () => {
    expect(oxideColour(material('medium-carbon'), 'chip', 950, false)).toEqual({
      colour: 'glowing',
      lowC: 900,
      highC: null,
    });
    expect(oxideColour(material('medium-carbon'), 'chip', 300, true)).toBeNull();
    expect(oxideColour(material('grey-iron'), 'chip', 300, false)).toBeNull();
  });

  it('a colour holds from where it begins to where the next does', () => {
    const steel = material('medium-carbon');
    const at = (temperatureC: number) => oxideColour(steel, 'chip', temperatureC, false);
    expect(at(-5)).toEqual({ colour: 'bright', lowC: 0, highC: 250 });
    expect(at(249)).toMatchObject({ colour: 'bright' });
    expect(at(250)).toEqual({ colour: 'pale straw', lowC: 250, highC: 290 });
    expect(at(600)).toEqual({ colour: 'grey', lowC: 600, highC: 900 });
    expect(at(899)).toMatchObject({ colour: 'grey' });
    expect(at(900)).toMatchObject({ colour: 'glowing' });
    // Fluid hides the colour of a chip, not of steel that was tempered.
    expect(oxideColour(steel, 'temper', 300, true)).toMatchObject({ colour: 'dark blue' });
  });

  it.each<[() => unknown, string]>([
    [
      () => interfaceHeat(2400, { ...thermal, rhoCJMm3K: 0 }, 60, 0.2, 20, false),
      'heat capacity must be more than 0, got 0',
    ],
    [() => interfaceHeat(2400, thermal, 0, 0.2, 20, false), 'cutting speed must be more than 0, got 0'],
    [() => interfaceHeat(2400, thermal, 60, 0, 20, false), 'chip thickness must be more than 0, got 0'],
  ])('heat without speed, chip or heat capacity is refused: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
