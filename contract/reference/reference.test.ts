import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { agrees, runCase, type ReferenceCase } from './harness';
import { TOPIC_NAMES } from '../src/calc/topics';

const folder = join(__dirname, 'fixtures');
const cases = readdirSync(folder).flatMap(
  (name) => JSON.parse(readFileSync(join(folder, name), 'utf8')) as ReferenceCase[],
);

describe.each(TOPIC_NAMES)('reference cases on %s', (topic) => {
  const own = cases.filter((one) => one.topic === topic);

  it('exist', () => expect(own.length).toBeGreaterThan(0));

  it.each(own.map((one) => [one.id, one] as const))('%s', (_, one) => {
    expect(runCase(one)).toEqual({ status: 'passed', case: one });
  });
});

describe('the harness itself', () => {
  const one: ReferenceCase = {
    id: 'x',
    topic: 'drill-point',
    inputs: { diameter_mm: 10, point_angle_deg: 90 },
    expected: { point_length_mm: 5 },
    tolerance_rel: 0.001,
  };

  it('fails a wrong number, a wrong word and a short list', () => {
    expect(runCase({ ...one, expected: { point_length_mm: 5.1 } }).status).toBe('failed');
    expect(agrees('ok', 'refused', () => 1)).toBe(false);
    expect(agrees([1], [1, 2], () => 1)).toBe(false);
  });

  it('reports a case that throws as failed, with what was thrown', () => {
    expect(runCase({ ...one, inputs: { diameter_mm: 0, point_angle_deg: 90 } })).toMatchObject({
      status: 'failed',
      got: expect.stringContaining('drill diameter'),
    });
  });

  it('counts an unknown topic as not built', () =>
    expect(runCase({ ...one, topic: 'no-such-topic' }).status).toBe('not-built'));
});
