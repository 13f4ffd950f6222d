<script setup lang="ts">
import { SHEET_KEYS } from './useSheetKeys.ts';

/** All keys of the sheet. */
const shown = defineModel<boolean>({ required: true });
</script>

<template>
  <v-dialog v-model="shown" aria-label="Keys">
    <v-card class="keys" rounded="lg">
      <h2>Keys on the sheet</h2>
      <dl>
        <template v-for="[key, does] in SHEET_KEYS" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
      <v-btn @click="shown = false">Close</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.keys {
  display: grid;
  justify-items: start;
  gap: 1rem;
  padding: 1.5rem;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem 1rem;
  align-items: center;
}
</style>
