import { steppedPoints } from '../profile/sampled';
import { inspectForm } from './inspect-form';
import { shapeOf } from './form-shape';
import { SPACE } from './form.fixture';

describe('an inspection', () => {
  const { profile } = shapeOf(SPACE);
  const good = steppedPoints(profile, 0.08).map(([x, y]) => [x + 12, y - 3] as const);
  const asked = { fit: 'free', lowMm: -0.01, highMm: 0.01, doubtMm: 0.002 } as const;

  it('passes a good form whatever the zero of the microscope', () => {
    const found = inspectForm(profile, { ...asked, points: good });
    expect(found.verdict).toBe('inside');
    expect(found.free).toEqual([]);
  });

  it('finds a planted error of 20 micrometres and the flank that has it', () => {
    const planted = good.map(([x, y]) =>
      x > 12.75 && y + 3 > 1 && y + 3 < 1.8 ? ([x + 0.02, y] as const) : ([x, y] as const),
    );
    const found = inspectForm(profile, { ...asked, points: planted });
    expect(found.verdict).toBe('outside');
    expect(found.facet.worst.at[0]).toBeGreaterThan(0.6);
    expect(found.facet.worst.distanceMm).toBeLessThan(-0.01);
  });

  it('says that few points flatter it', () =>
    expect(inspectForm(profile, { ...asked, points: good.slice(0, 6) }).isFlattered).toBe(true));
});
