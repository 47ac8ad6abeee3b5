import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PICTURE_MARK } from '@pike-stone/contract';
import compression from 'compression';
import { Router, type Request } from 'express';
import staticGzip from 'express-static-gzip';
import { sendRevalidated } from './revalidated';

export interface WebApp {
  readonly routes: Router;
  /** Hashes of the page's own inline styles and scripts, for the content security policy. */
  readonly styleHashes: string[];
  readonly scriptHashes: string[];
}

const YEAR_MS = 365 * 86_400_000;
const sourceHash = (text: string): string => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const inlineOf = (html: string, tag: string): string[] =>
  [...html.matchAll(new RegExp(`<${tag}(?![^>]*\\ssrc=)[^>]*>([\\s\\S]*?)</${tag}>`, 'g'))].map((match) =>
    sourceHash(match[1] as string),
  );

/** Sends the files of a folder, in the compressed copy that lies beside a file when the browser takes it. */
const filesOf = (folder: string, serveStatic: staticGzip.ExpressStaticGzipOptions['serveStatic']) =>
  staticGzip(folder, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    index: false,
    ...(serveStatic && { serveStatic }),
  });

/**
 * Serves the exported application. Files with a hash in their name are cached for a year, the page itself is not.
 * @param brought  what the first page brings to a visitor besides; null for nothing
 */
export function webApp(root: string, brought: (request: Request) => Promise<string | null>): WebApp {
  const page = join(root, 'index.html');
  if (!existsSync(page))
    throw new Error(`The web application is not built: ${page} is missing. Run npm start.`);
  const html = readFileSync(page, 'utf8');
  const routes = Router();
  routes.use(
    '/_expo',
    filesOf(join(root, '_expo'), { immutable: true, maxAge: YEAR_MS, fallthrough: false, etag: true }),
  );
  routes.use('/fonts', filesOf(join(root, 'fonts'), { maxAge: 30 * 86_400_000, fallthrough: false }));
  const others = filesOf(root, {
    maxAge: 0,
    setHeaders: (response) => response.setHeader('Cache-Control', 'no-cache'),
  });
  routes.get('/', compression({ level: 4 }), async (request, response, next) => {
    const more = request.accepts('html') ? await brought(request) : null;
    if (more === null) return next();
    sendRevalidated(
      request,
      response,
      html.replace(PICTURE_MARK, () => more),
      'html',
    );
  });
  routes.use(others);
  routes.get(/^(?!\/api\/).*/, (request, response, next) => {
    if (!request.accepts('html') || /\.[a-z0-9]+$/i.test(request.path)) return next();
    request.url = '/index.html';
    others(request, response, next);
  });
  // React Native Web fills an empty style element through the style sheet object; the empty text has this hash.
  return {
    routes,
    styleHashes: [sourceHash(''), ...inlineOf(html, 'style')],
    scriptHashes: inlineOf(html, 'script'),
  };
}
