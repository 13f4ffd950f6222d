import { mustBeThere } from '../http/problem.ts';
import type { Handlers } from '../http/serve.ts';
import type { Database } from '../store/database.ts';
import { forgetWord, teachWords, wordsOf } from '../store/words.ts';

/** The studio's own words for drills. */
export function wordRoutes(database: Database) {
  return {
    words: async ({ account: { studioId } }) => ({ words: await wordsOf(database, studioId) }),

    teachWords: async ({ account: { studioId }, body: { words } }) => ({
      words: await teachWords(database, studioId, words),
    }),

    forgetWord: async ({ account: { studioId }, params: { id } }) =>
      mustBeThere(await forgetWord(database, studioId, id), 'word of your own'),
  } satisfies Partial<Handlers>;
}
