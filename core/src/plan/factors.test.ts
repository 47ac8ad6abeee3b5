import { BELT_LATHE, DRILL, DRILL_PRESS, END_MILL, HAND_MILL, INSERT, setup } from '../fixture';
import type { Machine } from '../machine/machine';
import { operationOf, type CutSetup } from '../operation/registry';
import { overhang, standingFactors } from './factors';

const SOFT = { name: 'Plate', materialKey: 'aluminium-wrought', uncertain: false, skinMm: 0 };

describe('what eases a cut, from the set-up alone', () => {
  const names = (more: Partial<CutSetup>) =>
    standingFactors(setup({ machine: { ...BELT_LATHE, condition: 'ordinary' }, ...more }));

  it.each([
    [{}, []],
    [{ fluid: 'dry' }, ['no-fluid']],
    [{ interrupted: true, firstPassOnSkin: true }, ['interrupted-cut', 'scale-first-pass']],
    [{ stickOutMm: 90 }, ['long-overhang']],
    [{ stickOutMm: 120 }, ['very-long-overhang']],
    [{ stickOutMm: 120, support: 'chuck-and-centre' }, []],
    [{ stock: { ...SOFT, uncertain: true } }, ['unknown-alloy']],
    [{ tool: { ...INSERT, dull: true } }, ['dull-tool']],
    [{ machine: { ...BELT_LATHE, condition: 'tired', light: true } }, ['tired-machine', 'light-machine']],
    [{ machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 }, ['full-width-slot']],
    [{ operation: 'drill', tool: DRILL, stickOutMm: 500 }, []],
  ] as [Partial<CutSetup>, string[]][])('%j gives %j', (more, want) => expect(names(more)).toEqual(want));

  it('measures the overhang of the work when it turns and of the cutter when that turns', () => {
    expect(overhang(setup({ stickOutMm: 100 }))?.ratio).toBe(4);
    expect(
      overhang(setup({ machine: HAND_MILL, operation: 'mill-side', tool: END_MILL, stickOutMm: 48 })),
    ).toMatchObject({ standsOut: 'cutter', ratio: 4, allowable: 4 });
  });

  it('and from the depth', () => {
    const factors = (of: CutSetup, depthMm: number, widthMm: number | null = null) =>
      operationOf(of).depthFactors(of, depthMm, widthMm);
    expect(factors(setup(), 5)).toEqual(['deep-cut']);
    expect([4, 4.003, 4.005].map((mm) => factors(setup(), mm))).toEqual([[], [], ['deep-cut']]);
    expect(factors(setup(), 0.3)).toEqual(['light-finishing']);
    expect(factors(setup(), 2)).toEqual([]);
    const side = setup({ operation: 'mill-side' });
    expect(factors(side, 13, 3)).toEqual(['deep-cut']);
    expect([12, 12.01, 12.02].map((mm) => factors(side, mm, 3))).toEqual([[], [], ['deep-cut']]);
  });

  it('a cut is light finishing under half a millimetre and under a share of the diameter', () => {
    const light = (of: CutSetup, depthMm: number, widthMm: number | null = null) =>
      operationOf(of).depthFactors(of, depthMm, widthMm).includes('light-finishing');
    const bar = (workDiameterMm: number, depthMm: number) => light(setup({ workDiameterMm }), depthMm);
    expect([bar(25, 0.49), bar(25, 0.5), bar(6, 0.23), bar(6, 0.24)]).toEqual([true, false, true, false]);
    const side = setup({ operation: 'mill-side' });
    expect([light(side, 12, 0.23), light(side, 12, 0.25)]).toEqual([true, false]);
    const bore = setup({ operation: 'bore', workDiameterMm: 20 });
    expect([light(bore, 0.19), light(bore, 0.2)]).toEqual([true, false]);
  });

  it.each([
    [34, [], ['hand-fed-drill']],
    [34.1, ['deep-hole'], ['hand-fed-drill', 'deep-hole']],
    [51, ['deep-hole'], ['hand-fed-drill', 'deep-hole']],
    [51.1, ['very-deep-hole'], ['hand-fed-drill', 'very-deep-hole']],
  ] as const)('a hole of 8.5 mm, %d mm deep', (depthMm, onMill, onPress) => {
    const of = (machine: Machine) => {
      const cut = setup({ operation: 'drill', machine });
      return operationOf(cut).depthFactors(cut, depthMm, null);
    };
    expect(of(HAND_MILL)).toEqual(onMill);
    expect(of(DRILL_PRESS)).toEqual(onPress);
  });
});
