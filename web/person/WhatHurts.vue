<script setup lang="ts">
import { HURTS, type Hurt } from '@prompt-spark/core/people/hurts';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { limitationOf } from '@prompt-spark/core/people/limitations';
import { computed, ref } from 'vue';
import { say } from './say.ts';

/** What hurts, in the words it is said in: one tap, and one question where it makes a difference. */
const { limits } = defineProps<{ limits: readonly Limit[] }>();
const emit = defineEmits<{ change: [limits: readonly Limit[]] }>();

const asked = ref<Hurt | null>(null);
const has = (limitationId: string): boolean =>
  limits.some((limit) => limit.kind === 'known' && limit.limitationId === limitationId);
const hurts = computed(() =>
  HURTS.map((hurt) => ({ ...hurt, hurt, on: hurt.when.some(({ limitationId }) => has(limitationId)) })),
);

function tap(hurt: Hurt): void {
  const [only, ...more] = hurt.when;
  if (more.length > 0) asked.value = asked.value === hurt ? null : hurt;
  else if (only) toggle(only.limitationId);
}

function toggle(limitationId: string): void {
  const others = limits.filter((limit) => limit.kind !== 'known' || limit.limitationId !== limitationId);
  const added: Limit = { kind: 'known', limitationId, severity: 'ease', side: 'both', until: '' };
  emit('change', others.length < limits.length ? others : [...limits, added]);
}
</script>

<template>
  <fieldset>
    <legend>{{ say.whatHurts.whatHurtsOrNeeds }}</legend>
    <div class="chips">
      <button
        v-for="{ where, when, hurt, on } in hurts"
        :key="where"
        type="button"
        :class="{ on }"
        :aria-pressed="when.length === 1 ? on : undefined"
        :aria-expanded="when.length > 1 ? asked === hurt : undefined"
        @click="tap(hurt)"
      >
        {{ where }}
      </button>
    </div>
    <div v-if="asked" class="asked" role="group" :aria-label="say.whatHurts.whatSetsOff(asked.where)">
      <p>{{ say.whatHurts.whatSetsItOff }}</p>
      <label v-for="{ words, limitationId } in asked.when" :key="limitationId">
        <input type="checkbox" :checked="has(limitationId)" @change="toggle(limitationId)" />
        <span
          >{{ words }} <span class="soft small">{{ limitationOf(limitationId)?.means }}</span></span
        >
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
}
legend {
  margin-bottom: 0.5rem;
  font-weight: 600;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.chips button {
  min-height: 44px;
  padding: 0 1rem;
  border: 1px solid var(--line);
  border-radius: 22px;
  background: none;
  color: var(--ink);
  font: 500 0.9375rem var(--text);
  cursor: pointer;
}
.chips .on {
  border-color: var(--damson);
  background: var(--damson);
  color: var(--ground);
}
.asked {
  display: grid;
  gap: 0.1rem;
  margin-top: 0.75rem;
  padding: 0.75rem 1rem;
  border-left: 3px solid var(--spark);
}
.asked label {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
}
.asked input {
  width: 20px;
  height: 20px;
  accent-color: var(--damson);
}
</style>
