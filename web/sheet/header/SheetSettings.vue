<script setup lang="ts">
import { readTagField } from '@prompt-spark/core/whiteboard/headingReader';
import { computed } from 'vue';
import ClockField from './ClockField.vue';
import TextAmount from '../../fields/TextAmount.vue';
import WrittenField from '../../fields/WrittenField.vue';
import { useStandardsStore } from '../../library/standards.ts';
import { useSheetStore } from '../store/sheet.ts';
import WhoAndWhen from './WhoAndWhen.vue';
import { say } from '../say.ts';

/** Who the circuit is for, where, what for, and the time there is. */
const emit = defineEmits<{ done: [] }>();
const sheet = useSheetStore();

const standards = useStandardsStore();
const approaches = computed(() => [
  { value: '', title: say.sheetSettings.ours(standards.approaches[0]?.name ?? '') },
  ...standards.approaches.slice(1).map(({ id, name }) => ({ value: id, title: name })),
]);
/** A circuit may name outright the one that is the default as well. */
const approachId = computed(() =>
  sheet.circuit.approach === standards.approaches[0]?.id ? '' : sheet.circuit.approach,
);
const writeTags = (tags: readonly string[]) => tags.join(', ');

function setPeople({ high }: { high: number }): void {
  sheet.changeCircuit((circuit) => ({ ...circuit, people: high }), 'people');
}
</script>

<template>
  <div class="settings">
    <WhoAndWhen />
    <TextAmount
      :label="say.sheetSettings.people"
      unit="count"
      :model-value="{ low: sheet.circuit.people, high: sheet.circuit.people }"
      :least="0"
      @update:model-value="setPeople"
    />
    <v-text-field
      :label="say.sheetSettings.notBefore"
      :placeholder="say.sheetSettings.fastWork"
      maxlength="120"
      :model-value="sheet.circuit.notBefore"
      @update:model-value="
        (words: string) => sheet.changeCircuit((circuit) => ({ ...circuit, notBefore: words.trim() }), 'not before')
      "
    />
    <v-text-field
      :label="say.sheetSettings.notAfter"
      :placeholder="say.sheetSettings.legDay"
      maxlength="120"
      :model-value="sheet.circuit.notAfter"
      @update:model-value="
        (words: string) => sheet.changeCircuit((circuit) => ({ ...circuit, notAfter: words.trim() }), 'not after')
      "
    />
    <WrittenField
      :label="say.sheetSettings.tags"
      :placeholder="say.sheetSettings.morningNoKit"
      :read="readTagField"
      :write="writeTags"
      :model-value="sheet.circuit.tags"
      @update:model-value="(tags) => sheet.changeCircuit((circuit) => ({ ...circuit, tags }), 'tags')"
    />
    <ClockField
      :clock="sheet.circuit.clock"
      @change="(clock) => sheet.changeCircuit((circuit) => ({ ...circuit, clock }), 'clock')"
    />
    <v-select
      :label="say.sheetSettings.approach"
      :items="approaches"
      :model-value="approachId"
      @update:model-value="(approach: string) => sheet.changeCircuit((circuit) => ({ ...circuit, approach }))"
    />
    <div class="marks">
      <v-checkbox
        :label="say.sheetSettings.someoneNew"
        hide-details
        :model-value="sheet.circuit.somebodyNew"
        @update:model-value="(now) => sheet.changeCircuit((circuit) => ({ ...circuit, somebodyNew: now === true }))"
      />
      <v-checkbox
        :label="say.sheetSettings.someoneSlowGettingDown"
        hide-details
        :model-value="sheet.circuit.slowToFloor"
        @update:model-value="(now) => sheet.changeCircuit((circuit) => ({ ...circuit, slowToFloor: now === true }))"
      />
      <v-checkbox
        :label="say.sheetSettings.sayNamesOnly"
        hide-details
        :model-value="sheet.circuit.namesOnly"
        @update:model-value="(now) => sheet.changeCircuit((circuit) => ({ ...circuit, namesOnly: now === true }))"
      />
      <v-checkbox
        :label="say.sheetSettings.noGapsNothingStops"
        hide-details
        :model-value="sheet.circuit.noGaps"
        @update:model-value="(now) => sheet.changeCircuit((circuit) => ({ ...circuit, noGaps: now === true }))"
      />
      <v-btn class="done" variant="text" @click="emit('done')">{{ say.sheetSettings.done }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.75rem;
  align-items: start;
  padding: 0.75rem 0 0.25rem;
}
.marks {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 1.5rem;
  margin-top: -0.6rem;
}
.marks .done {
  margin-left: auto;
}
@media (max-width: 700px) {
  .settings {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
