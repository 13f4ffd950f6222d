import { sessionFitSchema } from '@prompt-spark/contract/fit';
import { newSessionSchema, sessionSpanSchema } from '@prompt-spark/contract/session';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import { circuitOf } from '../store/circuits.ts';
import type { Database } from '../store/database.ts';
import { addSession, fitSession, sessionOf, sessionsBetween, takeOutSession } from '../store/sessions.ts';
import { bodyOf, idOf, queryOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';
import { requirePlaces } from './circuits.ts';

/** The book of sessions. */
export function sessionRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.sessions.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const { from, to } = queryOf(request, sessionSpanSchema);
    response.json(await sessionsBetween(database, studioId, new Date(from), new Date(to)));
  });

  router.get(ROUTES.session.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const session = await sessionOf(database, studioId, idOf(request, 'session'));
    if (!session) throw notFound('session');
    response.json(session);
  });

  router.post(ROUTES.addSession.path, async (request, response) => {
    const { studioId, coachId } = await requireAccount(database, request);
    const session = bodyOf(request, newSessionSchema);
    await requirePlaces(database, studioId, session);
    if (!(await circuitOf(database, studioId, session.circuitId))) throw notFound('circuit');
    const added = await addSession(database, studioId, coachId, session);
    if (!added) throw new Refusal(409, 'Id taken', 'That id is taken. Make the session again.');
    response.status(201).json(added);
  });

  router.put(ROUTES.fitSession.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const { fit } = bodyOf(request, sessionFitSchema);
    const fitted = await fitSession(database, studioId, idOf(request, 'session'), fit);
    if (!fitted) throw notFound('session');
    response.json(fitted);
  });

  router.delete(ROUTES.takeOutSession.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    if (!(await takeOutSession(database, studioId, idOf(request, 'session')))) throw notFound('session');
    response.status(204).end();
  });

  return router;
}
