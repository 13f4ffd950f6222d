import { found, mustBeThere } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import { forgetPronunciation, keepPronunciation, pronunciationsOf } from '../store/pronunciations.ts';

/** How the studio's voice says words. */
export function pronunciationRoutes(database: Database) {
  return {
    pronunciations: async ({ account: { studioId } }) => ({
      pronunciations: await pronunciationsOf(database, studioId),
    }),

    keepPronunciation: async ({ account: { studioId }, params: { id }, body }) => ({
      pronunciations: found(await keepPronunciation(database, studioId, { id, ...body }), 'word of your own'),
    }),

    forgetPronunciation: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await forgetPronunciation(database, studioId, id), 'word of your own'),
  } satisfies Partial<Handlers>;
}
