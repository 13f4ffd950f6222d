<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Change } from '@prompt-spark/core/drills/drill';
import { computed, reactive } from 'vue';
import { capital } from '../wording/capital.ts';
import { rungName } from './drillWords.ts';
import { withoutRung, withRung } from './drillDraft.ts';
import { say } from './say.ts';

/** The ladder: rungs added at either end, or a word on why there is none. */
const draft = defineModel<Drill>({ required: true });
const CHANGES: readonly Change[] = ['support', 'range', 'load', 'speed', 'stance', 'surface'];
const changes = CHANGES.map((value) => ({ value, title: capital(value) }));
const ends = [
  { by: -1 as const, title: say.drillRungs.gentler, reason: 'noGentler' as const },
  { by: 1 as const, title: say.drillRungs.stronger, reason: 'noStronger' as const },
];
const fresh = reactive({ [-1]: { name: '', changes: [] as Change[] }, [1]: { name: '', changes: [] as Change[] } });
const written = computed(() =>
  draft.value.ladder.map((rung) => rungName(rung, draft.value.name || say.drillRungs.drill)),
);

function add(by: -1 | 1): void {
  const { name, changes: chosen } = fresh[by];
  if (name.trim() === '' || chosen.length === 0) return;
  draft.value = withRung(draft.value, name.trim(), chosen, by);
  fresh[by] = { name: '', changes: [] };
}

const has = (by: -1 | 1) => draft.value.ladder.some(({ rung }) => Math.sign(rung) === by);
</script>

<template>
  <fieldset>
    <legend>{{ say.drillRungs.easierAndHarderVersions }}</legend>
    <p class="soft">{{ written.join(' → ') }}</p>
    <div v-for="end in ends" :key="end.by" class="grid end">
      <v-text-field
        v-model="fresh[end.by].name"
        :label="say.drillRungs.whatChangesInWords(end.title)"
        class="two"
        maxlength="80"
      />
      <v-select v-model="fresh[end.by].changes" :label="say.drillRungs.whatChanges" multiple :items="changes" />
      <div class="acts">
        <v-btn variant="outlined" @click="add(end.by)">{{ say.drillRungs.addAVersion }}</v-btn>
        <v-btn v-if="has(end.by)" variant="text" @click="draft = withoutRung(draft, end.by)">{{
          say.drillRungs.removeTheLast
        }}</v-btn>
      </div>
      <v-text-field
        v-if="!has(end.by)"
        class="two"
        :label="say.drillRungs.whyNone(end.title.toLowerCase())"
        maxlength="120"
        :model-value="draft[end.reason]"
        @update:model-value="(text: string) => (draft = { ...draft, [end.reason]: text })"
      />
    </div>
  </fieldset>
</template>

<style scoped src="./fields.css"></style>
<style scoped>
fieldset {
  border: 0;
}
.end {
  margin-top: 0.75rem;
  align-items: start;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
</style>
