import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { runCase, type ReferenceCase } from './harness';

const folder = process.env.REFERENCE_DIR ?? join(import.meta.dirname, 'fixtures');
const cases = readdirSync(folder)
  .filter((name) => name.endsWith('.json'))
  .sort()
  .flatMap((name) => JSON.parse(readFileSync(join(folder, name), 'utf8')) as ReferenceCase[]);
const outcomes = cases.map(runCase);
const count = (status: string): number => outcomes.filter((outcome) => outcome.status === status).length;

for (const outcome of outcomes) {
  if (outcome.status !== 'failed') continue;
  const { id, topic, inputs, expected } = outcome.case;
  console.log(
    `${id} (${topic})\n  input    ${JSON.stringify(inputs)}\n  expected ${JSON.stringify(expected)}\n  got      ${JSON.stringify(outcome.got)}`,
  );
}
console.log(
  `reference: ${count('passed')} passed, ${count('failed')} failed, ${count('not-built')} in topics not built`,
);
process.exitCode = count('failed') > 0 ? 1 : 0;
