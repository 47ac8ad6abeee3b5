import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isTopic, topicCalled, type TopicName } from '@pike-stone/contract/calc';
import { wholeCutAnswer } from '@pike-stone/contract/calc/cut-plan';
import fc from 'fast-check';
import { MACHINES } from '../demo/machines';
import { STOCK } from '../demo/stock';
import { TOOLS } from '../demo/tools';
import { HttpProblem } from '../http/problem';
import { calculate } from './calculate';

interface Case {
  readonly id: string;
  readonly topic: TopicName;
  readonly inputs: Readonly<Record<string, unknown>>;
}
const folder = join(__dirname, '../../../contract/reference/fixtures');
const cases = readdirSync(folder)
  .flatMap((name) => JSON.parse(readFileSync(join(folder, name), 'utf8')) as Case[])
  .filter(({ topic }) => isTopic(topic));
const refusal = (run: () => unknown): HttpProblem => {
  try {
    run();
  } catch (error) {
    if (error instanceof HttpProblem) return error;
    throw error;
  }
  throw new Error('it was not refused');
};

test.each(cases.map((one) => [one.id, one] as const))(
  'takes the inputs of %s as they are written',
  (_, { topic, inputs }) => {
    expect(topicCalled(topic).input.safeParse(inputs).error?.issues ?? []).toEqual([]);
  },
);

describe('what does not fit', () => {
  it('is named at its field', () =>
    expect(
      refusal(() => calculate('spindle-speed', { cutting_speed_m_min: 'fast', diameter_mm: 20 })).more.fields!
        .length,
    ).toBeGreaterThan(0));
  it('is named when it does not belong there', () =>
    expect(
      refusal(() => calculate('drill-point', { diameter_mm: 5, point_angle_deg: 118, colour: 'red' })).more
        .fields![0]!.message,
    ).toContain('colour'));
  it('is told in the core’s own sentence when it is outside the physics', () =>
    expect(
      refusal(() => calculate('surface-speed', { spindle_speed_rpm: 100, diameter_mm: -2 })),
    ).toMatchObject({ status: 400, message: expect.stringContaining('Diameter must be more than 0') }));
});

test('whatever figures are sent, the answer is finite or a refusal, never a fault of ours', () => {
  const plain = cases.filter(({ inputs }) =>
    Object.values(inputs).some((value) => typeof value === 'number'),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(...plain),
      fc.nat(),
      fc.oneof(fc.double({ min: -1000, max: 1000, noNaN: true }), fc.constantFrom(0, -1, 1e-9, 1e6, -1e6)),
      ({ topic, inputs }, which, value) => {
        const keys = Object.keys(inputs).filter((key) => typeof inputs[key] === 'number');
        const body = { ...inputs, [keys[which % keys.length]!]: value };
        try {
          const text = JSON.stringify(calculate(topic, body));
          return !/NaN|Infinity/.test(text);
        } catch (error) {
          return error instanceof HttpProblem && error.status === 400;
        }
      },
    ),
    { numRuns: 1500 },
  );
});

test('a whole cut: plan, forecast, limits and what is to be said, from its records alone', () => {
  const answer = calculate('cut-plan', {
    machine: MACHINES[0],
    stock: STOCK[0],
    tool: TOOLS[0],
    cut: { operation: 'turn', workDiameterMm: 40 },
  });
  expect(answer).toMatchObject({
    plan: { diameterMm: 40, speed: { rungRpm: expect.any(Number) }, feed: { mmRev: expect.any(Number) } },
    forecast: { power: { share: expect.any(Number) } },
  });
  const { limits, warnings } = wholeCutAnswer.parse(answer);
  expect(limits).toHaveLength(3);
  expect(warnings.map(({ key }) => key)).toContain('eyes');
  expect(
    refusal(() => calculate('cut-plan', { machine: MACHINES[0], stock: STOCK[0], tool: TOOLS[0], cut: {} }))
      .more.fields![0]!.path,
  ).toBe('cut.operation');
});

it.each([
  ['cut.depthMm', '15\u00a0mm deep', { operation: 'turn', workDiameterMm: 25, depthMm: 15 }, 'turning-tool'],
  [
    'cut.depthMm',
    '20\u00a0mm deep',
    { operation: 'groove', workDiameterMm: 25, depthMm: 20 },
    'parting-blade',
  ],
  ['cut.workDiameterMm', 'A bar of', { operation: 'bore', workDiameterMm: 10 }, 'boring-bar'],
  ['cut.workDiameterMm', 'A hole of', { operation: 'drill', workDiameterMm: 5 }, 'drill'],
  ['cut.pitchMm', 'A pitch of 5', { operation: 'thread', workDiameterMm: 3, pitchMm: 5 }, 'threading-tool'],
  ['cut.operation', 'not done on a', { operation: 'mill-slot', workDiameterMm: 25 }, 'end-mill'],
] as const)('what cannot be is refused at %s with both sizes: %s', (path, words, cut, kind) => {
  const { status, more } = refusal(() =>
    calculate('cut-plan', {
      machine: MACHINES[0],
      stock: STOCK[0],
      tool: TOOLS.find((one) => one.kind === kind),
      cut,
    }),
  );
  expect(status).toBe(400);
  expect(more.fields).toEqual([{ path, message: expect.stringContaining(words) }]);
});
