import type { Request, RequestHandler } from 'express';
import { Refusal } from './problem.ts';

const SAFE: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Defence against requests forged by other sites (docs/decisions/forged-requests.md): anything that changes data must
 * say it comes from this origin, by Sec-Fetch-Site or by Origin, and what it carries must be JSON, which a plain form
 * cannot send. Together with the SameSite cookie each of the three alone is enough.
 */
export const sameOriginOnly: RequestHandler = (request, _response, next) => {
  next(SAFE.has(request.method) ? undefined : refusalOf(request));
};

function refusalOf(request: Request): Refusal | undefined {
  const site = request.get('sec-fetch-site');
  const origin = request.get('origin');
  const own = site === undefined ? origin !== undefined && hostOf(origin) === request.host : site === 'same-origin';
  if (!own) return new Refusal(403, 'Refused', 'This request did not come from the page itself.');
  const carries = request.get('content-length') !== undefined && request.get('content-length') !== '0';
  if (carries && !request.is('application/json')) return new Refusal(415, 'Not JSON', 'The server takes JSON only.');
  return undefined;
}

function hostOf(origin: string): string | undefined {
  return URL.canParse(origin) ? new URL(origin).host : undefined;
}
