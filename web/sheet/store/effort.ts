import { effortOf } from '@prompt-spark/core/effort/effortOf';
import { pulseTells } from '@prompt-spark/core/people/limitations';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useGroupTracksStore } from './groupTracks.ts';
import { useSheetStore } from './sheet.ts';

/** Planned effort and estimated pulse of the circuit on the sheet, and whether they are looked at. */
export const useEffortStore = defineStore('effort', () => {
  const sheet = useSheetStore();
  const groupTracks = useGroupTracksStore();
  /** The chart is drawn under the fuse while the margin speaks of effort. */
  const shown = ref(false);
  const ages = useLocalStorage('prompt-spark-ages', { eldest: 60, youngest: 25 });
  const pulse = useLocalStorage('prompt-spark-pulse', true);
  /** The ages of the group's people, where their years of birth are known. */
  const known = computed(() => {
    const year = Number(groupTracks.day.slice(0, 4));
    const all = groupTracks.own.flatMap(({ birthYear }) => (birthYear > 0 ? [year - birthYear] : []));
    return all.length > 0 ? { eldest: Math.max(...all), youngest: Math.min(...all) } : undefined;
  });
  const span = computed(() => known.value ?? ages.value);
  const curve = computed(() => effortOf(sheet.timeline, [span.value.eldest, span.value.youngest]));
  /** People whose pulse does not tell. */
  const byEffort = computed(() => groupTracks.own.filter((person) => !pulseTells(person)).length);

  return { shown, ages, pulse, known, curve, byEffort };
});
