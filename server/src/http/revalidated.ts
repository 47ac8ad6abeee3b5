import etag from 'etag';
import type { Request, Response } from 'express';

/**
 * Sends an answer that the browser keeps and asks for again each time: when nothing changed since, only that
 * is said. It is kept for one device alone, because it belongs to the shop which that device is in.
 */
export function sendRevalidated(
  request: Request,
  response: Response,
  text: string,
  type: 'json' | 'html' = 'json',
): void {
  response.setHeader('Cache-Control', 'private, no-cache');
  response.setHeader('ETag', etag(text, { weak: true }));
  if (request.fresh) response.status(304).end();
  else response.type(type).send(text);
}
