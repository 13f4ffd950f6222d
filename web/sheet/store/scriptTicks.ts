import type { Seconds } from '@prompt-spark/core/units';
import { defineStore } from 'pinia';
import { shallowRef } from 'vue';

/** The seconds at which something is said, marked on the fuse while the script is read. */
export const useScriptTicksStore = defineStore('scriptTicks', () => {
  const ticks = shallowRef<readonly Seconds[]>([]);
  return { ticks };
});
