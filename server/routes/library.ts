import type { LibraryDrill } from '@prompt-spark/contract/drill';
import { changedElsewhere, idTaken, mustBeThere, notFound, wrongField } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import { importDrills } from '../imports/drills.ts';
import type { ImportShop } from '../imports/importShop.ts';
import type { Database } from '../store/database.ts';
import { addDrill, bringBackDrill, ownDrills, saveDrill, takeOutDrill, type DrillResult } from '../store/drills.ts';
import { addGroup, coachesOf, placesOf, saveSite } from '../store/places.ts';
import { told } from './unreadable.ts';

/** What circuits are built from: drills, sites and groups. */
export function libraryRoutes(database: Database, shop: ImportShop) {
  return {
    drills: async ({ account: { studioId }, log }) => {
      const { read, unreadable } = await ownDrills(database, studioId);
      return { drills: read, unreadable: told('drill', unreadable, log) };
    },

    addDrill: async ({ account: { studioId }, body }) => keptOf(await addDrill(database, studioId, body)),

    importDrills: ({ account, body }) => importDrills(database, shop, account, body),

    saveDrill: async ({ account: { studioId }, params: { id }, body }) =>
      keptOf(await saveDrill(database, studioId, id, body)),

    bringBackDrill: async ({ account: { studioId }, params: { id } }) =>
      keptOf(await bringBackDrill(database, studioId, id)),

    takeOutDrill: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOutDrill(database, studioId, id), 'drill of your own'),

    places: async ({ account: { studioId } }) => ({
      ...(await placesOf(database, studioId)),
      coaches: await coachesOf(database, studioId),
    }),

    saveSite: async ({ account: { studioId }, params: { id }, body }) => {
      const result = await saveSite(database, studioId, id, body);
      if (result.kind === 'kept') return result.site;
      if (!result.current) throw notFound('site');
      throw changedElsewhere('site', 'Open it again.', result.current);
    },

    addGroup: async ({ account, body }) => {
      const added = await addGroup(database, account, body);
      if (!added) throw idTaken('group');
      return added;
    },
  } satisfies Partial<Handlers>;
}

function keptOf(result: DrillResult): LibraryDrill {
  switch (result.kind) {
    case 'kept':
      return result.kept;
    case 'wrong':
      throw wrongField('/name', result.words);
    case 'outdated':
      throw changedElsewhere('drill', 'Open it again.', result.current);
    case 'missing':
      throw notFound('drill of your own');
  }
}
