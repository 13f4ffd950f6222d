import type { Request, Response } from 'express';
import { gzip, gzipSync } from 'node:zlib';

/** What is shorter is not worth packing. */
const LEAST_BYTES = 1_024;
/** What is longer would hold others up while it is packed, and is packed beside. */
const MOST_AT_ONCE_BYTES = 100_000;
/** The quickest: what is the same in every entry of a list goes even so. */
const LEVEL = 1;

/** Sends an answer as JSON in one piece, packed where the browser takes it so. */
export function sendJson(request: Request, response: Response, status: number, answer: unknown): void {
  const bytes = Buffer.from(JSON.stringify(answer));
  response.status(status).set('Content-Type', 'application/json; charset=utf-8').vary('Accept-Encoding');
  if (bytes.length < LEAST_BYTES || request.acceptsEncodings('gzip') !== 'gzip') {
    response.end(bytes);
    return;
  }
  response.set('Content-Encoding', 'gzip');
  if (bytes.length <= MOST_AT_ONCE_BYTES) response.end(gzipSync(bytes, { level: LEVEL }));
  else gzip(bytes, { level: LEVEL }, (error, packed) => (error ? response.destroy(error) : response.end(packed)));
}
