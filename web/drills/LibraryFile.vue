<script setup lang="ts">
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import CsvFile from '../fields/CsvFile.vue';
import { useLibraryStore } from '../library/library.ts';
import { say } from './say.ts';

/** The library as a CSV file, out and in. */
const library = useLibraryStore();
</script>

<template>
  <CsvFile
    name="drills.csv"
    :out="say.libraryFile.exportTheLibrary"
    :write="() => writeDrillCsv(library.library.drills)"
    :read="library.importCsv"
  >
    {{ say.libraryFile.oneDrillALine }}
  </CsvFile>
</template>
