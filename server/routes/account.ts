import { credentialsSchema, newStudioSchema, type Welcome } from '@prompt-spark/contract/account';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import { accountBySecret, demoAccount, openStudio } from '../store/accounts.ts';
import type { Database } from '../store/database.ts';
import { bodyOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { signInLimits } from '../web/signInLimit.ts';
import { accountSignedIn, signIn, signOut } from '../web/signedIn.ts';

/** Signing in and out, and opening a studio. These answer to anybody. */
export function accountRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.welcome.path, async (request, response) => {
    const account = (await accountSignedIn(database, request)) ?? null;
    const welcome: Welcome = { account, demoOpen: (await demoAccount(database)) !== undefined };
    response.json(welcome);
  });

  router.post(ROUTES.signIn.path, ...signInLimits(database), async (request, response) => {
    const { email, password } = bodyOf(request, credentialsSchema);
    const account = await accountBySecret(database, email, password);
    if (!account) {
      throw new Refusal(401, 'Not signed in', 'That e-mail and password do not go together. Try again.');
    }
    await signIn(request, account);
    response.json(account);
  });

  router.post(ROUTES.enterDemo.path, async (request, response) => {
    const account = await demoAccount(database);
    if (!account) throw notFound('demo studio');
    await signIn(request, account);
    response.json(account);
  });

  router.post(ROUTES.signOut.path, async (request, response) => {
    await signOut(request);
    response.clearCookie('prompt-spark').status(204).end();
  });

  router.post(ROUTES.openStudio.path, ...signInLimits(database), async (request, response) => {
    const studio = bodyOf(request, newStudioSchema);
    const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
    const account = await openStudio(database, studio, timeZone);
    if (!account) {
      const errors = [{ path: '/email', message: 'This e-mail is in use already' }];
      throw new Refusal(409, 'E-mail in use', 'This e-mail is in use already. Sign in, or use another.', { errors });
    }
    await signIn(request, account);
    response.status(201).json(account);
  });

  return router;
}
