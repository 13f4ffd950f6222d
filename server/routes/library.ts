import { catalogue } from '@prompt-spark/catalogue';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import type { Database } from '../store/database.ts';
import { placesOf } from '../store/places.ts';
import { requireAccount } from '../web/signedIn.ts';

/** What circuits are built from: drills, sites and groups. */
export function libraryRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.drills.path, async (request, response) => {
    await requireAccount(database, request);
    response.set('Cache-Control', 'private, no-cache').json(catalogue);
  });

  router.get(ROUTES.places.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.json(await placesOf(database, studioId));
  });

  return router;
}
