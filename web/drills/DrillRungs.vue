<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Change } from '@prompt-spark/core/drills/drill';
import { computed, reactive } from 'vue';
import { phaseName } from '../wording/phases.ts';
import { rungName } from './drillWords.ts';
import { withoutRung, withRung } from './drillDraft.ts';

/** The ladder: rungs added at either end, or a word on why there is none. */
const draft = defineModel<Drill>({ required: true });
const CHANGES: readonly Change[] = ['support', 'range', 'load', 'speed', 'stance', 'surface'];
const changes = CHANGES.map((value) => ({ value, title: phaseName(value) }));
const ends = [
  { by: -1 as const, title: 'Gentler', reason: 'noGentler' as const },
  { by: 1 as const, title: 'Stronger', reason: 'noStronger' as const },
];
const fresh = reactive({ [-1]: { name: '', changes: [] as Change[] }, [1]: { name: '', changes: [] as Change[] } });
const written = computed(() => draft.value.ladder.map((rung) => rungName(rung, draft.value.name || 'the drill')));

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
    <legend>Easier and harder versions</legend>
    <p class="soft">{{ written.join(' → ') }}</p>
    <div v-for="end in ends" :key="end.by" class="grid end">
      <v-text-field
        v-model="fresh[end.by].name"
        :label="`${end.title}: what changes, in words`"
        class="two"
        maxlength="80"
      />
      <v-select v-model="fresh[end.by].changes" label="What changes" multiple :items="changes" />
      <div class="acts">
        <v-btn variant="outlined" @click="add(end.by)">Add a version</v-btn>
        <v-btn v-if="has(end.by)" variant="text" @click="draft = withoutRung(draft, end.by)">Remove the last</v-btn>
      </div>
      <v-text-field
        v-if="!has(end.by)"
        class="two"
        :label="`Or why there is no ${end.title.toLowerCase()} one`"
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
