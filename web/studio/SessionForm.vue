<script setup lang="ts">
import type { HoldsBefore, MainSession } from '@prompt-spark/core/approach/mainSession';
import { TARGETS, type Target } from '@prompt-spark/core/drills/target';
import { targetWords } from '../wording/targetWords.ts';
import { capital } from '../wording/capital.ts';
import { computed, ref } from 'vue';
import { useForm } from '../fields/useForm.ts';
import FormFrame from '../fields/FormFrame.vue';
import { useStandardsStore } from '../library/standards.ts';
import { say } from './say.ts';

/** Changes a main session of the studio's own: its name, the words it is known by, and what it needs. */
const { start } = defineProps<{ start: MainSession }>();
const emit = defineEmits<{ done: [] }>();
const standards = useStandardsStore();
const draft = ref<MainSession>(start);
const words = ref(start.words.join(', '));

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/standard')).mainSessionSchema,
  async (session) => {
    await standards.keepSession(session);
    emit('done');
  },
);
const HOLDS: readonly { readonly value: HoldsBefore; readonly title: string }[] = [
  { value: 'usual', title: say.sessionForm.asTheApproachSays },
  { value: 'short', title: say.sessionForm.shortItIsFast },
  { value: 'free', title: say.sessionForm.asLong },
];
const said = (target: Target) => capital(targetWords(target));
const chosen = computed(() => TARGETS.filter((target) => draft.value.needs[target] !== undefined));
const rest = computed(() =>
  TARGETS.filter((target) => draft.value.needs[target] === undefined).map((value) => ({ value, title: said(value) })),
);

function setNeed(target: Target, need: number): void {
  const { [target]: _, ...others } = draft.value.needs;
  draft.value = { ...draft.value, needs: need > 0 ? { ...others, [target]: need } : others };
}

function keep(): Promise<void> {
  const list = words.value
    .split(',')
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean);
  return submit({ ...draft.value, words: [...new Set(list)] });
}
</script>

<template>
  <FormFrame
    :save="say.sessionForm.saveSession"
    :trouble="trouble"
    :errors="errors"
    :busy="busy"
    :leave="null"
    @keep="keep"
    @cancel="emit('done')"
  >
    <div class="fields">
      <v-text-field
        :label="say.sessionForm.name"
        maxlength="60"
        :model-value="draft.name"
        :error-messages="errors['/name'] ?? errors['/document/name'] ?? ''"
        @update:model-value="(name: string) => (draft = { ...draft, name })"
      />
      <v-text-field
        v-model="words"
        class="wide"
        :label="say.sessionForm.wordsItIsKnown"
        :error-messages="errors['/words'] ?? ''"
      />
    </div>
    <ul class="needs">
      <li v-for="target in chosen" :key="target">
        <span>{{ said(target) }}</span>
        <v-slider
          :aria-label="said(target)"
          :min="0"
          :max="1"
          :step="0.1"
          hide-details
          color="primary"
          :model-value="draft.needs[target] ?? 0"
          @update:model-value="(need) => setNeed(target, Math.round(need * 10) / 10)"
        />
        <span class="clock">{{ Math.round((draft.needs[target] ?? 0) * 100) }}</span>
      </li>
    </ul>
    <v-autocomplete
      class="more"
      :label="say.sessionForm.addSomethingItNeeds"
      :items="rest"
      :model-value="null"
      @update:model-value="(target: Target | null) => target && setNeed(target, 0.5)"
    />
    <v-select
      class="more"
      :label="say.sessionForm.staticHoldsBefore"
      :items="HOLDS"
      :model-value="draft.holds"
      @update:model-value="(holds: HoldsBefore) => (draft = { ...draft, holds })"
    />
  </FormFrame>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.needs {
  display: grid;
  gap: 0.25rem;
  max-width: 44rem;
  list-style: none;
}
.needs li {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr) 2.5rem;
  align-items: center;
  gap: 0.75rem;
}
.more {
  max-width: 24rem;
}
@media (max-width: 700px) {
  .needs li {
    grid-template-columns: minmax(0, 1fr) 2.5rem;
  }
  .needs li span:first-child {
    grid-column: 1 / -1;
  }
}
</style>
