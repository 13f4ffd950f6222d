import { habitsFrom } from '@prompt-spark/core/session/habits';
import { found, idTaken, mustBeThere, notFound } from '../http/problem.ts';
import { Answered, type Handlers } from '../http/serve.ts';
import type { ImportShop } from '../imports/importShop.ts';
import { importRuns } from '../imports/runs.ts';
import type { Database } from '../store/database.ts';
import { groupWorkOf } from '../store/groupWork.ts';
import { correctRun, pacesOf, recordRun, runsOf, turnsOf } from '../store/runs.ts';
import { bringBack, takeOut } from '../store/takenOut.ts';

/** The log of what was run. */
export function runRoutes(database: Database, shop: ImportShop) {
  return {
    runs: ({ account: { studioId }, query }) => runsOf(database, studioId, query),

    runTurns: async ({ account: { studioId }, params: { id } }) => found(await turnsOf(database, studioId, id), 'run'),

    groupWork: async ({ account: { studioId }, params: { id }, query: { from } }) =>
      found(await groupWorkOf(database, studioId, id, from), 'group'),

    ownPace: async ({ account: { studioId, coachId } }) => {
      const paces = await pacesOf(database, studioId, coachId);
      const groups = new Set(paces.flatMap(({ groupId }) => (groupId === null ? [] : [groupId])));
      const everywhere = paces.map(({ pace }) => pace);
      const learntWith = (id: string) => {
        const own = paces.filter(({ groupId }) => groupId === id).map(({ pace }) => pace);
        return { groupId: id, ...habitsFrom(own, everywhere) };
      };
      return { all: habitsFrom(everywhere), groups: [...groups].map(learntWith) };
    },

    importRuns: ({ account, body }) => importRuns(database, shop, account, body),

    correctRun: async ({ account: { studioId }, params: { id }, body }) =>
      mustBeThere(await correctRun(database, studioId, id, body), 'run'),

    takeOutRun: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await takeOut(database, 'run', studioId, id), 'run'),

    bringBackRun: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await bringBack(database, 'run', studioId, id), 'run'),

    addRun: async ({ account: { studioId, coachId }, body }) => {
      const { id } = body;
      switch (await recordRun(database, studioId, coachId, body)) {
        case 'kept':
          return new Answered(201, { id });
        case 'kept before':
          return { id };
        case 'no such circuit':
          throw notFound('circuit');
        case 'no such session':
          throw notFound('session');
        case 'id taken':
          throw idTaken('run');
      }
    },
  } satisfies Partial<Handlers>;
}
