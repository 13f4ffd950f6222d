import type { Handlers } from '../http/serve.ts';
import { binOf } from '../store/bin.ts';
import type { Database } from '../store/database.ts';

/** What was taken out of late. Each kind is brought back by its own routes. */
export function binRoutes(database: Database) {
  return {
    bin: async ({ account: { studioId }, query: { find } }) => ({ entries: await binOf(database, studioId, find) }),
  } satisfies Partial<Handlers>;
}
