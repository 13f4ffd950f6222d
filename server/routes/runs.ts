import { found, idTaken, notFound } from '../http/problem.ts';
import { Answered, type Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import { recordRun, runsOf, turnsOf } from '../store/runs.ts';

/** The log of what was run. */
export function runRoutes(database: Database) {
  return {
    runs: ({ account: { studioId }, query }) => runsOf(database, studioId, query),

    runTurns: async ({ account: { studioId }, params: { id } }) => ({
      turns: found(await turnsOf(database, studioId, id), 'run'),
    }),

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
