import fc from 'fast-check';
import { setup, TOOLS } from '../fixture';
import { centreHoleDepth, centreHoleDiameter } from './centre-drill/centre-hole';
import { chamferDeg, chamferEdgeMm } from './chamfer/chamfer';
import { dovetailDeg } from './dovetail/dovetail';
import { knurlBlank, knurlPitchMm } from './knurl/knurl';
import { bladeWidthMm } from './part/part';
import { rampDeg } from './ramp/ramp';
import { chosenWay, OPERATIONS } from './registry';
import { shoulderLengthMm } from './shoulder/shoulder';
import { smallEndMm, taperHalfDeg, taperLengthMm } from './taper/taper-geometry';
import { threadFormOf, threadLengthMm, threadOf, threadPitchMm } from './thread/thread-geometry';
import { firstThreadPass, threadPass, threadPasses } from './thread/thread-pass';

const SET_UP = setup();
const turned = (more: Partial<typeof SET_UP> = {}) => ({ ...SET_UP, ...more, tool: TOOLS['turning-tool'] });
const threaded = (more: Partial<typeof SET_UP> = {}) => ({
  ...SET_UP,
  ...more,
  tool: TOOLS['threading-tool'],
});

describe('what an operation asks, where nothing is typed', () => {
  it('is the usual: a coarse pitch, one in twenty, forty-five degrees, three degrees', () => {
    expect(threadPitchMm(threaded({ workDiameterMm: 12 }))).toBe(1.75);
    expect(knurlPitchMm(SET_UP)).toBe(1);
    expect(2 * Math.tan((taperHalfDeg(SET_UP) * Math.PI) / 180)).toBeCloseTo(1 / 20, 12);
    expect([chamferDeg(SET_UP), rampDeg(SET_UP)]).toEqual([45, 3]);
    expect(dovetailDeg({ tool: TOOLS['dovetail-cutter'] })).toBe(60);
    expect(shoulderLengthMm(turned({ stickOutMm: 60 }))).toBe(30);
    expect(threadLengthMm(threaded({ workDiameterMm: 20, stickOutMm: 25 }))).toBe(25);
    expect(threadLengthMm(threaded({ workDiameterMm: 20, stickOutMm: 90 }))).toBe(30);
  });

  it('gives way to what is typed', () => {
    expect(threadPitchMm(threaded({ pitchMm: 1.27 }))).toBe(1.27);
    expect(taperHalfDeg({ angleDeg: 8 })).toBe(8);
    expect(taperLengthMm(turned({ lengthMm: 33 }))).toBe(33);
    expect(chosenWay({ operation: 'taper', way: 'set-over' })).toBe('set-over');
  });

  it('has ways only where there is more than one', () => {
    expect(OPERATIONS.taper.ways).toHaveLength(3);
    expect(OPERATIONS.thread.ways).toEqual(['outside', 'inside']);
    expect(chosenWay({ operation: 'turn' })).toBeNull();
    expect(chosenWay({ operation: 'taper' })).toBe('compound');
    // A way of another operation is no way of this one.
    expect(chosenWay({ operation: 'thread', way: 'set-over' })).toBe('outside');
  });
});

describe('geometry of single operations', () => {
  it('a taper ends smaller the longer and the steeper it is, never below nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 80, noNaN: true }),
        (lengthMm, angleDeg) => {
          const end = smallEndMm(turned({ lengthMm, angleDeg, workDiameterMm: 40 }));
          return (
            end >= 0
            && end <= 40
            && smallEndMm(turned({ lengthMm: lengthMm * 1.2, angleDeg, workDiameterMm: 40 })) <= end
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
    expect(threadFormOf(TOOLS['threading-tool'])).toBe('iso-60');
    expect(threadFormOf({ threadAngleDeg: 55 })).toBe('form-55');
    fc.assert(
      fc.property(fc.double({ min: 3, max: 60, noNaN: true }), (workDiameterMm) => {
        const input = threaded({ workDiameterMm });
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
        (diameterMm, bodyMm) => {
          const drill = { diameterMm, bodyMm };
          const mouth = centreHoleDiameter(drill);
          return (
            mouth >= diameterMm
            && mouth <= Math.max(bodyMm ?? diameterMm * 2.5, diameterMm * 1.1) + 1e-9
            && centreHoleDepth(drill) >= diameterMm
          );
        },
      ),
    );
  });

  it('a chamfer cuts with its slope, a blade with its width', () => {
    expect(chamferEdgeMm({ depthMm: 2 })).toBeCloseTo(2 * Math.SQRT2, 12);
    expect(chamferEdgeMm({ depthMm: 2, angleDeg: 30 })).toBeCloseTo(4, 12);
    expect(bladeWidthMm({ tool: TOOLS['parting-blade'] })).toBe(2);
    expect(bladeWidthMm({ tool: { ...TOOLS['parting-blade'], widthMm: undefined } })).toBe(2);
  });
});
