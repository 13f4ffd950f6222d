<script setup lang="ts">
import { mdiPlus } from '@mdi/js';
import type { Site, SiteDetails } from '@prompt-spark/contract/studio';
import { USUAL_PLATES } from '@prompt-spark/core/dose/lift';
import { kitName, USUAL_KIT } from '@prompt-spark/core/drills/kit';
import { ref } from 'vue';
import { useLibraryStore } from '../library/library.ts';
import SiteForm from './SiteForm.vue';
import { say } from './say.ts';

/** The sites: their floor, and what there is to work with. */
const library = useLibraryStore();
const editing = ref<{ readonly id: string; readonly start: SiteDetails } | null>(null);

function floorWords({ lanes, laneMetres, lapMetres, walls, mats, loopBands }: Site): string {
  const parts = [
    lanes > 0 ? say.siteList.lanes(lanes, laneMetres) : say.siteList.noLanes,
    lapMetres > 0 ? say.siteList.lap(lapMetres) : '',
    walls > 0 ? say.siteList.walls(walls) : '',
    mats > 0 ? say.siteList.mats(mats) : '',
    loopBands > 0 ? say.siteList.loopBands(loopBands) : '',
  ];
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
      {{ say.siteList.placeHasItsLanes }}
    </p>
    <p>
      <v-btn :prepend-icon="mdiPlus" variant="outlined" @click="add">{{ say.siteList.addAPlace }}</v-btn>
    </p>
    <ul class="list">
      <li v-for="site in library.places.sites" :key="site.id">
        <div>
          <h2>{{ site.name }}</h2>
          <p>{{ floorWords(site) }}</p>
          <p class="soft small">
            {{
              say.siteList.kit(kitWords(site), site.plates.bar, site.plates.unit, site.plates.smallest, site.timeZone)
            }}
          </p>
        </div>
        <p class="acts">
          <v-btn variant="outlined" @click="change(site)">{{ say.siteList.edit }}</v-btn>
        </p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
