import { newRunSchema } from '@prompt-spark/contract/run';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import type { Database } from '../store/database.ts';
import { recordRun, runsOf } from '../store/runs.ts';
import { bodyOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';

/** The log of what was run. */
export function runRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.runs.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.json(await runsOf(database, studioId));
  });

  router.post(ROUTES.addRun.path, async (request, response) => {
    const { studioId, coachId } = await requireAccount(database, request);
    const run = bodyOf(request, newRunSchema);
    const result = await recordRun(database, studioId, coachId, run);
    switch (result) {
      case 'kept':
        response.status(201).json({ id: run.id });
        return;
      case 'kept before':
        response.json({ id: run.id });
        return;
      case 'no such circuit':
        throw notFound('circuit');
      case 'no such session':
        throw notFound('session');
      case 'id taken':
        throw new Refusal(409, 'Id taken', 'That id is taken.');
    }
  });

  return router;
}
