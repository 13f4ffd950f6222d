<script setup lang="ts">
import type { SiteDetails } from '@prompt-spark/contract/studio';
import { LOAD_UNITS, USUAL_PLATES, type LoadUnit } from '@prompt-spark/core/dose/lift';
import { KIT, type Kit } from '@prompt-spark/core/drills/kit';
import { USUAL_PLACES } from '@prompt-spark/core/occasion/usualPlaces';
import { ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import FormFrame from '../fields/FormFrame.vue';
import { capital } from '../wording/capital.ts';
import NumberField from '../fields/NumberField.vue';
import { usePlacesStore } from '../library/places.ts';
import KitCounts from './KitCounts.vue';
import { say } from './say.ts';

/** Changes a site: its floor, what there is of what is counted, other kit, and what loads a bar. */
const { id, start } = defineProps<{ id: string; start: SiteDetails }>();
const emit = defineEmits<{ done: [] }>();
const places = usePlacesStore();
const draft = ref<SiteDetails>(start);
const zones = Intl.supportedValuesOf('timeZone');
const COUNTED = ['mat', 'loop band', 'wall', 'lane'];
const kit = KIT.filter((item) => !COUNTED.includes(item)).map((value) => ({ value, title: capital(value) }));
const COUNTS = [
  { field: 'lanes', label: say.siteForm.lanes, most: 99 },
  { field: 'walls', label: say.siteForm.walls, most: 99 },
  { field: 'mats', label: say.siteForm.mats, most: 999 },
  { field: 'loopBands', label: say.siteForm.loopBands, most: 999 },
] as const;

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/studio')).siteDetailsSchema,
  async (details) => {
    await places.keepSite(id, details);
    emit('done');
  },
);

/** Another list of kit, with the numbers of what is still on it. */
function setKit(kit: SiteDetails['kit']): void {
  const counts = Object.fromEntries(Object.entries(draft.value.counts).filter(([item]) => kit.includes(item as Kit)));
  set({ kit, counts });
}
const set = (change: Partial<SiteDetails>) => (draft.value = { ...draft.value, ...change });
const setPlates = (change: Partial<SiteDetails['plates']>) => set({ plates: { ...draft.value.plates, ...change } });
const problem = (path: string) => errors.value[path] ?? errors.value[`/site${path}`] ?? '';
</script>

<template>
  <FormFrame
    :save="say.siteForm.savePlace"
    :trouble="trouble"
    :errors="errors"
    :busy="busy"
    :leave="null"
    @keep="submit(draft)"
    @cancel="emit('done')"
  >
    <div class="fields">
      <v-text-field
        :label="say.siteForm.name"
        maxlength="80"
        :model-value="draft.name"
        :error-messages="problem('/name')"
        @update:model-value="(name: string) => set({ name })"
      />
      <v-autocomplete
        :label="say.siteForm.timeZone"
        :items="zones"
        :model-value="draft.timeZone"
        :error-messages="problem('/timeZone')"
        @update:model-value="(timeZone: string | null) => set({ timeZone: timeZone ?? '' })"
      />
    </div>
    <p class="usual">
      <span class="soft">{{ say.siteForm.fillInWhat }}</span>
      <v-btn v-for="usual in USUAL_PLACES" :key="usual.id" variant="outlined" size="small" @click="set(usual.floor)">{{
        usual.name
      }}</v-btn>
    </p>
    <div class="fields">
      <NumberField
        v-for="{ field, label, most } in COUNTS"
        :key="field"
        :label="label"
        :most="most"
        :model-value="draft[field]"
        @update:model-value="(count) => set({ [field]: Math.round(count) })"
      />
      <NumberField
        :label="say.siteForm.laneMetres"
        :most="1000"
        :model-value="draft.laneMetres"
        @update:model-value="(laneMetres) => set({ laneMetres })"
      />
      <NumberField
        :label="say.siteForm.onceRoundMetres"
        :most="1000"
        :model-value="draft.lapMetres"
        @update:model-value="(lapMetres) => set({ lapMetres })"
      />
    </div>
    <v-select
      :label="say.siteForm.otherKitThere"
      multiple
      chips
      :items="kit"
      :model-value="draft.kit"
      @update:model-value="setKit"
    />
    <KitCounts :kit="draft.kit" :counts="draft.counts" @change="(counts) => set({ counts })" />
    <div class="fields">
      <v-select
        :label="say.siteForm.platesIn"
        :items="LOAD_UNITS"
        :model-value="draft.plates.unit"
        @update:model-value="(unit: LoadUnit) => set({ plates: USUAL_PLATES[unit] })"
      />
      <NumberField
        :label="say.siteForm.emptyBar"
        :most="100"
        :model-value="draft.plates.bar"
        @update:model-value="(bar) => setPlates({ bar })"
      />
      <NumberField
        :label="say.siteForm.smallestPlate"
        :least="0.1"
        :most="50"
        :model-value="draft.plates.smallest"
        @update:model-value="(smallest) => setPlates({ smallest })"
      />
    </div>
  </FormFrame>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.usual {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem;
}
</style>
