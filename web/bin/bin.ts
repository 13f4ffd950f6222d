import type { BinEntry } from '@prompt-spark/contract/bin';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { call } from '../api/call.ts';

/** What was taken out in the last days, and the way back for each. */
export const useBinStore = defineStore('bin', () => {
  const entries = shallowRef<readonly BinEntry[]>([]);
  let asked = 0;

  /** Lists what has these words in its title; an answer that was overtaken is dropped. */
  async function load(find = ''): Promise<void> {
    asked += 1;
    const now = asked;
    const found = await call('bin', { query: { find } });
    if (now === asked) entries.value = found.entries;
  }

  /** Puts an entry back where it was. */
  async function restore({ kind, id }: BinEntry): Promise<void> {
    switch (kind) {
      case 'circuit':
        await call('bringBackCircuit', { id });
        break;
      case 'drill':
        await call('bringBackDrill', { id });
        break;
      case 'session':
        await call('bringBackSession', { id, query: {} });
        break;
      case 'run':
        await call('bringBackRun', { id });
        break;
      case 'person':
        await call('bringBackPerson', { id });
    }
    entries.value = entries.value.filter((entry) => entry.kind !== kind || entry.id !== id);
  }

  return { entries, load, restore };
});
