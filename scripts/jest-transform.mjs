// Turns a module into one that Jest can load. Nothing here is for a browser, so types and imports are all there is to turn.
import { extname } from 'node:path';
import { pathToFileURL } from 'node:url';
import { transformSync, version } from 'esbuild';

const LOADERS = { '.ts': 'ts', '.tsx': 'tsx' };

export default {
  getCacheKey: (source, path, { configString }) => [version, path, configString, source].join('\0'),
  process: (source, path) => ({
    code: transformSync(source, {
      loader: LOADERS[extname(path)] ?? 'js',
      format: 'cjs',
      target: 'node20',
      sourcefile: path,
      sourcemap: 'inline',
      // Jest cannot load a module later in its own way.
      supported: { 'dynamic-import': false },
      define: {
        'import.meta.dirname': '__dirname',
        'import.meta.filename': '__filename',
        'import.meta.url': JSON.stringify(pathToFileURL(path).href),
      },
    }).code,
  }),
};
