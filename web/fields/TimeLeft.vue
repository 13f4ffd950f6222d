<script setup lang="ts">
import { minuteOfDay, timeOfDay } from '@prompt-spark/core/circuit/wallClock';
import type { Seconds } from '@prompt-spark/core/units';
import { computed, ref, watch } from 'vue';
import { secondsOfDay } from '../wording/clock.ts';
import MinutesField from './MinutesField.vue';
import { say } from './say.ts';

/** How long there is, as minutes left or as the time of day by which it must be over. The one follows the other. */
const { timeZone } = defineProps<{ timeZone: string | undefined }>();
const left = defineModel<Seconds>({ required: true });
const MOST: Seconds = 7200;
const endsAt = (): string => timeOfDay(Math.round(secondsOfDay(new Date(), timeZone) + left.value));
const text = ref(endsAt());
const typed = ref(false);
const problem = computed(() => (minuteOfDay(text.value) === undefined ? say.timeLeft.expectedATimeSuch : ''));

watch(left, () => {
  if (!typed.value) text.value = endsAt();
});

function typeEnd(now: string): void {
  text.value = now;
  const minute = minuteOfDay(now);
  if (minute === undefined) return;
  typed.value = true;
  const day = 86_400;
  const until = (minute * 60 - secondsOfDay(new Date(), timeZone) + day) % day;
  left.value = Math.min(MOST, Math.max(1, Math.floor(until)));
}

function typeLeft(seconds: Seconds): void {
  typed.value = false;
  left.value = seconds;
}
</script>

<template>
  <div class="left">
    <MinutesField
      :label="say.timeLeft.minutesLeft"
      autofocus
      :most="MOST"
      :model-value="left"
      @update:model-value="typeLeft"
    />
    <span class="soft">{{ say.timeLeft.or }}</span>
    <v-text-field
      :label="say.timeLeft.finishBy"
      :model-value="text"
      :error-messages="problem"
      @update:model-value="typeEnd"
      @blur="typed = false"
    />
  </div>
</template>

<style scoped>
.left {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr);
  align-items: center;
  gap: 0.75rem;
}
</style>
