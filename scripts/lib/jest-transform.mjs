// How Jest reads a file: the types are left out, and imports become those of CommonJS.
import { pathToFileURL } from 'node:url';
import { transformSync, version } from 'esbuild';

export default {
  getCacheKey: (source, path, { configString }) => [version, path, configString, source].join('\0'),
  process: (source, path) => ({
    code: transformSync(source, {
      loader: /tsx?$/.exec(path)?.[0] ?? 'jsx',
      jsx: 'automatic',
      format: 'cjs',
      target: 'node20',
      // In a file called .mjs a default import would be all that the other file exports, and not its default.
      sourcefile: path.replace(/mjs$/, 'js'),
      sourcemap: 'inline',
      // An import() becomes a require as well: Jest has no other way to load.
      supported: { 'dynamic-import': false },
      define: {
        'process.env.EXPO_OS': '"web"',
        'import.meta.dirname': '__dirname',
        'import.meta.filename': '__filename',
        'import.meta.url': JSON.stringify(pathToFileURL(path).href),
      },
    }).code,
  }),
};
