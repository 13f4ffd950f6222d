<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp } from '@mdi/js';
import type { Approach } from '@prompt-spark/core/approach/approach';
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import { computed } from 'vue';
import NumberField from '../fields/NumberField.vue';
import { phaseName } from '../wording/phases.ts';
import { say } from './say.ts';

/** The order of an approach's phases, each one's share of the time, and which are kept however short it is. */
const { approach } = defineProps<{ approach: Approach }>();
const emit = defineEmits<{ change: [part: Partial<Approach>] }>();

const left = computed(() => PHASES.filter((phase) => !approach.order.includes(phase)));
const percent = (phase: Phase) => Math.round((approach.shares[phase] ?? 0) * 100);
const sum = computed(() => approach.order.reduce((all, phase) => all + percent(phase), 0));

function carry(index: number, by: -1 | 1): void {
  const phase = approach.order[index];
  if (!phase) return;
  emit('change', { order: approach.order.toSpliced(index, 1).toSpliced(index + by, 0, phase) });
}

function toggleEssential(phase: Phase, on: boolean): void {
  const others = approach.essential.filter((one) => one !== phase);
  emit('change', { essential: on ? [...others, phase] : others });
}

function takeOut(phase: Phase): void {
  const { [phase]: _, ...shares } = approach.shares;
  emit('change', {
    order: approach.order.filter((one) => one !== phase),
    essential: approach.essential.filter((one) => one !== phase),
    shares,
  });
}
</script>

<template>
  <fieldset>
    <legend>
      {{ say.phaseShares.orderAndShare }}
      <span :class="['sum', { off: sum !== 100 }]">{{ say.phaseShares.total(sum) }}</span>
    </legend>
    <ol>
      <li v-for="(phase, index) in approach.order" :key="phase">
        <span class="name">{{ phaseName(phase) }}</span>
        <NumberField
          class="share"
          :label="`${phaseName(phase)}, %`"
          :most="100"
          :model-value="percent(phase)"
          @update:model-value="(value) => emit('change', { shares: { ...approach.shares, [phase]: value / 100 } })"
        />
        <v-checkbox
          :label="say.phaseShares.essential"
          hide-details
          :model-value="approach.essential.includes(phase)"
          @update:model-value="(on) => toggleEssential(phase, on === true)"
        />
        <v-btn
          :icon="mdiArrowUp"
          variant="text"
          :aria-label="say.phaseShares.earlier(phaseName(phase))"
          :disabled="index === 0"
          @click="carry(index, -1)"
        />
        <v-btn
          :icon="mdiArrowDown"
          variant="text"
          :aria-label="say.phaseShares.later(phaseName(phase))"
          :disabled="index === approach.order.length - 1"
          @click="carry(index, 1)"
        />
        <v-btn variant="text" :disabled="approach.order.length === 1" @click="takeOut(phase)">{{
          say.phaseShares.leaveOut
        }}</v-btn>
      </li>
    </ol>
    <p v-if="left.length">
      <span class="soft small">{{ say.phaseShares.without }}</span>
      <v-btn
        v-for="phase in left"
        :key="phase"
        variant="text"
        @click="emit('change', { order: [...approach.order, phase] })"
        >{{ say.phaseShares.add(phase) }}</v-btn
      >
    </p>
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
.sum {
  margin-left: 0.75rem;
  color: var(--soft);
}
.sum.off {
  color: var(--brick);
}
ol {
  display: grid;
  gap: 0.25rem;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 0.75rem;
}
.name {
  width: 6rem;
  font-weight: 600;
}
.share {
  flex: 0 0 9rem;
}
</style>
