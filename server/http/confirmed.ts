import type { Account } from '@prompt-spark/contract/account';
import { PASSWORD_NEEDED } from '@prompt-spark/contract/passwordNeeded';
import type { Request } from 'express';
import { Refusal } from './problem.ts';

/** For so long after a password was given it need not be given again. */
const CONFIRMED_MS = 10 * 60 * 1000;

/** Notes that the coach gave their password just now. */
export function confirm(request: Request): void {
  request.session.confirmedAt = Date.now();
}

/** Refuses what takes health data out or deletes it, unless the coach gave their password of late. In the demo there is none. */
export function mustBeConfirmed(request: Request, { isDemo }: Account): void {
  const { confirmedAt = 0 } = request.session;
  if (isDemo || Date.now() - confirmedAt < CONFIRMED_MS) return;
  throw new Refusal(403, PASSWORD_NEEDED, 'Give your password once more before health data is taken out or deleted.');
}
