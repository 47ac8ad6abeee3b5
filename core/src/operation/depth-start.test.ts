import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, setup } from '../fixture';
import { material } from '../material/library';
import { factorChain } from '../mechanics/factor-chain';
import { operationOf, type CutSetup } from './registry';
import { toolMaterial } from '../tool/library';
import { standingFactors } from '../plan/factors';

const SOFT = { name: 'Plate', materialKey: 'aluminium-wrought', uncertain: false, skinMm: 0 };

describe('a depth to begin with', () => {
  const start = (more: Partial<CutSetup>) => {
    const input = setup(more);
    const [metal, edge] = [material(input.stock.materialKey), toolMaterial(input.tool.material)];
    const { depthFactor } = factorChain(metal, edge, standingFactors(input));
    return operationOf(input).startDepth(input, { metal, edge, depthFactor });
  };

  it('is half a diameter in a steel slot, a whole one in soft metal, half of that on a tired machine', () => {
    const slot = { machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 } as const;
    expect(start(slot)).toMatchObject({ startMm: expect.closeTo(6, 9), widthMm: 12 });
    expect(start({ ...slot, stock: SOFT })).toMatchObject({ startMm: expect.closeTo(12, 9) });
    expect(start({ ...slot, machine: { ...HAND_MILL, condition: 'tired' } }).startMm).toBeCloseTo(3, 9);
  });

  it('is no deeper than the flutes are long', () =>
    expect(
      start({
        machine: HAND_MILL,
        operation: 'mill-side',
        tool: { ...END_MILL, fluteLengthMm: 7 },
        stickOutMm: 30,
      }).wantedMm,
    ).toBe(7));

  it('is three diameters for a drill, whatever holds it back', () =>
    expect(start({ operation: 'drill', tool: DRILL })).toMatchObject({ startMm: 25.5, widthMm: null }));

  it('lies on whole fives of the dial that sets it', () => {
    for (const workDiameterMm of [6, 12, 25, 80]) {
      const { startMm } = start({ workDiameterMm });
      expect((startMm / 0.125) % 1).toBeCloseTo(0, 9);
    }
  });

  it('knows which dial that is', () => {
    const dial = (of: CutSetup) => operationOf(of).depthDial(of.machine);
    expect(dial(setup())).toBe(BELT_LATHE.kind === 'lathe' && BELT_LATHE.crossSlide);
    expect(dial(setup({ operation: 'face' }))).toBeNull();
    expect(dial(setup({ machine: HAND_MILL, operation: 'drill', tool: DRILL }))).toBeNull();
  });
});
