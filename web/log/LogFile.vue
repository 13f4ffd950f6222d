<script setup lang="ts">
import { writeRunCsv } from '@prompt-spark/core/formats/runCsv';
import CsvFile from '../fields/CsvFile.vue';
import { runLine } from './runLine.ts';
import { useRunsStore } from './runs.ts';

/** The log as a CSV file: out goes all that the filters let through, not only what is in sight. */
const runs = useRunsStore();
const write = async () => writeRunCsv((await runs.all()).map(runLine));
</script>

<template>
  <CsvFile name="Log.csv" out="Save as CSV" :write="write" :read="runs.importCsv">
    One run a line (CSV), those that the filters show. What comes in needs its circuit here, by the same name, and its
    group, place and coach where it says them. Runs that are in the log already are left alone.
  </CsvFile>
</template>
