import { newGroupSchema, personFileSchema, personSaveSchema } from '@prompt-spark/contract/person';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import type { Database } from '../store/database.ts';
import { accessesOf, deletePerson, peopleOf, savePerson } from '../store/people.ts';
import { exportPeople, importPeople } from '../store/peopleFile.ts';
import { addGroup } from '../store/places.ts';
import type { HealthKey } from '../store/seal.ts';
import { bodyOf, idOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';

/** Clients and groups: what is known of them goes only to those who coach them. */
export function peopleRoutes(database: Database, key: HealthKey): Router {
  const router = Router();

  router.get(ROUTES.people.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    response.json(await peopleOf(database, key, asker));
  });

  router.post(ROUTES.importPeople.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    const { csv } = bodyOf(request, personFileSchema);
    response.json(await importPeople(database, key, asker, csv));
  });

  router.post(ROUTES.exportPeople.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    response.json({ csv: await exportPeople(database, key, asker) });
  });

  router.put(ROUTES.savePerson.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    const id = idOf(request, 'person');
    const result = await savePerson(database, key, asker, id, bodyOf(request, personSaveSchema));
    switch (result.kind) {
      case 'kept':
        response.json(result.record);
        return;
      case 'outdated': {
        const detail = 'This person was changed somewhere else since you opened them. Open them again.';
        throw new Refusal(409, 'Changed elsewhere', detail, { current: result.current });
      }
      case 'hold left out': {
        const message = 'A hold is lifted by saying who cleared them and when; it stays in the record';
        throw new Refusal(422, 'Not valid', `${message}.`, { errors: [{ path: '/document/holds', message }] });
      }
      case 'missing':
        throw notFound('person');
      case 'no such group':
        throw notFound('group');
    }
  });

  router.delete(ROUTES.takeOutPerson.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    if (!(await deletePerson(database, asker, idOf(request, 'person')))) throw notFound('person');
    response.status(204).end();
  });

  router.get(ROUTES.personAccess.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    const accesses = await accessesOf(database, asker, idOf(request, 'person'));
    if (!accesses) throw notFound('person');
    response.json(accesses);
  });

  router.post(ROUTES.addGroup.path, async (request, response) => {
    const asker = await requireAccount(database, request);
    const added = await addGroup(database, asker, bodyOf(request, newGroupSchema));
    if (!added) throw new Refusal(409, 'Id taken', 'That id is taken. Make the group again.');
    response.status(201).json(added);
  });

  return router;
}
