import type { CircuitKept } from '@prompt-spark/contract/circuit';
import { changedElsewhere, found, idTaken, mustBeThere, notFound } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import { addCircuit, circuitOf, circuitsOf, saveCircuit, tagsOf, type SaveResult } from '../store/circuits.ts';
import type { Database } from '../store/database.ts';
import { bringBack, takeOut } from '../store/takenOut.ts';
import { told } from './unreadable.ts';

/** Keeping circuits. */
export function circuitRoutes(database: Database) {
  return {
    circuits: async ({ account: { studioId }, query, log }) => {
      const [{ unreadable, refreshed, ...page }, tags] = await Promise.all([
        circuitsOf(database, studioId, query),
        tagsOf(database, studioId),
      ]);
      // The tags of circuits whose summaries were made only now are not among those found meanwhile.
      const all = refreshed ? await tagsOf(database, studioId) : tags;
      return { ...page, tags: all, unreadable: told('circuit', unreadable, log) };
    },

    circuit: async ({ account: { studioId }, params: { id } }) =>
      found(await circuitOf(database, studioId, id), 'circuit'),

    addCircuit: async ({ account: { studioId }, body }) => {
      const { takenOut: _, ...stamp } = keptOf(await addCircuit(database, studioId, body));
      return stamp;
    },

    saveCircuit: async ({ account: { studioId }, params: { id }, body }) =>
      keptOf(await saveCircuit(database, studioId, id, body)),

    takeOutCircuit: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOut(database, 'circuit', studioId, id), 'circuit'),

    bringBackCircuit: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await bringBack(database, 'circuit', studioId, id), 'circuit'),
  } satisfies Partial<Handlers>;
}

function keptOf(result: SaveResult): CircuitKept {
  switch (result.kind) {
    case 'kept':
      return result.stamp;
    case 'outdated':
      throw changedElsewhere('circuit', 'Choose which one to keep.', result.current);
    case 'id taken':
      throw idTaken('circuit');
    case 'no such place':
      throw notFound('group or site');
    case 'missing':
      throw notFound('circuit');
  }
}
