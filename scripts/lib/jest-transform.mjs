// How Jest reads what has no interface: the types are left out, and imports become those of CommonJS.
import { pathToFileURL } from 'node:url';
import { transformSync, version } from 'esbuild';

export default {
  getCacheKey: (source, path, { configString }) => [version, path, configString, source].join('\0'),
  process: (source, path) => ({
    code: transformSync(source, {
      loader: path.endsWith('.ts') ? 'ts' : 'js',
      format: 'cjs',
      target: 'node20',
      sourcefile: path,
      sourcemap: 'inline',
      // An import() becomes a require as well: Jest has no other way to load.
      supported: { 'dynamic-import': false },
      define: {
        'import.meta.dirname': '__dirname',
        'import.meta.filename': '__filename',
        'import.meta.url': JSON.stringify(pathToFileURL(path).href),
      },
    }).code,
  }),
};
