import { RACKS } from '../gear/gear';
import { toothSpace } from '../gear/tooth-space';
import { clockWheelSpace } from '../gear/clock';
import { arcJobs } from './arc-jobs';
import { CIRCULAR, FLAT, FLY, MULTI } from './form.fixture';
import { shapeOf, type FormSource } from './form-shape';
import { correctedForm } from './form-tool';
import { radiusForm } from './simple-forms';

describe('single arcs of a form', () => {
  it('are the root of a clock wheel cutter and its two sides by one stone of its shaping radius', () => {
    const { profile, shapingRadiusMm, rootMm, flankRad } = clockWheelSpace({
      moduleMm: 0.8,
      wheelTeeth: 64,
      leaves: 8,
    });
    // The root circle is one arc across the middle, though the form is drawn as two halves.
    expect(arcJobs(profile)).toEqual([
      expect.objectContaining({
        kind: 'hollow',
        times: 1,
        arcs: 2,
        radiusMm: expect.closeTo(rootMm / 2, 6),
        fromDeg: expect.closeTo((-flankRad * 180) / Math.PI, 6),
        toDeg: expect.closeTo((flankRad * 180) / Math.PI, 6),
      }),
      expect.objectContaining({
        kind: 'hollow',
        times: 2,
        deviationMm: 0,
        radiusMm: expect.closeTo(shapingRadiusMm, 9),
      }),
    ]);
  });

  it('are counted from straight down for a round, from straight up for a hollow, to the right', () => {
    const used = (shape: 'groove' | 'bead' | 'edge') =>
      arcJobs(radiusForm(shape, 3, 3).profile).map(({ kind, fromDeg, toDeg }) => [
        kind,
        Math.round(fromDeg) || 0,
        Math.round(toDeg) || 0,
      ]);
    expect(used('groove')).toEqual([['round', -90, 90]]);
    expect(used('bead')).toEqual([['hollow', -90, 90]]);
    expect(used('edge')).toEqual([['hollow', -90, 0]]);
  });

  it('are the same on both sides of a symmetric form, whatever rake bends it to', () => {
    const { toShape } = correctedForm(shapeOf({ kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 }), {
      kind: 'flat',
      smallestMm: 9,
      rakeDeg: 6,
      clearanceDeg: 8,
    });
    expect(arcJobs(toShape)).toEqual([expect.objectContaining({ kind: 'hollow', times: 2 })]);
  });

  it.each([FLY, MULTI, FLAT, CIRCULAR])(
    'are none of a straight flank that %j bends by next to nothing',
    (tool) => {
      const jobsOf = (source: FormSource) => arcJobs(correctedForm(shapeOf(source), tool).toShape);
      expect(jobsOf({ kind: 'chamfer', widthMm: 2, angleDeg: 45 })).toEqual([]);
      expect(jobsOf({ kind: 'thread', form: 'iso-60', pitchMm: 2 }).map(({ kind }) => kind)).toEqual([
        'round',
      ]);
      const pinion = jobsOf({ kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'pinion' });
      expect(pinion.map(({ times }) => times)).toEqual([1, 2]);
      expect(pinion[1]!.radiusMm).toBeLessThan(0.7);
    },
  );

  it('stand for the many arcs of a gear flank, with what they leave', () => {
    const { profile } = toothSpace({ moduleMm: 1, teeth: 30, rack: RACKS['iso-53-a'], shift: 0 });
    const flank = arcJobs(profile).find(({ kind, arcs }) => kind === 'hollow' && arcs > 2)!;
    expect(flank.times).toBe(2);
    expect(flank.deviationMm).toBeGreaterThan(0.0005);
    expect(flank.deviationMm).toBeLessThan(0.02);
  });
});
