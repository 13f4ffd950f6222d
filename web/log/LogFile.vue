<script setup lang="ts">
import { writeRunCsv } from '@prompt-spark/core/formats/runCsv';
import CsvFile from '../fields/CsvFile.vue';
import { runLine } from './runLine.ts';
import { useRunsStore } from './runs.ts';
import { say } from './say.ts';

/** The log as a CSV file: out goes all that the filters let through, not only what is in sight. */
const runs = useRunsStore();
const write = async () => writeRunCsv((await runs.all()).map(runLine));
</script>

<template>
  <CsvFile name="Log.csv" :out="say.logFile.saveAsCsv" :write="write" :read="runs.importCsv">
    {{ say.logFile.oneRunALine }}
  </CsvFile>
</template>
