import { ROUTES } from '@prompt-spark/contract/routes';
import { approachSaveSchema, defaultApproachSchema, sessionSaveSchema } from '@prompt-spark/contract/standard';
import { Router } from 'express';
import type { Database } from '../store/database.ts';
import {
  saveApproach,
  saveMainSession,
  setDefaultApproach,
  standardsOf,
  takeOutStandard,
  type StandardResult,
} from '../store/standards.ts';
import { bodyOf, nameIdOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';

/** What a studio holds to: its approaches and main sessions beside those that ship. */
export function standardRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.standards.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.json(await standardsOf(database, studioId));
  });

  router.put(ROUTES.setDefaultApproach.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const { id } = bodyOf(request, defaultApproachSchema);
    if (!(await setDefaultApproach(database, studioId, id))) throw notFound('approach');
    response.status(204).end();
  });

  router.put(ROUTES.saveApproach.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const save = bodyOf(request, approachSaveSchema);
    if (save.document.id !== nameIdOf(request, 'approach')) throw notFound('approach');
    response.json(keptOf(await saveApproach(database, studioId, save)));
  });

  router.put(ROUTES.saveMainSession.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const save = bodyOf(request, sessionSaveSchema);
    if (save.document.id !== nameIdOf(request, 'main session')) throw notFound('main session');
    response.json(keptOf(await saveMainSession(database, studioId, save)));
  });

  router.delete(ROUTES.takeOutApproach.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const gone = await takeOutStandard(database, studioId, 'approach', nameIdOf(request, 'approach of your own'));
    if (!gone) throw notFound('approach of your own');
    response.status(204).end();
  });

  router.delete(ROUTES.takeOutMainSession.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const gone = await takeOutStandard(
      database,
      studioId,
      'main session',
      nameIdOf(request, 'main session of your own'),
    );
    if (!gone) throw notFound('main session of your own');
    response.status(204).end();
  });

  return router;
}

function keptOf<Document>(result: StandardResult<Document>) {
  switch (result.kind) {
    case 'kept':
      return result.kept;
    case 'taken': {
      const message = 'Another one has that name already. Give it a name of its own';
      throw new Refusal(422, 'Not valid', `${message}.`, { errors: [{ path: '/document/name', message }] });
    }
    case 'outdated': {
      const detail = 'This was changed somewhere else since you opened it. Open it again.';
      throw new Refusal(409, 'Changed elsewhere', detail, { current: result.current });
    }
  }
}
