import { createHash } from 'node:crypto';
import type { Request, RequestHandler } from 'express';
import { ipKeyGenerator, rateLimit, type Store } from 'express-rate-limit';
import { countTry, forgetTries, uncountTry } from '../store/signInTries.ts';
import type { Database } from '../store/database.ts';
import { Refusal, sendProblem } from './problem.ts';

const WINDOW_MS = 15 * 60 * 1000;
/**
 * Failed tries in a window: for one e-mail from one address, for one address, and for one e-mail from everywhere. The
 * first two shut out who guesses and nobody else; the last is a brake on guessing from many addresses at once.
 */
const TRIES_FOR_BOTH = 10;
const TRIES_PER_ADDRESS = 50;
const TRIES_PER_EMAIL = 200;

/** Limits failed tries to sign in, counted in the database so that all server processes count together. */
export function signInLimits(database: Database): readonly RequestHandler[] {
  return [
    limit(database, TRIES_PER_ADDRESS, (request) => `address ${addressOf(request)}`),
    limit(database, TRIES_PER_EMAIL, (request) => `email ${digest(emailOf(request))}`),
    limit(database, TRIES_FOR_BOTH, (request) => `both ${digest(emailOf(request))} ${addressOf(request)}`),
  ];
}

/** Where a request comes from: the proxy's word for it where a proxy is trusted (environment.ts). */
function addressOf(request: Request): string {
  return ipKeyGenerator(request.ip ?? '');
}

function limit(database: Database, most: number, keyGenerator: (request: Request) => string): RequestHandler {
  return rateLimit({
    windowMs: WINDOW_MS,
    limit: most,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-7',
    legacyHeaders: false,
    keyGenerator,
    store: storeIn(database),
    handler: (_request, response) => {
      const detail = 'Too many tries to sign in. Wait a quarter of an hour, then try again.';
      sendProblem(response, new Refusal(429, 'Too many tries', detail).problem);
    },
  });
}

function storeIn(database: Database): Store {
  return {
    increment: (key) => countTry(database, key, WINDOW_MS),
    decrement: (key) => uncountTry(database, key),
    resetKey: (key) => forgetTries(database, key),
  };
}

function emailOf(request: Request): string {
  const body: unknown = request.body;
  const email = typeof body === 'object' && body !== null && 'email' in body ? body.email : '';
  return typeof email === 'string' ? email.trim().toLowerCase() : '';
}

/** E-mails are counted under a digest, so that the table of tries holds no address in plain words. */
function digest(text: string): string {
  return createHash('sha256').update(text).digest('base64url');
}
