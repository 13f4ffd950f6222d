import { circuitSaveSchema, newCircuitSchema, type CircuitDraft } from '@prompt-spark/contract/circuit';
import { ROUTES } from '@prompt-spark/contract/routes';
import { Router } from 'express';
import { addCircuit, bringBackCircuit, circuitOf, circuitsOf, saveCircuit, takeOutCircuit } from '../store/circuits.ts';
import type { Database } from '../store/database.ts';
import { placesOf } from '../store/places.ts';
import { bodyOf, idOf } from '../web/input.ts';
import { notFound, Refusal } from '../web/problem.ts';
import { requireAccount } from '../web/signedIn.ts';

/** Keeping circuits. */
export function circuitRoutes(database: Database): Router {
  const router = Router();

  router.get(ROUTES.circuits.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    response.json(await circuitsOf(database, studioId));
  });

  router.get(ROUTES.circuit.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const record = await circuitOf(database, studioId, idOf(request, 'circuit'));
    if (!record) throw notFound('circuit');
    response.json(record);
  });

  router.post(ROUTES.addCircuit.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const circuit = bodyOf(request, newCircuitSchema);
    await requirePlaces(database, studioId, circuit);
    const record = await addCircuit(database, studioId, circuit);
    if (!record) throw new Refusal(409, 'Id taken', 'That id is taken. Make the circuit again.');
    response.status(201).json(record);
  });

  router.put(ROUTES.saveCircuit.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const id = idOf(request, 'circuit');
    const save = bodyOf(request, circuitSaveSchema);
    await requirePlaces(database, studioId, save);
    const result = await saveCircuit(database, studioId, id, save);
    switch (result.kind) {
      case 'kept':
        response.json(result.record);
        return;
      case 'outdated': {
        const detail = 'This circuit was changed somewhere else since you opened it. Choose which one to keep.';
        throw new Refusal(409, 'Changed elsewhere', detail, { current: result.current });
      }
      case 'missing':
        throw notFound('circuit');
    }
  });

  router.delete(ROUTES.takeOutCircuit.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    if (!(await takeOutCircuit(database, studioId, idOf(request, 'circuit')))) throw notFound('circuit');
    response.status(204).end();
  });

  router.post(ROUTES.bringBackCircuit.path, async (request, response) => {
    const { studioId } = await requireAccount(database, request);
    const record = await bringBackCircuit(database, studioId, idOf(request, 'circuit'));
    if (!record) throw notFound('circuit');
    response.json(record);
  });

  return router;
}

/** A circuit may name only groups and sites of its own studio. */
export async function requirePlaces(
  database: Database,
  studioId: string,
  { groupId, siteId }: Pick<CircuitDraft, 'groupId' | 'siteId'>,
): Promise<void> {
  const { sites, groups } = await placesOf(database, studioId);
  if (groupId !== null && !groups.some((group) => group.id === groupId)) throw notFound('group');
  if (siteId !== null && !sites.some((site) => site.id === siteId)) throw notFound('site');
}
