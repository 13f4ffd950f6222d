<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import type { Site, SiteDetails } from '@prompt-spark/contract/studio';
import { USUAL_PLATES } from '@prompt-spark/core/dose/lift';
import { kitName, USUAL_KIT } from '@prompt-spark/core/drills/kit';
import { ref } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import SiteForm from './SiteForm.vue';

/** The sites: their floor, and what there is to work with. */
const library = useLibraryStore();
const editing = ref<{ readonly id: string; readonly start: SiteDetails } | null>(null);

const counted = (count: number, one: string, many = `${one}s`) =>
  count === 0 ? '' : `${String(count)} ${count === 1 ? one : many}`;

function floorWords({ lanes, laneMetres, lapMetres, walls, mats, loopBands }: Site): string {
  const lane = lanes > 0 ? `${counted(lanes, 'lane')} of ${String(laneMetres)} m` : 'no lanes';
  const lap = lapMetres > 0 ? `${String(lapMetres)} m round` : '';
  const parts = [lane, lap, counted(walls, 'wall'), counted(mats, 'mat'), counted(loopBands, 'loop band')];
  return parts.filter(Boolean).join(', ');
}

/** What else is there, with its number where it was counted: "4 benches, line". */
const kitWords = ({ kit, counts }: Site): string =>
  kit.map((item) => (counts[item] ? `${String(counts[item])} ${kitName(item, counts[item])}` : item)).join(', ');

function change({ id, version: _, ...start }: Site): void {
  editing.value = { id, start };
}

function add(): void {
  const timeZone = new Intl.DateTimeFormat().resolvedOptions().timeZone;
  const start: SiteDetails = {
    name: '',
    timeZone,
    lanes: 0,
    laneMetres: 10,
    lapMetres: 0,
    mats: 0,
    loopBands: 0,
    walls: 1,
    kit: USUAL_KIT,
    counts: {},
    plates: USUAL_PLATES.kg,
  };
  editing.value = { id: crypto.randomUUID(), start };
}
</script>

<template>
  <SiteForm v-if="editing" :id="editing.id" :key="editing.id" :start="editing.start" @done="editing = null" />
  <template v-else>
    <p class="soft about">
      A place has its lanes, kit and bar plates. Distances, waves, swaps and ramp-up sets follow from them.
    </p>
    <p>
      <v-btn :prepend-icon="mdiPlus" variant="outlined" @click="add">Add a place</v-btn>
    </p>
    <ul class="list">
      <li v-for="site in library.places.sites" :key="site.id">
        <div>
          <h2>{{ site.name }}</h2>
          <p>{{ floorWords(site) }}</p>
          <p class="soft small">
            {{ kitWords(site) }} · bar {{ site.plates.bar }} {{ site.plates.unit }}, smallest plate
            {{ site.plates.smallest }} {{ site.plates.unit }} · {{ site.timeZone }}
          </p>
        </div>
        <p class="acts"><v-btn variant="outlined" @click="change(site)">Edit</v-btn></p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
