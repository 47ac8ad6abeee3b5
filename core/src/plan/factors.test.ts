import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, INSERT, setup } from '../fixture';
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
    const factors = (of: CutSetup, depthMm: number) => operationOf(of).depthFactors(of, depthMm);
    expect(factors(setup(), 5)).toEqual(['deep-cut']);
    expect(factors(setup(), 0.3)).toEqual(['light-finishing']);
    expect(factors(setup(), 2)).toEqual([]);
    expect(factors(setup({ operation: 'mill-side' }), 13)).toEqual(['deep-cut']);
  });
});
