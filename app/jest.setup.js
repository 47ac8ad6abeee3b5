// What every browser of ours has and jsdom lacks.
global.structuredClone ??= (value) => JSON.parse(JSON.stringify(value));
AbortSignal.timeout ??= () => new AbortController().signal;
// Browsers have it; the test environment's window does not.
globalThis.TextEncoder ??= require('node:util').TextEncoder;
