<script setup lang="ts">
import { mdiClockOutline } from '@mdi/js';
import { minuteOfDay } from '@prompt-spark/core/circuit/wallClock';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { ref } from 'vue';
import { minuteWords } from '../wording/clock.ts';
import { clockStyle } from '../wording/clockStyle.ts';
import { useTypedText } from './useTypedText.ts';
import { say } from './say.ts';

/** A time of day, in minutes from midnight: typed as anybody says it, or set on a clock face. */
const { modelValue } = defineProps<{ label: string; modelValue: number }>();
const emit = defineEmits<{ 'update:modelValue': [minute: number] }>();
const open = ref(false);

const { text, problem, type, settle } = useTypedText({ value: () => modelValue, read, write: minuteWords, take });

function read(typed: string): FieldReading<number> {
  const minute = minuteOfDay(typed, true);
  if (minute !== undefined) return { ok: true, value: minute };
  return { ok: false, expected: say.timeField.expectedATimeSuch(minuteWords(18 * 60 + 30)) };
}

function take(minute: number): void {
  emit('update:modelValue', minute);
}

/** The clock face gives 18:30. */
function setOnFace(time: string | null): void {
  if (time === null) return;
  type(time);
  settle();
}
const faceTime = (): string => `${String(Math.floor(modelValue / 60))}:${String(modelValue % 60).padStart(2, '0')}`;
</script>

<template>
  <v-text-field :label="label" :model-value="text" :error-messages="problem" @update:model-value="type" @blur="settle">
    <template #append-inner>
      <v-menu v-model="open" :close-on-content-click="false" location="bottom end">
        <template #activator="{ props: opens }">
          <button v-bind="opens" type="button" class="face" :aria-label="say.timeField.onAClock(label)">
            <v-icon :icon="mdiClockOutline" size="20" />
          </button>
        </template>
        <v-time-picker
          title=""
          :format="clockStyle.hours === 24 ? '24hr' : 'ampm'"
          :model-value="faceTime()"
          @update:model-value="setOnFace"
          @update:minute="open = false"
        />
      </v-menu>
    </template>
  </v-text-field>
</template>

<style scoped>
.face {
  display: grid;
  place-content: center;
  width: 44px;
  height: 44px;
  margin-right: -0.6rem;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--damson);
  cursor: pointer;
}
.face:hover {
  background: var(--line);
}
</style>
