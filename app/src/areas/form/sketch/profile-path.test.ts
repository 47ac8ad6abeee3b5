import { boundsOf, shapeOf } from '@pike-stone/core/form';
import { fitted, profilePath, roomWithin } from './profile-path';

const { profile } = shapeOf({ kind: 'radius', shape: 'bead', radiusMm: 3, depthMm: 3 });

describe('a form on paper', () => {
  it('is as large as its room, in the middle of it, y running down', () => {
    const bounds = boundsOf(profile);
    const { at, pxPerMm } = fitted(bounds, roomWithin(200, 400, 10));
    expect(pxPerMm * (bounds.right - bounds.left)).toBeCloseTo(180, 9);
    expect(at([bounds.left, bounds.low])[0]).toBeCloseTo(10, 9);
    expect(at([bounds.left, bounds.high])[1] + at([bounds.left, bounds.low])[1]).toBeCloseTo(400, 9);
    expect(at([0, bounds.high])[1]).toBeLessThan(at([0, bounds.low])[1]);
  });

  it('is a path of lines and arcs that are as round as the form', () => {
    const placed = fitted(boundsOf(profile), roomWithin(200, 400, 10));
    const path = profilePath(profile, placed, 4);
    expect(path.match(/L/g)).toHaveLength(2);
    const radii = [...path.matchAll(/A([\d.]+) ([\d.]+) 0 0 1/g)].map(([, rx]) => Number(rx));
    expect(radii).toHaveLength(2);
    radii.forEach((radius) => expect(radius).toBeCloseTo(3 * placed.pxPerMm, 3));
  });
});
