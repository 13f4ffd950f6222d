import type { Account } from '@prompt-spark/contract/account';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler } from 'express';
import session from 'express-session';
import { accountOf } from '../store/accounts.ts';
import type { Connection, Database } from '../store/database.ts';

declare module 'express-session' {
  interface SessionData {
    coachId: string;
    studioId: string;
    /** The day it was last renewed, YYYY-MM-DD in UTC. */
    renewed: string;
    /** When the coach signed in, and when they last gave their password, in milliseconds. */
    since: number;
    confirmedAt: number;
  }
}

/** However much it is used, a signing-in ends after this long. */
export const LONGEST_MS = 90 * 24 * 60 * 60 * 1000;
const FORTNIGHT_MS = 14 * 24 * 60 * 60 * 1000;

/**
 * Remembers who is signed in: a cookie that scripts and other sites cannot use, and a row in PostgreSQL. It lasts a
 * fortnight from the last day it was used, and ninety days at most; the row is written once a day, not with every request.
 */
export function signInSessions(pool: Connection['pool'], secret: string): readonly RequestHandler[] {
  const Store = connectPgSimple(session);
  return [
    session({
      name: 'prompt-spark',
      secret,
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: FORTNIGHT_MS },
      store: new Store({ pool, tableName: 'sign_in', pruneSessionInterval: 60 * 60, disableTouch: true }),
    }),
    (request, _response, next) => {
      const today = new Date().toISOString().slice(0, 10);
      // A change is what makes the session be written, with its end put off.
      if (request.session.coachId !== undefined && request.session.renewed !== today) request.session.renewed = today;
      next();
    },
  ];
}

/** Signs a coach in under a new session id, so that an id known before is worth nothing after. */
export async function signIn(request: Request, account: Account): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.regenerate((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
  request.session.since = Date.now();
  request.session.confirmedAt = Date.now();
  request.session.coachId = account.coachId;
  request.session.studioId = account.studioId;
  // Kept before anything is answered: a browser may ask again as soon as it has seen the headers.
  await new Promise<void>((resolve, reject) => {
    request.session.save((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
}

/** Signs out. */
export async function signOut(request: Request): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.destroy((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
}

/** Who is signed in; undefined at once where nobody is, which needs no look at the database. */
export function accountSignedIn(database: Database, request: Request): Promise<Account | undefined> | undefined {
  const { coachId, since = Date.now() } = request.session;
  if (coachId === undefined || Date.now() - since > LONGEST_MS) return undefined;
  return accountOf(database, coachId);
}

function asError(error: unknown): Error {
  return error instanceof Error ? error : new Error(String(error));
}
