import fc from 'fast-check';
import { centreHeight, centreRule, heightDiameterError } from './centre-height';
import { compoundFeed, offsetHead, setoverLimit, tailstockSetover, taperFrom } from './taper';
import { coarsePitch, threadDepth, threadInfeed, threadWires } from './thread';

const pitch = fc.double({ min: 0.2, max: 8, noNaN: true });
const half = fc.double({ min: 0.05, max: 44, noNaN: true });

describe('a taper', () => {
  it('is the same however it is said', () => {
    fc.assert(
      fc.property(half, (deg) => {
        const t = taperFrom('half-angle-deg', deg);
        for (const [said, value] of [
          ['included-angle-deg', t.includedDeg],
          ['taper-per-foot-in', t.perFootIn],
          ['taper-per-mm', t.perMm],
          ['one-to-x', t.oneTo],
        ] as const)
          expect(taperFrom(said, value).halfDeg).toBeCloseTo(deg, 9);
      }),
    );
    expect(taperFrom('one-to-x', 20)).toMatchObject({
      perMm: 0.05,
      perFootIn: expect.closeTo(0.6, 9),
      includedDeg: expect.closeTo(2.864192, 5),
    });
    expect(() => taperFrom('one-to-x', 0)).toThrow('taper');
  });

  it('moves the tailstock by the sine; the shop rule by the tangent is high', () => {
    const over = tailstockSetover(30, 28, 40, 200);
    expect(over.setoverMm).toBeCloseTo(200 * Math.sin(Math.atan(1 / 40)), 9);
    expect(over.simpleMm).toBeGreaterThan(over.setoverMm);
    expect(over.overLimit).toBe(true);
    expect(tailstockSetover(30, 28.5, 60, 200)).toMatchObject({ overLimit: false });
    expect(setoverLimit(200)).toBe(4);
  });

  it('by an offset head is true while the slide lies level, and too large when it is rolled', () => {
    expect(offsetHead(1.5, 200, 0, 12, 150).diameterErrorMm).toBeCloseTo(0, 9);
    const rolled = offsetHead(1.5, 200, 5, 12, 150);
    expect(rolled).toMatchObject({
      offsetMm: expect.closeTo(5.235, 3),
      heightMm: expect.closeTo(0.456, 3),
      diameterErrorMm: expect.closeTo(0.0445, 3),
    });
  });

  it('fed by a slide at an angle moves by sine and cosine', () => {
    expect(compoundFeed(5.7392, 1).radialMm).toBeCloseTo(0.1, 4);
    expect(compoundFeed(30, 1).diameterChangeMm).toBeCloseTo(1, 9);
    fc.assert(
      fc.property(
        half,
        (deg) => Math.abs(Math.hypot(compoundFeed(deg, 2).radialMm, compoundFeed(deg, 2).axialMm) - 2) < 1e-9,
      ),
    );
  });
});

describe('a thread', () => {
  it('goes deeper with a sharper nose', () => {
    fc.assert(
      fc.property(
        pitch,
        fc.double({ min: 0, max: 0.14, noNaN: true }),
        fc.double({ min: 0, max: 0.14, noNaN: true }),
        (p, a, b) => {
          const [sharp, round] = [Math.min(a, b) * p, Math.max(a, b) * p];
          return (
            threadDepth('iso-60', p, 10 * p, 0, sharp).depthMm
            >= threadDepth('iso-60', p, 10 * p, 0, round).depthMm - 1e-12
          );
        },
      ),
    );
    expect(threadDepth('iso-60', 1, 8, 0, 0).depthMm).toBeCloseTo(0.757772, 6);
    expect(threadDepth('iso-60', 1, 8, 1 / 8, 0).depthMm).toBeCloseTo(0.649519, 6);
    expect(threadDepth('form-55', 1, 8, 0, 0.137329).depthMm).toBeCloseTo(0.640327, 4);
  });

  it('is cut in passes of one area that end at the depth', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (h, n, flat) => {
          const { radialMm, passes } = threadInfeed(h, flat, 60, 29.5, { passes: n });
          const area = (x: number) => flat * x + x * x * Math.tan(Math.PI / 6);
          const each = radialMm.map((x, k) => area(x) - (k === 0 ? 0 : area(radialMm[k - 1]!)));
          expect(passes).toBe(n);
          expect(radialMm.at(-1)).toBeCloseTo(h, 9);
          for (const one of each) expect(one).toBeCloseTo(area(h) / n, 9);
        },
      ),
    );
  });

  it('by a first pass takes as many as its area asks, and shaves the trailing flank a little', () => {
    expect(threadInfeed(1, 0, 60, 0, { firstMm: 0.5 }).passes).toBe(4);
    expect(threadInfeed(0.92, 0, 60, 29.5, { passes: 8 }).trailingShaveMm).toBeCloseTo(0.0107, 4);
    expect(threadInfeed(1, 0, 60, 29.5, { passes: 4 }).compoundMm[3]).toBeCloseTo(
      1 / Math.cos((29.5 * Math.PI) / 180),
      9,
    );
    expect(() => threadInfeed(0, 0, 60, 0, { passes: 3 })).toThrow('thread depth');
  });

  it('over three wires gives back the pitch diameter it was computed from', () => {
    fc.assert(
      fc.property(pitch, fc.constantFrom('iso-60' as const, 'form-55' as const), (p, form) => {
        const at = p * 8;
        const { overCorrectedMm, bestMm } = threadWires(form, p, at, 0.6 * p);
        expect(threadWires(form, p, at, 0.6 * p, 1, overCorrectedMm).pitchDiameterFromReadingMm).toBeCloseTo(
          at,
          9,
        );
        expect(bestMm / p).toBeCloseTo(form === 'iso-60' ? 0.57735 : 0.563691, 4);
      }),
    );
  });

  it('has the coarse pitch of its diameter when none is said', () =>
    expect([3, 6, 8, 10, 12, 16, 20, 24, 30, 36, 100].map(coarsePitch)).toEqual([
      0.5, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 6,
    ]));
});

describe('the height of the nose', () => {
  it('turns the angles the more the thinner the work, outside and in a bore against each other', () => {
    expect(centreHeight('outside', 0.2, 6, 0, 8)).toMatchObject({
      deltaDeg: expect.closeTo(3.82, 2),
      frontClearanceDeg: expect.closeTo(4.18, 2),
    });
    expect(centreHeight('bore', 0.2, 6, 0, 8).frontClearanceDeg).toBeCloseTo(11.82, 2);
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 200, noNaN: true }),
        (d) =>
          centreHeight('outside', 0.2, d, 0, 8).deltaDeg
          >= centreHeight('outside', 0.2, d * 1.5, 0, 8).deltaDeg,
      ),
    );
    expect(() => centreHeight('outside', 2, 3, 0, 8)).toThrow('height error');
  });

  it('makes the work too large, never too small, and leaves a pip of twice itself', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 50, noNaN: true }),
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        (x, e) => heightDiameterError('outside', x, e, 2 * x, 0.1).errorMm >= 0,
      ),
    );
    expect(heightDiameterError('outside', 5, -0.5, 20, 5).pipMm).toBe(1);
  });

  it('is seen on a pinched rule', () =>
    expect(centreRule(0.2, 20, 0.5, 75, 1)).toMatchObject({
      leanDeg: expect.closeTo(1.0914, 4),
      smallestSeenMm: expect.closeTo(0.1833, 4),
    }));
});
