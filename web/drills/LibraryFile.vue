<script setup lang="ts">
import { writeDrillCsv } from '@prompt-spark/core/formats/drillCsv';
import CsvFile from '../fields/CsvFile.vue';
import { useLibraryStore } from '../library/library.ts';

/** The library as a CSV file, out and in. */
const library = useLibraryStore();
</script>

<template>
  <CsvFile
    name="drills.csv"
    out="Export the library"
    :write="() => writeDrillCsv(library.library.drills)"
    :read="library.importCsv"
  >
    One drill a line (CSV). Take the library out, change or add lines in any spreadsheet, and bring it back: lines that
    are here already are left alone.
  </CsvFile>
</template>
