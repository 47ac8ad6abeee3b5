import fc from 'fast-check';
import { anyForm, BELT_LATHE, DRILL_PRESS, HAND_MILL, setup, TOOLS } from '../fixture';
import type { CutSetup } from '../operation/registry';
import { DoesNotFit } from '../operation/misfit';
import { cutPlan } from './cut-plan';
import { misfits } from './misfits';
import { DEFAULT_RULES } from './rules';

const found = (more: Partial<CutSetup>) => misfits(setup(more));

describe('sizes that do not go together are refused, both named', () => {
  it.each([
    ['turn', 12.5, 12.6],
    ['shoulder', 12.5, 12.6],
    ['taper', 12.5, 12.6],
    ['groove', 12.5, 20],
    ['form', 12.5, 13],
    ['chamfer', 12.5, 15],
  ] as const)('%s a bar of 25: %d deep can be, %d cannot', (operation, fits, depthMm) => {
    expect(found({ operation, depthMm: fits })).toEqual([]);
    expect(found({ operation, depthMm })).toEqual([
      { code: 'past-centre', field: 'depthMm', depthMm, diameterMm: 25 },
    ]);
  });

  it('a bar fills 0.8 of its bore at most, as the bore is before the cut', () => {
    const bore = (workDiameterMm: number, depthMm: number | null = null) =>
      found({ operation: 'bore', workDiameterMm, depthMm });
    expect(bore(13.5)).toEqual([]);
    expect(bore(10)).toEqual([
      {
        code: 'bar-in-bore',
        field: 'workDiameterMm',
        barMm: 12,
        boreMm: 10,
        mostMm: expect.closeTo(10 * Math.sqrt(0.8), 9),
      },
    ]);
    expect(bore(13.5, 0.2)).toMatchObject([{ code: 'bar-in-bore', field: 'depthMm', boreMm: 13.1 }]);
    expect(bore(20, 11)).toMatchObject([{ code: 'past-centre' }]);
    expect(found({ operation: 'mill-bore', workDiameterMm: 12 })).toMatchObject([{ code: 'bar-in-bore' }]);
  });

  it('a hole in work that turns is smaller than the work; on a mill the work is not known', () => {
    const drill = { operation: 'drill', tool: { ...TOOLS.drill, diameterMm: 20 } } as const;
    expect(found({ ...drill, machine: BELT_LATHE, workDiameterMm: 15 })).toEqual([
      { code: 'hole-in-work', field: 'workDiameterMm', holeMm: 20, workMm: 15 },
    ]);
    expect(found({ ...drill, machine: BELT_LATHE, workDiameterMm: 20 })).toHaveLength(1);
    expect(found({ ...drill, machine: BELT_LATHE, workDiameterMm: 20.1 })).toEqual([]);
    expect(found({ ...drill, machine: HAND_MILL, workDiameterMm: 15 })).toEqual([]);
    expect(found({ operation: 'ream', machine: BELT_LATHE, workDiameterMm: 8 })).toHaveLength(1);
    expect(found({ operation: 'centre-drill', machine: BELT_LATHE, workDiameterMm: 6.4 })).toHaveLength(1);
    expect(found({ operation: 'centre-drill', machine: BELT_LATHE, workDiameterMm: 6.5 })).toEqual([]);
  });

  it('a disc goes in to its collars, a third of its diameter', () => {
    expect(found({ operation: 'saw', depthMm: 26.6 })).toEqual([]);
    expect(found({ operation: 'saw', depthMm: 27 })).toMatchObject([
      { code: 'past-collar', field: 'depthMm', diameterMm: 80, mostMm: expect.closeTo(80 / 3, 9) },
    ]);
    const collared = { operation: 'saw', tool: { ...TOOLS['slitting-saw'], collarMm: 40 } } as const;
    expect(found({ ...collared, depthMm: 20 })).toEqual([]);
    expect(found({ ...collared, depthMm: 20.1 })).toMatchObject([{ mostMm: 20 }]);
    expect(found({ operation: 'form-mill', depthMm: 21 })).toMatchObject([{ mostMm: 20 }]);
  });

  it.each(['mill-side', 'face-mill', 'fly-cut', 'dovetail'] as const)(
    '%s is as wide as the cutter at most',
    (operation) => {
      const { tool } = setup({ operation });
      const diameterMm = 'diameterMm' in tool ? tool.diameterMm : 0;
      expect(found({ operation, widthMm: diameterMm })).toEqual([]);
      expect(found({ operation, widthMm: diameterMm + 0.1 })).toEqual([
        { code: 'wider-than-cutter', field: 'widthMm', widthMm: diameterMm + 0.1, diameterMm },
      ]);
    },
  );

  it('a pitch is half the diameter at most', () => {
    expect(found({ operation: 'thread', workDiameterMm: 3, pitchMm: 1.5 })).toEqual([]);
    expect(found({ operation: 'thread', workDiameterMm: 3, pitchMm: 5 })).toEqual([
      { code: 'pitch-too-coarse', field: 'pitchMm', pitchMm: 5, diameterMm: 3, mostMm: 1.5 },
    ]);
    expect(found({ operation: 'knurl', workDiameterMm: 1 })).toHaveLength(1);
  });

  it('a machine does what its kind does', () =>
    expect(found({ machine: DRILL_PRESS })).toEqual([
      { code: 'not-on-machine', field: 'operation', machine: 'drill-press' },
    ]));
});

test('the plan refuses what has a misfit, and nothing else', () =>
  fc.assert(
    fc.property(anyForm(), (input) => {
      const [first] = misfits(input);
      const made = () => cutPlan(input, DEFAULT_RULES);
      if (!first) return made().depth.mm > 0;
      try {
        made();
        return false;
      } catch (error) {
        return error instanceof DoesNotFit && error.misfit.code === first.code;
      }
    }),
    { numRuns: 1000 },
  ));
