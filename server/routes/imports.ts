import { found, mustBeThere } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import { callOff, progressOf } from '../store/importJobs.ts';
import type { Database } from '../store/database.ts';

/** How far imports are, and calling them off. A coach sees their own only. */
export function importRoutes(database: Database) {
  return {
    importProgress: async ({ account, params: { id } }) => found(await progressOf(database, account, id), 'import'),

    callOffImport: async ({ account, params: { id } }) =>
      mustBeThere(await callOff(database, account, id), 'import under way'),
  } satisfies Partial<Handlers>;
}
