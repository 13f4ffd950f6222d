import type { Account, Welcome } from '@prompt-spark/contract/account';
import type { Handlers } from '../http/serve.ts';
import { found, Refusal } from '../http/problem.ts';
import { signIn, signOut } from '../http/signedIn.ts';
import { accountBySecret, demoAccount, openStudio } from '../store/accounts.ts';
import type { Database } from '../store/database.ts';

/** Signing in and out, and opening a studio. These answer to anybody. */
export function accountRoutes(database: Database) {
  return {
    welcome: ({ account }) => welcomeFor(database, account),

    signIn: async ({ body: { email, password }, request }) => {
      const account = await accountBySecret(database, email, password);
      if (!account) {
        throw new Refusal(401, 'Not signed in', 'That e-mail and password do not go together. Try again.');
      }
      await signIn(request, account);
      return account;
    },

    enterDemo: async ({ request }) => {
      const account = found(await demoAccount(database), 'demo studio');
      await signIn(request, account);
      return account;
    },

    signOut: async ({ request, response }) => {
      await signOut(request);
      response.clearCookie('prompt-spark');
      return undefined;
    },

    openStudio: async ({ body, request }) => {
      const account = await openStudio(database, body);
      if (!account) {
        const errors = [{ path: '/email', message: 'This e-mail is in use already' }];
        throw new Refusal(409, 'E-mail in use', 'This e-mail is in use already. Sign in, or use another.', { errors });
      }
      await signIn(request, account);
      return account;
    },
  } satisfies Partial<Handlers>;
}

/** What somebody at the door is told. */
export async function welcomeFor(database: Database, account: Account | undefined): Promise<Welcome> {
  return { account: account ?? null, demoOpen: (await demoAccount(database)) !== undefined };
}
