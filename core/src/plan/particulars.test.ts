import fc from 'fast-check';
import { centreHoleDepth, centreHoleDiameter } from './centre-hole';
import { bladeWidth, type CutSetup } from './cut-setup';
import { engagement } from './engagement';
import { OPERATIONS, type Operation } from './operations';
import {
  cutAngle,
  cutLength,
  cutPitch,
  cutWay,
  knurlBlank,
  smallEnd,
  threadFormOf,
  threadOf,
  waysOf,
} from './particulars';
import { setup, TOOLS } from './plan.fixture';
import { firstThreadPass, threadPass, threadPasses } from './thread-pass';

const of = (operation: Operation, more: Partial<CutSetup> = {}): CutSetup =>
  setup({ operation, tool: TOOLS[OPERATIONS[operation].tool], ...more });

describe('what an operation asks, where nothing is typed', () => {
  it('is the usual: a coarse pitch, one in twenty, forty-five degrees, three degrees', () => {
    expect(cutPitch(of('thread', { workDiameterMm: 12 }))).toBe(1.75);
    expect(cutPitch(of('knurl'))).toBe(1);
    expect(2 * Math.tan((cutAngle(of('taper')) * Math.PI) / 180)).toBeCloseTo(1 / 20, 12);
    expect([cutAngle(of('chamfer')), cutAngle(of('ramp')), cutAngle(of('dovetail'))]).toEqual([45, 3, 60]);
    expect(cutLength(of('shoulder', { stickOutMm: 60 }))).toBe(30);
    expect(cutLength(of('thread', { workDiameterMm: 20, stickOutMm: 25 }))).toBe(25);
  });

  it('gives way to what is typed', () => {
    expect(cutPitch(of('thread', { pitchMm: 1.27 }))).toBe(1.27);
    expect(cutAngle(of('taper', { angleDeg: 8 }))).toBe(8);
    expect(cutLength(of('taper', { lengthMm: 33 }))).toBe(33);
    expect(cutWay(of('taper', { way: 'set-over' }))).toBe('set-over');
  });

  it('has ways only where there is more than one', () => {
    expect(waysOf('taper')).toHaveLength(3);
    expect(waysOf('thread')).toEqual(['outside', 'inside']);
    expect(waysOf('turn')).toEqual([]);
    expect([cutWay(of('taper')), cutWay(of('thread'))]).toEqual(['compound', 'outside']);
  });
});

describe('geometry of single operations', () => {
  it('a taper ends smaller the longer and the steeper it is, never below nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 80, noNaN: true }),
        (lengthMm, angleDeg) => {
          const end = smallEnd(of('taper', { lengthMm, angleDeg, workDiameterMm: 40 }));
          return (
            end >= 0
            && end <= 40
            && smallEnd(of('taper', { lengthMm: lengthMm * 1.2, angleDeg, workDiameterMm: 40 })) <= end
          );
        },
      ),
    );
  });

  it('a knurl’s blank is never larger than the bar and never a tooth too small', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 100, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (diameterMm, pitchMm) => {
          const blank = knurlBlank(diameterMm, pitchMm);
          return (
            Number.isInteger(blank.teeth)
            && (blank.teeth === 3
              || (blank.diameterMm <= diameterMm + 1e-9
                && diameterMm - blank.diameterMm < pitchMm / Math.PI + 1e-9))
          );
        },
      ),
    );
  });

  it('a thread has the form of its tool and passes that all take the same', () => {
    expect(threadFormOf(of('thread'))).toBe('iso-60');
    expect(threadFormOf({ tool: { ...TOOLS['threading-tool'], cornerDeg: 55 } })).toBe('form-55');
    fc.assert(
      fc.property(fc.double({ min: 3, max: 60, noNaN: true }), (workDiameterMm) => {
        const input = of('thread', { workDiameterMm });
        const { widthMm, thicknessMm } = threadPass(input);
        const area = threadOf(input).depthMm ** 2 * Math.tan(Math.PI / 6);
        expect(widthMm * thicknessMm * threadPasses(input)).toBeCloseTo(area, 9);
        expect(firstThreadPass(input)).toBeLessThan(threadOf(input).depthMm);
      }),
    );
  });

  it('a centre hole stays inside the body of its drill', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        fc.option(fc.double({ min: 2, max: 20, noNaN: true }), { nil: undefined }),
        (diameterMm, shankMm) => {
          const drill = { diameterMm, shankMm };
          const mouth = centreHoleDiameter(drill);
          return (
            mouth >= diameterMm
            && mouth <= Math.max(shankMm ?? diameterMm * 2.5, diameterMm * 1.1) + 1e-9
            && centreHoleDepth(drill) >= diameterMm
          );
        },
      ),
    );
  });

  it('a chamfer cuts with its slope, a blade with its width, a disc from its rim', () => {
    expect(bladeWidth(of('chamfer', { depthMm: 2 }))).toBeCloseTo(2 * Math.SQRT2, 12);
    expect(bladeWidth(of('chamfer', { depthMm: 2, angleDeg: 30 }))).toBeCloseTo(4, 12);
    expect(bladeWidth(of('groove'))).toBe(2);
    expect(engagement(of('saw'), 4, null)).toEqual({ aeMm: 4, apMm: 1.6 });
    expect(engagement(of('mill-side'), 6, 2)).toEqual({ aeMm: 2, apMm: 6 });
    expect(engagement(of('mill-slot'), 6, 50)).toEqual({ aeMm: 12, apMm: 6 });
  });
});
