import type { RequestHandler } from 'express';
import helmet from 'helmet';
import type { WebApp } from './web-app';

/** Headers of the application's page: it loads and runs only its own files, and no other page may frame it. */
export const pageHeaders = ({ scriptHashes, styleHashes }: WebApp): RequestHandler =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        // The solid library is compiled from its own file; text is never run as a script.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'", ...scriptHashes],
        styleSrc: ["'self'", ...styleHashes],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    // Plain HTTP on loopback: a browser that has seen this header would insist on HTTPS.
    strictTransportSecurity: false,
  });

/** Headers of a data answer: not shown as a page, not cached, not read by another origin. */
const DATA_HEADERS = Object.entries({
  'Cache-Control': 'no-store',
  'Content-Security-Policy': "default-src 'none';frame-ancestors 'none'",
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
});
export const dataHeaders: RequestHandler = (_request, response, next) => {
  for (const [name, value] of DATA_HEADERS) response.setHeader(name, value);
  next();
};
