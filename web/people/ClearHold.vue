<script setup lang="ts">
import type { PersonRecord } from '@prompt-spark/contract/person';
import { heldToLight } from '@prompt-spark/core/people/person';
import { ref } from 'vue';
import DayField from '../fields/DayField.vue';
import { usePeopleStore } from './people.ts';
import { say } from './say.ts';

/** Records who cleared somebody, and when. The hold stays in their record. */
const { record, today } = defineProps<{ record: PersonRecord; today: string }>();
const emit = defineEmits<{ done: [] }>();
const people = usePeopleStore();
const by = ref('');
const on = ref(today);
const trouble = ref('');

async function clear(): Promise<void> {
  const standing = heldToLight(record.document);
  const cleared = { clearedBy: by.value.trim(), clearedOn: on.value };
  trouble.value = '';
  try {
    await people.change(record.id, (document) => ({
      ...document,
      holds: document.holds.map((hold) => (hold === standing ? { ...hold, ...cleared } : hold)),
      readiness: document.readiness?.day === today ? { day: today, state: 'fine', sore: [] } : document.readiness,
    }));
    emit('done');
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : say.clearHold.itCouldNot;
  }
}
</script>

<template>
  <form class="clear" @submit.prevent="clear">
    <v-text-field
      v-model="by"
      :label="say.clearHold.clearedBy"
      :placeholder="say.clearHold.nameAndRole"
      maxlength="120"
    />
    <DayField v-model="on" :label="say.clearHold.on" :most="today" />
    <v-btn type="submit" :disabled="!by.trim() || !on">{{ say.clearHold.markAsCleared }}</v-btn>
    <v-btn variant="text" @click="emit('done')">{{ say.clearHold.notYet }}</v-btn>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </form>
</template>

<style scoped>
.clear {
  display: grid;
  grid-template-columns: 18rem 10rem auto auto;
  gap: 0.75rem;
}
@media (max-width: 700px) {
  .clear {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
