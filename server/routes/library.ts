import { figures } from '@prompt-spark/catalogue/figures/index';
import { drillImportSchema, drillSaveSchema, drillSchema } from '@prompt-spark/contract/drill';
import { ROUTES } from '@prompt-spark/contract/routes';
import { siteSaveSchema } from '@prompt-spark/contract/studio';
import { Router } from 'express';
import type { Database } from '../store/database.ts';
import { addDrill, drillsOf, importDrills, saveDrill, takeOutDrill, type DrillResult } from '../store/drills.ts';
import { placesOf, saveSite } from '../store/places.ts';
import { bodyOf, idOf, nameIdOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';

/** The figures never change while a server runs, and are large: written once. */
const FIGURES = JSON.stringify(figures);

/** What circuits are built from: drills, sites and groups. */
export function libraryRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.drills.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.set('Cache-Control', 'private, no-cache').json(await drillsOf(database, studioId));
  });

  router.get(ROUTES.figures.path, async (request, response) => {
    await requireAccount(database, request);
    response.set('Cache-Control', 'private, no-cache').type('json').send(FIGURES);
  });

  router.post(ROUTES.addDrill.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.status(201).json(keptOf(await addDrill(database, studioId, bodyOf(request, drillSchema))));
  });

  router.post(ROUTES.importDrills.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const { csv } = bodyOf(request, drillImportSchema);
    const report = await importDrills(database, studioId, csv);
    response.status(report.problems.length > 0 ? 200 : 201).json(report);
  });

  router.put(ROUTES.saveDrill.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const id = nameIdOf(request, 'drill of your own');
    response.json(keptOf(await saveDrill(database, studioId, id, bodyOf(request, drillSaveSchema))));
  });

  router.delete(ROUTES.takeOutDrill.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const id = nameIdOf(request, 'drill of your own');
    if (!(await takeOutDrill(database, studioId, id))) throw notFound('drill of your own');
    response.status(204).end();
  });

  router.get(ROUTES.places.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.json(await placesOf(database, studioId));
  });

  router.put(ROUTES.saveSite.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const save = bodyOf(request, siteSaveSchema);
    const result = await saveSite(database, studioId, idOf(request, 'site'), save);
    if (result.kind === 'outdated') {
      if (!result.current) throw notFound('site');
      const detail = 'This site was changed somewhere else since you opened it. Open it again.';
      throw new Refusal(409, 'Changed elsewhere', detail, { current: result.current });
    }
    response.json(result.site);
  });

  return router;
}

function keptOf(result: DrillResult) {
  switch (result.kind) {
    case 'kept':
      return result.kept;
    case 'wrong':
      throw new Refusal(422, 'Not valid', `${result.words}.`, { errors: [{ path: '/name', message: result.words }] });
    case 'outdated': {
      const detail = 'This drill was changed somewhere else since you opened it. Open it again.';
      throw new Refusal(409, 'Changed elsewhere', detail, { current: result.current });
    }
    case 'missing':
      throw notFound('drill of your own');
  }
}
