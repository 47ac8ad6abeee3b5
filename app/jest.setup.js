// What every browser of ours has and jsdom lacks.
global.structuredClone ??= (value) => JSON.parse(JSON.stringify(value));
AbortSignal.timeout ??= () => new AbortController().signal;
