/**
 * Every test of the core, with fewer and always the same examples of each property:
 * a changed core is noticed in two seconds, and the same one on every run.
 */
const fs = require('node:fs');
const path = require('node:path');
const fc = require('fast-check').default;

const EXAMPLES = 30;
const check = fc.assert;
fc.assert = (property, options) =>
  check(property, { ...options, numRuns: Math.min(options?.numRuns ?? 100, EXAMPLES), seed: 1 });

const core = path.join(__dirname, '../core/src');
const files = fs.readdirSync(core, { recursive: true }).filter((file) => file.endsWith('.test.ts'));
for (const file of files.sort()) require(path.join(core, file));
