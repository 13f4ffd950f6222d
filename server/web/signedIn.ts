import type { Account } from '@prompt-spark/contract/account';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler } from 'express';
import session from 'express-session';
import { accountOf } from '../store/accounts.ts';
import type { Connection, Database } from '../store/database.ts';
import { notSignedIn } from './problem.ts';

declare module 'express-session' {
  interface SessionData {
    coachId: string;
    studioId: string;
  }
}

const FORTNIGHT_MS = 14 * 24 * 60 * 60 * 1000;

/** Remembers who is signed in: a cookie that scripts and other sites cannot use, and a row in PostgreSQL. */
export function signInSessions(pool: Connection['pool'], secret: string): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: 'prompt-spark',
    secret,
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: FORTNIGHT_MS },
    store: new Store({ pool, tableName: 'sign_in', pruneSessionInterval: 60 * 60 }),
  });
}

/** Signs a coach in under a new session id, so that an id known before is worth nothing after. */
export async function signIn(request: Request, account: Account): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.regenerate((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
  request.session.coachId = account.coachId;
  request.session.studioId = account.studioId;
  // Kept before anything is answered: a browser may ask again as soon as it has seen the headers.
  await new Promise<void>((resolve, reject) => {
    request.session.save((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
}

/** Signs whoever is signed in out. */
export async function signOut(request: Request): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.destroy((error: unknown) => (error ? reject(asError(error)) : resolve()));
  });
}

/** Who is signed in, or undefined for nobody. */
export async function accountSignedIn(database: Database, request: Request): Promise<Account | undefined> {
  const { coachId } = request.session;
  return coachId === undefined ? undefined : accountOf(database, coachId);
}

/**
 * Who is signed in.
 *
 * @throws Refusal 401 for nobody
 */
export async function requireAccount(database: Database, request: Request): Promise<Account> {
  const account = await accountSignedIn(database, request);
  if (!account) throw notSignedIn();
  return account;
}

function asError(error: unknown): Error {
  return error instanceof Error ? error : new Error(String(error));
}
