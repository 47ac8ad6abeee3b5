import fc from 'fast-check';
import { coarsePitch, threadDepth, threadInfeed, threadWires } from './thread';

const pitch = fc.double({ min: 0.2, max: 8, noNaN: true });

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

  it.each([
    [1, 0.25],
    [1.6, 0.35],
    [2, 0.4],
    [2.5, 0.45],
    [3, 0.5],
    [3.5, 0.6],
    [4, 0.7],
    [5, 0.8],
    [6, 1],
    [7, 1],
    [8, 1.25],
    [9, 1.25],
    [10, 1.5],
    [11, 1.5],
    [12, 1.75],
    [14, 2],
    [16, 2],
    [18, 2.5],
    [20, 2.5],
    [24, 3],
    [27, 3],
    [30, 3.5],
    [36, 4],
    [42, 4.5],
    [48, 5],
    [56, 5.5],
    [64, 6],
    [100, 6],
  ])('M%d has the coarse pitch of its size, %d mm', (diameterMm, pitchMm) =>
    expect(coarsePitch(diameterMm)).toBe(pitchMm),
  );

  it.each([
    [6.35, 20, 20],
    [9.525, 16, 16],
    [12.7, 13, 12],
    [15.875, 11, 11],
    [19.05, 10, 10],
    [25.4, 8, 8],
    [38.1, 6, 6],
    [50.8, 4.5, 4.5],
  ])('an inch bar of %d mm has %d threads to the inch at 60° and %d at 55°', (mm, at60, at55) =>
    expect([coarsePitch(mm), coarsePitch(mm, 'form-55')]).toEqual([25.4 / at60, 25.4 / at55]),
  );

  it('a coarse pitch is under half of its diameter and never falls with it', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 0.05, max: 50, noNaN: true }),
        (d, more) => {
          const metric = (mm: number) => coarsePitch(Math.round(mm));
          return coarsePitch(d) < d / 2 && metric(d + more) >= metric(d);
        },
      ),
    ));

  it('takes up to 500 passes, and refuses one more', () => {
    expect(threadInfeed(1, 0, 60, 0, { passes: 500 }).radialMm).toHaveLength(500);
    expect(() => threadInfeed(1, 0, 60, 0, { passes: 501 })).toThrow(
      'number of passes must be from 1 to 500, got 501',
    );
  });

  it('ends with what the last pass takes, all of it when there is one', () => {
    expect(threadInfeed(1, 0, 60, 0, { passes: 1 }).lastMm).toBe(1);
    expect(threadInfeed(1, 0, 60, 0, { passes: 4 }).lastMm).toBeCloseTo(1 - Math.sqrt(0.75), 9);
  });

  it.each<[() => unknown, string]>([
    [() => threadDepth('iso-60', 0, 8, 0, 0), 'pitch must be more than 0, got 0'],
    [() => threadInfeed(1, 0, 60, 0, { passes: 0 }), 'passes must be more than 0, got 0'],
    [() => threadInfeed(1, 0, 60, 0, { firstMm: 0 }), 'first pass must be more than 0, got 0'],
    [() => threadWires('iso-60', 0, 8, 0.6), 'pitch must be more than 0, got 0'],
    [() => threadWires('iso-60', 1, 0, 0.6), 'pitch diameter must be more than 0, got 0'],
    [() => threadWires('iso-60', 1, 8, 0), 'wire must be more than 0, got 0'],
  ])('refuses what is no thread, by name: %#', (thread, sentence) => {
    expect(thread).toThrow(sentence);
  });
});
