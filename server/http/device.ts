import { parse } from 'cookie';
import type { Request, Response } from 'express';
import { createHash, randomBytes } from 'node:crypto';

const COOKIE = 'prompt-spark-device';
const YEAR_MS = 365 * 24 * 60 * 60 * 1000;

/** The digest of the secret by which a browser is known again; undefined where it has none. */
export function deviceDigestOf(request: Request): string | undefined {
  const secret = parse(request.headers.cookie ?? '')[COOKIE];
  return secret === undefined || secret.length > 100 ? undefined : digestOf(secret);
}

/** Gives a browser a secret to be known by, new with every signing in, and gives its digest. It opens nothing. */
export function knowAgain(request: Request, response: Response): string {
  const secret = randomBytes(24).toString('base64url');
  response.cookie(COOKIE, secret, {
    httpOnly: true,
    sameSite: 'strict',
    secure: request.secure,
    maxAge: YEAR_MS,
    path: '/api/account',
  });
  return digestOf(secret);
}

function digestOf(secret: string): string {
  return createHash('sha256').update(secret).digest('base64url');
}
