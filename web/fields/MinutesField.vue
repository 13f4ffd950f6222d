<script setup lang="ts">
import { mdiMinus, mdiPlus } from '@mdi/js';
import type { Seconds } from '@prompt-spark/core/units';
import { readMinutes } from '@prompt-spark/core/whiteboard/minutes';
import { clock } from '../wording/clock.ts';
import { useTypedText } from './useTypedText.ts';
import { say } from './say.ts';

/** A length of time in a field that says minutes: 6, 6:30, 6.5, 90 s; with a step less and more for a thumb. */
const {
  label,
  modelValue,
  least = 1,
  most = 7200,
  step = 30,
  autofocus,
} = defineProps<{
  label: string;
  modelValue: Seconds;
  least?: Seconds;
  most?: Seconds;
  step?: Seconds;
  autofocus?: boolean;
}>();
const emit = defineEmits<{ 'update:modelValue': [Seconds] }>();

const { text, problem, type, settle } = useTypedText({
  value: () => modelValue,
  // Where there need be no limit, an emptied field is none.
  read: (typed) => (least === 0 && typed.trim() === '' ? { ok: true, value: 0 } : readMinutes(typed, { least, most })),
  write: (seconds) => (seconds > 0 ? clock(seconds) : ''),
  take: (seconds) => emit('update:modelValue', seconds),
});

/** To the next whole step: 6:10 and a step more is 6:30. */
function move(by: 1 | -1): void {
  const reading = readMinutes(text.value, { least: 0 });
  const from = reading.ok ? reading.value : modelValue;
  const to = by > 0 ? Math.floor(from / step) * step + step : Math.ceil(from / step) * step - step;
  const next = Math.min(most, Math.max(least, to));
  type(clock(next));
  settle();
}
</script>

<template>
  <v-text-field
    class="minutes"
    :label="label"
    inputmode="decimal"
    :placeholder="say.minutesField.exampleTime"
    :autofocus="autofocus"
    :model-value="text"
    :error-messages="problem"
    @update:model-value="type"
    @keydown.up.prevent="move(1)"
    @keydown.down.prevent="move(-1)"
    @blur="settle"
  >
    <template #append-inner>
      <button type="button" class="step" :aria-label="say.minutesField.less(label)" @click="move(-1)">
        <v-icon :icon="mdiMinus" size="20" />
      </button>
      <button type="button" class="step" :aria-label="say.minutesField.more(label)" @click="move(1)">
        <v-icon :icon="mdiPlus" size="20" />
      </button>
    </template>
  </v-text-field>
</template>

<style scoped>
.step {
  display: grid;
  place-content: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--damson);
  cursor: pointer;
}
.step:hover {
  background: var(--line);
}
.minutes :deep(.v-field__append-inner) {
  margin-right: -0.6rem;
}
</style>
