import type { EndpointName } from '@prompt-spark/contract/addresses';
import { createHash } from 'node:crypto';
import type { Request, RequestHandler, Response } from 'express';
import { ipKeyGenerator, rateLimit, type Store } from 'express-rate-limit';
import { slowDown } from 'express-slow-down';
import { countTry, forgetTries, uncountTry } from '../store/signInTries.ts';
import { isKnownDevice } from '../store/devices.ts';
import type { Database } from '../store/database.ts';
import { deviceDigestOf } from './device.ts';
import { Refusal, sendProblem } from './problem.ts';

const QUARTER_MS = 15 * 60 * 1000;
const HOUR_MS = 60 * 60 * 1000;

/**
 * Failed tries to sign in within a quarter of an hour: for one e-mail from one address, for one address, and for a browser
 * that its owner signed in at before. Nobody elsewhere can use up the last one, so nobody can lock an owner out.
 */
const TRIES_FOR_BOTH = 10;
const TRIES_PER_ADDRESS = 50;
const TRIES_PER_DEVICE = 20;
/** After this many failed tries for one e-mail from everywhere, each takes longer; the door is never shut. */
const TRIES_AT_FULL_SPEED = 20;
const SLOWER_MS = 250;
const SLOWEST_MS = 5_000;
/** What anybody may do in an hour from one address. */
const STUDIOS_PER_ADDRESS = 20;
const DEMOS_PER_ADDRESS = 300;
/** What one studio may do in an hour. */
const FILES_PER_STUDIO = 60;

/** What each endpoint counts before it does anything, in the database, so that all server processes count together. */
export function limitsFor(database: Database): Readonly<Partial<Record<EndpointName, readonly RequestHandler[]>>> {
  const counter = limiterOf(database);
  const tries = { windowMs: QUARTER_MS, failedOnly: true, what: 'tries to sign in', wait: 'a quarter of an hour' };
  const hour = { windowMs: HOUR_MS, failedOnly: false, wait: 'an hour' };
  const files = counter({
    ...hour,
    most: FILES_PER_STUDIO,
    what: 'files',
    key: (request) => `files ${request.session.studioId ?? ''}`,
  });
  return {
    signIn: [
      knowDevice(database),
      counter({ ...tries, most: TRIES_PER_DEVICE, key: byDevice, skip: (response) => !isKnown(response) }),
      counter({ ...tries, most: TRIES_PER_ADDRESS, key: (request) => `address ${addressOf(request)}`, skip: isKnown }),
      counter({ ...tries, most: TRIES_FOR_BOTH, key: byBoth, skip: isKnown }),
      slower(database),
    ],
    confirmPassword: [
      counter({ ...tries, most: TRIES_FOR_BOTH, key: (request) => `confirm ${request.session.coachId ?? ''}` }),
    ],
    openStudio: [
      counter({
        ...hour,
        most: STUDIOS_PER_ADDRESS,
        what: 'new studios',
        key: (request) => `studio ${addressOf(request)}`,
      }),
    ],
    enterDemo: [
      counter({
        ...hour,
        most: DEMOS_PER_ADDRESS,
        what: 'visits to the demo',
        key: (request) => `demo ${addressOf(request)}`,
      }),
    ],
    importPeople: [files],
    importDrills: [files],
    exportPeople: [files],
  };
}

interface Limit {
  readonly windowMs: number;
  readonly most: number;
  readonly failedOnly: boolean;
  readonly what: string;
  readonly wait: string;
  readonly key: (request: Request) => string;
  readonly skip?: (response: Response) => boolean;
}

function limiterOf(database: Database) {
  return ({ windowMs, most, failedOnly, what, wait, key, skip }: Limit): RequestHandler =>
    rateLimit({
      windowMs,
      limit: most,
      skipSuccessfulRequests: failedOnly,
      standardHeaders: 'draft-7',
      legacyHeaders: false,
      keyGenerator: key,
      skip: (_request, response) => skip?.(response) ?? false,
      store: storeIn(database, windowMs),
      handler: (_request, response) => {
        const detail = `Too many ${what}. Wait ${wait}, then try again.`;
        sendProblem(response, new Refusal(429, 'Too many', detail).problem);
      },
    });
}

/** Slows down guessing at one e-mail from many addresses. */
function slower(database: Database): RequestHandler {
  return slowDown({
    windowMs: QUARTER_MS,
    delayAfter: TRIES_AT_FULL_SPEED,
    delayMs: (used) => Math.min(SLOWEST_MS, (used - TRIES_AT_FULL_SPEED) * SLOWER_MS),
    maxDelayMs: SLOWEST_MS,
    skipSuccessfulRequests: true,
    keyGenerator: (request) => `email ${digest(emailOf(request))}`,
    skip: (_request, response) => isKnown(response),
    store: storeIn(database, QUARTER_MS),
  });
}

/** Notes whether a request comes from a browser at which the coach it names signed in before. */
function knowDevice(database: Database): RequestHandler {
  return async (request, response, next) => {
    const device = deviceDigestOf(request);
    response.locals['knownDevice'] = device !== undefined && (await isKnownDevice(database, device, emailOf(request)));
    next();
  };
}

const isKnown = (response: Response): boolean => response.locals['knownDevice'] === true;
const byDevice = (request: Request): string => `device ${deviceDigestOf(request) ?? ''}`;
const byBoth = (request: Request): string => `both ${digest(emailOf(request))} ${addressOf(request)}`;

/** Where a request comes from: the proxy's word for it where a proxy is trusted (environment.ts). */
function addressOf(request: Request): string {
  return ipKeyGenerator(request.ip ?? '');
}

function storeIn(database: Database, windowMs: number): Store {
  return {
    increment: (key) => countTry(database, key, windowMs),
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
