// How Jest reads a file: the types are left out, and imports become those of CommonJS.
import { createRequire } from 'node:module';
import { pathToFileURL } from 'node:url';
import { transformSync, version } from 'esbuild';

/** Only the kit's own transform lifts a jest.mock() above the imports; it takes far longer. */
const lifts = (source) => source.includes('jest.mock(');
let kit;
function kitTransform() {
  const { createTransformer } = createRequire(import.meta.url)('babel-jest').default;
  return (kit ??= createTransformer({ caller: { name: 'metro', platform: 'web', bundler: 'metro' } }));
}

export default {
  getCacheKey: (source, path, { configString }) => [version, path, configString, source].join('\0'),
  process: (source, path, options) =>
    lifts(source) && /\.test\.tsx?$/.test(path)
      ? kitTransform().process(source, path, options)
      : plain(source, path),
};

const plain = (source, path) => ({
  code: transformSync(source, {
    loader: /tsx?$/.exec(path)?.[0] ?? 'jsx',
    jsx: 'automatic',
    format: 'cjs',
    target: 'node20',
    // In a file called .mjs a default import would be all that the other file exports, and not its default.
    sourcefile: path.replace(/mjs$/, 'js'),
    // Only ours are looked at when a test fails.
    sourcemap: path.includes('/node_modules/') ? false : 'inline',
    // An import() becomes a require as well: Jest has no other way to load.
    supported: { 'dynamic-import': false },
    define: {
      'process.env.EXPO_OS': '"web"',
      'import.meta.dirname': '__dirname',
      'import.meta.filename': '__filename',
      'import.meta.url': JSON.stringify(pathToFileURL(path).href),
    },
  }).code,
});
