<script setup lang="ts">
import { usePeopleStore } from './people.ts';
import CsvFile from '../fields/CsvFile.vue';
import { say } from './say.ts';

/** People as a CSV file, out and in. */
const people = usePeopleStore();
</script>

<template>
  <CsvFile name="people.csv" :out="say.peopleFile.exportMyPeople" :write="people.exportCsv" :read="people.importCsv">
    {{ say.peopleFile.onePersonALine }}
  </CsvFile>
</template>
