<script setup lang="ts">
import { mdiPause, mdiPlay, mdiPlus, mdiViewComfyOutline, mdiViewGridOutline } from '@mdi/js';
import { useLocalStorage } from '@vueuse/core';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { useDrillSearch } from '../library/useDrillSearch.ts';
import { useLoading } from '../loading/useLoading.ts';
import { useGradually } from '../loading/useGradually.ts';
import LoadingGate from '../loading/LoadingGate.vue';
import MoreBelow from '../loading/MoreBelow.vue';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useLibraryStore } from '../library/library.ts';
import DrillCard from './DrillCard.vue';
import DrillFilters from './DrillFilters.vue';
import { say } from './say.ts';

const LibraryFile = defineAsyncComponent(() => import('./LibraryFile.vue'));

/** The library: found by any name, alias or target, narrowed by what is needed and what must not be asked. */
const library = useLibraryStore();
const loading = useLoading(library.load);
const { words, wish, found } = useDrillSearch();
const files = ref(false);
const { act } = useAction();
const moving = useLocalStorage('prompt-spark-figures-move', true);
/** Many small figures at a glance, or fewer with what each is for. */
const small = useLocalStorage('prompt-spark-figures-small', false);
const counted = computed(() => {
  const rungs = found.value.reduce((sum, { ladder }) => sum + ladder.length, 0);
  return say.drillsPage.howMany(found.value.length, rungs);
});

/** Drills in the page, more as they are scrolled to: drawing every figure at once would hold a phone up for seconds. */
const FIRST = 6;
const BATCH = 12;
const most = ref(FIRST);
const batch = computed(() => found.value.slice(0, most.value));
const shown = useGradually(batch, 0, 2);
watch(found, () => (most.value = Math.max(FIRST, BATCH)));
async function showMore(): Promise<void> {
  most.value += BATCH;
  await nextTick();
}

function clear(): void {
  words.value = '';
  wish.value = {};
}
</script>

<template>
  <section class="page wide">
    <header>
      <h1>{{ say.drillsPage.drills }}</h1>
      <p class="soft" role="status" data-test="count">{{ counted }}</p>
      <span class="acts">
        <v-btn
          variant="text"
          :prepend-icon="small ? mdiViewGridOutline : mdiViewComfyOutline"
          @click="small = !small"
          >{{ small ? say.drillsPage.largeFigures : say.drillsPage.smallFigures }}</v-btn
        >
        <v-btn variant="text" :prepend-icon="moving ? mdiPause : mdiPlay" @click="moving = !moving">
          {{ moving ? say.drillsPage.stillFigures : say.drillsPage.movingFigures }}
        </v-btn>
        <v-btn variant="text" :aria-expanded="files" @click="files = !files">{{ say.drillsPage.importOrExport }}</v-btn>
        <v-btn :prepend-icon="mdiPlus" to="/drills/new">{{ say.drillsPage.addADrill }}</v-btn>
      </span>
    </header>
    <LoadingGate :loading="loading">
      <UnreadableNote
        :what="say.drillsPage.drillOfYourOwn"
        :unreadable="library.unreadable"
        @take-out="(id) => act(() => library.takeOutDrill(id))"
      />
      <LibraryFile v-if="files" />
      <DrillFilters v-model:words="words" v-model:wish="wish" />
      <ul v-if="found.length" :class="['cards', { small }]">
        <li v-for="drill in shown" :key="drill.id"><DrillCard :drill="drill" :still="!moving" :brief="small" /></li>
      </ul>
      <div v-else class="empty">
        <h2>{{ say.drillsPage.noDrillsMatch }}</h2>
        <p class="soft">{{ say.drillsPage.removeAFilter }}</p>
        <v-btn variant="outlined" @click="clear">{{ say.drillsPage.showAll }}</v-btn>
      </div>
      <MoreBelow v-if="shown.length === batch.length && shown.length < found.length" :more="showMore" />
    </LoadingGate>
  </section>
</template>

<style scoped>
.wide {
  max-width: 92rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.5rem 1rem;
  margin-bottom: 1rem;
}
.acts {
  margin-left: auto;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(13.5rem, 100%), 1fr));
  gap: 0.75rem;
  list-style: none;
}
.cards.small {
  grid-template-columns: repeat(auto-fill, minmax(8rem, 1fr));
  gap: 0.5rem;
}
.empty {
  display: grid;
  gap: 0.75rem;
  justify-items: start;
  padding: 1.5rem 0;
}
</style>
