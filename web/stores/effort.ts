import { effortOf } from '@prompt-spark/core/effort/effortOf';
import type { Limit } from '@prompt-spark/core/limits/limitation';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useCrewStore } from './crew.ts';
import { useLibraryStore } from './library.ts';
import { useSheetStore } from './sheet.ts';

/** Planned effort and estimated pulse of the circuit on the sheet, and whether they are looked at. */
export const useEffortStore = defineStore('effort', () => {
  const sheet = useSheetStore();
  const library = useLibraryStore();
  const crew = useCrewStore();
  /** The chart is drawn under the fuse while the margin speaks of effort. */
  const shown = ref(false);
  const ages = useLocalStorage('prompt-spark-ages', { eldest: 60, youngest: 25 });
  const pulse = useLocalStorage('prompt-spark-pulse', true);
  /** The ages of the group's people, where their years of birth are known. */
  const known = computed(() => {
    const year = Number(crew.day.slice(0, 4));
    const all = crew.own.flatMap(({ birthYear }) => (birthYear > 0 ? [year - birthYear] : []));
    return all.length > 0 ? { eldest: Math.max(...all), youngest: Math.min(...all) } : undefined;
  });
  const span = computed(() => known.value ?? ages.value);
  const curve = computed(() => effortOf(sheet.timeline, library.library, [span.value.eldest, span.value.youngest]));
  /** People whose pulse does not tell. */
  const byEffort = computed(() => crew.own.filter(({ limits }) => limits.some(byEffortOnly)).length);

  return { shown, ages, pulse, known, curve, byEffort };
});

function byEffortOnly(limit: Limit): boolean {
  return limit.kind === 'known' && (limit.limitationId === 'beta-blockers' || limit.limitationId === 'heart-lung');
}
