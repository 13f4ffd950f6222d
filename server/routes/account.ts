import type { Account, Welcome } from '@prompt-spark/contract/account';
import type { Request, Response } from 'express';
import type { KeyRing } from '../health/keyRing.ts';
import { confirm } from '../http/confirmed.ts';
import { deviceDigestOf, knowAgain } from '../http/device.ts';
import type { Handlers } from '../http/serve.ts';
import { notFound, Refusal, wrongField } from '../http/problem.ts';
import { signIn, signOut } from '../http/signedIn.ts';
import { accountBySecret, demoAccount, isOwnPassword, openStudio } from '../store/accounts.ts';
import type { Database } from '../store/database.ts';
import { copyDemo } from '../store/demoCopy.ts';
import { addDevice } from '../store/devices.ts';
import { isWeak } from '../store/weakPassword.ts';

/** What signing in and out stands on. */
export interface AccountParts {
  readonly database: Database;
  readonly key: KeyRing;
  /** Whether the demo may be entered. */
  readonly demo: boolean;
}

/** Signing in and out, and opening a studio. These answer to anybody. */
export function accountRoutes({ database, key, demo }: AccountParts) {
  async function signInHere(request: Request, response: Response, account: Account): Promise<void> {
    await signIn(request, account);
    await addDevice(database, account, knowAgain(request, response), deviceDigestOf(request));
  }

  return {
    welcome: ({ account }) => welcomeFor(database, account, demo),

    signIn: async ({ body: { email, password }, request, response }) => {
      const account = await accountBySecret(database, email, password);
      if (!account) {
        throw new Refusal(401, 'Not signed in', 'That e-mail and password do not go together. Try again.');
      }
      await signInHere(request, response, account);
      return account;
    },

    enterDemo: async ({ account, request }) => {
      // Who is in a copy already goes on in it.
      if (account?.isDemo) return account;
      if (!demo) throw notFound('demo studio');
      const copy = await copyDemo(database, key, new Date());
      if (copy === 'no demo') throw notFound('demo studio');
      if (copy === 'too many visitors') {
        const detail = 'Many visitors are in the demo just now. Come again a little later.';
        throw new Refusal(429, 'Too many', detail, { retryAfter: 600 });
      }
      await signIn(request, copy);
      return copy;
    },

    confirmPassword: async ({ account, body: { password }, request }) => {
      if (!(await isOwnPassword(database, account.coachId, password))) {
        throw new Refusal(403, 'Wrong password', 'That is not your password. Try again.');
      }
      confirm(request);
      return undefined;
    },

    signOut: async ({ request, response }) => {
      await signOut(request);
      response.clearCookie('prompt-spark');
      // Its storage is left to the page, which clears what is this coach's and keeps what a colleague could not send yet.
      response.set('Clear-Site-Data', '"cache"');
      return undefined;
    },

    openStudio: async ({ body, request, response }) => {
      const { email, password, coachName, studioName } = body;
      if (isWeak(password, [email, coachName, studioName])) {
        throw wrongField(
          '/password',
          'That password is easily guessed: a few words that only you would put together do well',
        );
      }
      const account = await openStudio(database, body);
      if (!account) {
        const errors = [{ path: '/email', message: 'This e-mail is in use already' }];
        throw new Refusal(409, 'E-mail in use', 'This e-mail is in use already. Sign in, or use another.', { errors });
      }
      await signInHere(request, response, account);
      return account;
    },
  } satisfies Partial<Handlers>;
}

/** What somebody at the door is told. */
export async function welcomeFor(database: Database, account: Account | undefined, demo: boolean): Promise<Welcome> {
  return { account: account ?? null, demoOpen: demo && (await demoAccount(database)) !== undefined };
}
