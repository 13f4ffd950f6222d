<script setup lang="ts">
import type { Measure } from '@prompt-spark/core/measures/measure';
import { withMeasured, type Measured } from '@prompt-spark/core/people/measured';
import { computed, reactive, ref } from 'vue';
import DayField from '../fields/DayField.vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { useLibraryStore } from '../library/library.ts';
import { usePeopleStore } from '../people/people.ts';
import { useAction } from '../shell/useAction.ts';
import { calendarDay } from '../wording/clock.ts';
import { UNIT_WORDS } from './measureWords.ts';
import { say } from './say.ts';

/** Taking one measure: how, its figure, and what came of it. */
const { personId, measure } = defineProps<{ personId: string; measure: Measure }>();
const emit = defineEmits<{ done: [] }>();
const people = usePeopleStore();
const library = useLibraryStore();
const { busy, act } = useAction();
const today = calendarDay(new Date());
const day = ref(today);
const PARTS = measure.sided ? (['left', 'right'] as const) : (['once'] as const);
const typed = reactive({ left: '', right: '', once: '' });
const drill = computed(() => (measure.drillId === null ? undefined : library.drillOf(measure.drillId)));
const LABELS = { left: say.measureForm.left, right: say.measureForm.right, once: say.measureForm.result };

/** What was typed as a number, to a tenth; null for nothing, undefined where it is none or out of bounds. */
function numberIn(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Math.round(Number(text.trim().replace(',', '.')) * 10) / 10;
  return Number.isFinite(value) && value >= measure.least && value <= measure.most ? value : undefined;
}
const problemIn = (text: string): string =>
  numberIn(text) === undefined ? say.measureForm.expected(measure.least, measure.most, UNIT_WORDS[measure.unit]) : '';
const complete = computed(() => {
  const values = PARTS.map((part) => numberIn(typed[part]));
  return values.some((value) => value !== null) && !values.includes(undefined);
});

async function keep(): Promise<void> {
  const { left, right, once } = {
    left: null,
    right: null,
    once: null,
    ...Object.fromEntries(PARTS.map((part) => [part, numberIn(typed[part]) ?? null])),
  };
  const next: Measured = { id: crypto.randomUUID(), measureId: measure.id, day: day.value || today, left, right, once };
  const kept = await act(() =>
    people.change(personId, (document) => ({ ...document, measured: withMeasured(document.measured, next) })),
  );
  if (kept) emit('done');
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="keep">
    <div class="how">
      <h2>{{ measure.name }}</h2>
      <ol>
        <li v-for="step in measure.how" :key="step">{{ step }}</li>
      </ol>
      <p class="soft small">
        {{ measure.usual ? say.measureForm.usual(measure.usual) : say.measureForm.thereIsNoPublished }}
        <span class="source">({{ measure.source }})</span>
      </p>
    </div>
    <DrillFigure v-if="drill" class="figure" :drill="drill" still :aspect="1" />
    <div class="fields">
      <v-text-field
        v-for="part in PARTS"
        :key="part"
        v-model="typed[part]"
        inputmode="decimal"
        :label="LABELS[part]"
        :suffix="UNIT_WORDS[measure.unit]"
        :error-messages="problemIn(typed[part])"
      />
      <DayField v-model="day" :label="say.measureForm.day" :most="today" />
    </div>
    <p class="acts">
      <v-btn type="submit" :disabled="!complete" :loading="busy">{{ say.measureForm.save }}</v-btn>
      <v-btn variant="text" @click="emit('done')">{{ say.measureForm.cancel }}</v-btn>
    </p>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem 2rem;
  padding: 1.25rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
.how {
  display: grid;
  gap: 0.5rem;
  align-content: start;
}
h2 {
  font-size: 1.2rem;
}
ol {
  padding-left: 1.25rem;
}
.figure {
  width: 9rem;
}
.fields,
.acts {
  grid-column: 1 / -1;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 0.75rem;
  align-items: start;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
@media (max-width: 700px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
