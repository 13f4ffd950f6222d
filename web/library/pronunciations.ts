import type { KeptPronunciation } from '@prompt-spark/contract/pronunciation';
import type { Pronunciation } from '@prompt-spark/core/prompts/pronounced';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';
import { loadOnce } from '../loading/loadOnce.ts';

/** How the studio's voice says words that it would say wrong. */
export const usePronunciationsStore = defineStore('pronunciations', () => {
  const list = shallowRef<readonly KeptPronunciation[]>([]);

  const load = loadOnce(async () => {
    list.value = (await call('pronunciations')).pronunciations;
  });

  async function keep(body: Pronunciation): Promise<void> {
    list.value = (await call('keepPronunciation', { id: crypto.randomUUID(), body })).pronunciations;
  }

  async function forget(id: string): Promise<void> {
    await call('forgetPronunciation', { id });
    list.value = list.value.filter((one) => one.id !== id);
  }

  return { list, load, keep, forget };
});
