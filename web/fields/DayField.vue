<script setup lang="ts">
import { mdiCalendarBlankOutline } from '@mdi/js';
import { computed } from 'vue';
import { calendarDay, firstWeekday } from '../wording/clock.ts';
import { clockStyle } from '../wording/clockStyle.ts';

/** A calendar day, YYYY-MM-DD or empty for none: typed in the coach's order of day and month, or found on a calendar. */
const {
  modelValue,
  least = '',
  most = '',
  clearable,
  density = 'comfortable',
  errorMessages = '',
} = defineProps<{
  label: string;
  modelValue: string;
  least?: string;
  most?: string;
  clearable?: boolean;
  density?: 'compact' | 'comfortable';
  errorMessages?: string;
}>();
const emit = defineEmits<{ 'update:modelValue': [day: string] }>();

/** A day as the calendar takes it: midnight where the browser is. */
function midnight(day: string): Date | undefined {
  const [year = NaN, month = NaN, date = NaN] = day.split('-').map(Number);
  const at = new Date(year, month - 1, date);
  return Number.isNaN(at.getTime()) ? undefined : at;
}
const chosen = computed(() => midnight(modelValue) ?? null);
const bounds = computed(() => ({
  ...(midnight(least) ? { min: midnight(least) } : {}),
  ...(midnight(most) ? { max: midnight(most) } : {}),
}));

/** The whole field opens the calendar; it is a box round the field for who hears it, and a box can be neither open nor shut. */
const SILENT_BOX = {
  'aria-haspopup': undefined,
  'aria-expanded': undefined,
  'aria-controls': undefined,
  'aria-owns': undefined,
};

function take(date: unknown): void {
  emit('update:modelValue', date instanceof Date ? calendarDay(date) : '');
}
</script>

<template>
  <v-date-input
    v-bind="bounds"
    :label="label"
    :density="density"
    :error-messages="errorMessages"
    :input-format="clockStyle.first === 'day' ? 'dd/mm/yyyy' : 'mm/dd/yyyy'"
    :first-day-of-week="firstWeekday()"
    :clearable="clearable"
    :model-value="chosen"
    :menu-props="{ activatorProps: SILENT_BOX }"
    :picker-props="{ width: 368 }"
    prepend-icon=""
    :append-inner-icon="mdiCalendarBlankOutline"
    @update:model-value="take"
  />
</template>
