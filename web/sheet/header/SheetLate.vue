<script setup lang="ts">
import { computed } from 'vue';
import LateDialog from '../../late/LateDialog.vue';
import { firstBudget } from '../../late/fitWords.ts';
import { useSheetStore } from '../store/sheet.ts';

/** We are late, for the circuit on the desk. By itself, so that the desk is not drawn anew with every letter on it. */
const shown = defineModel<boolean>({ required: true });
const sheet = useSheetStore();
const first = computed(() => firstBudget(sheet.timeline.total.plan, sheet.circuit.available));
</script>

<template>
  <LateDialog v-model="shown" :circuit-id="sheet.id" :draft="sheet.draft" :session-id="null" :first="first" />
</template>
