import type { Word } from '@prompt-spark/contract/word';
import type { TaughtWord } from '@prompt-spark/core/drills/taughtWord';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { loadOnce } from '../loading/loadOnce.ts';

/** The studio's own words for drills: what a line is read by beside the names of the drills. */
export const useWordsStore = defineStore('words', () => {
  const words = shallowRef<readonly Word[]>([]);

  const load = loadOnce(async () => {
    words.value = (await call('words')).words;
  });

  async function teach(taught: readonly TaughtWord[]): Promise<void> {
    const body = { words: taught.map((word) => ({ ...word, id: crypto.randomUUID() })) };
    words.value = (await call('teachWords', { body })).words;
  }

  async function forget(id: string): Promise<void> {
    await call('forgetWord', { id });
    words.value = words.value.filter((word) => word.id !== id);
  }

  return { words, load, teach, forget };
});
