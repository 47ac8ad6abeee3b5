import { END_MILL, setup } from '../fixture';
import { material } from '../material/library';
import { barDeflection, endMillDeflection, workDeflection } from '../mechanics/deflection';
import { operationOf, type CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';

describe('what gives way', () => {
  const spring = (of: CutSetup) => {
    const plan = cutPlan(of, DEFAULT_RULES);
    return { plan, load: operationOf(of).edgeLoad(of, plan)!, spring: forecast(of, plan).spring };
  };

  it('work that stands out of the chuck', () => {
    const { load, spring: found } = spring(setup({ workDiameterMm: 12, stickOutMm: 60 }));
    const by = workDeflection('chuck', material('low-carbon-cold-drawn').eGPa, 12, 0, 60, 60, load.pushN);
    expect(found).toEqual({
      what: 'work',
      mm: by.deflectionMm,
      errorMm: by.diameterErrorMm,
      ratio: 5,
      allowable: 3,
    });
  });

  it('the bar in a bore', () => {
    const { load, spring: found } = spring(setup({ operation: 'bore', workDiameterMm: 30, stickOutMm: 60 }));
    const by = barDeflection('steel', 12, 60, load.pushN, load.cuttingN);
    expect(found).toEqual({
      what: 'bar',
      mm: by.radialMm,
      errorMm: by.diameterErrorMm,
      ratio: 5,
      allowable: by.allowable,
    });
  });

  it('an end mill, which stands out at least as far as it cuts deep', () => {
    const side = (more: Partial<CutSetup>) =>
      spring(setup({ operation: 'mill-side', widthMm: 3, depthMm: 20, stickOutMm: 40, ...more }));
    const { load, spring: found } = side({});
    const mm = endMillDeflection('hss', 12, 12, 22, 40, load.pushN);
    expect(found).toEqual({ what: 'cutter', mm, errorMm: mm, ratio: 40 / 12, allowable: 4 });
    const short = side({ stickOutMm: 10 });
    expect(short.spring!.mm).toBe(endMillDeflection('hss', 12, 12, 22, 20, short.load.pushN));
    const thick = side({ tool: { ...END_MILL, shankMm: 16 } });
    expect(thick.spring!.mm).toBe(endMillDeflection('hss', 12, 16, 22, 40, thick.load.pushN));
    expect(spring(setup({ operation: 'part', stickOutMm: 20 })).spring).toBeNull();
  });
});
