<script setup lang="ts">
import { usePeopleStore } from './people.ts';
import CsvFile from '../fields/CsvFile.vue';

/** People as a CSV file, out and in. */
const people = usePeopleStore();
</script>

<template>
  <CsvFile name="people.csv" out="Export my people" :write="people.exportCsv" :read="people.importCsv">
    One person a line (CSV). The file holds health data: keep it where only their coaches can open it. That it was taken
    out is noted in each person’s record. People whose name is here already are left alone.
  </CsvFile>
</template>
