<script setup lang="ts">
import { mdiDownload, mdiUpload } from '@mdi/js';
import type { ImportReport } from '@prompt-spark/contract/import';
import { ref, useTemplateRef } from 'vue';
import { download } from './download.ts';
import { useImport } from './useImport.ts';
import { say } from './say.ts';

/** Faults of a file that the server tells (contract/import.ts). */
const MOST_PROBLEMS = 100;

/** Something as a CSV file, out and in. What comes in comes in whole, or not at all with a report line by line. */
const { name, write, read } = defineProps<{
  name: string;
  /** What the button that takes it out says. */
  out: string;
  write: () => string | Promise<string>;
  read: (csv: string, importId: string) => Promise<ImportReport>;
}>();
const input = useTemplateRef<HTMLInputElement>('input');
const report = ref<ImportReport | null>(null);
const trouble = ref('');
const { progress, importing, run, callOff } = useImport();

async function save(): Promise<void> {
  trouble.value = '';
  try {
    offer(await write());
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : say.csvFile.fileCouldNot;
  }
}

function offer(csv: string): void {
  download(name, new Blob([csv], { type: 'text/csv' }));
}

async function take(): Promise<void> {
  const field = input.value;
  const file = field?.files?.[0];
  if (!field || !file) return;
  report.value = null;
  trouble.value = '';
  try {
    const csv = await file.text();
    report.value = await run((importId) => read(csv, importId));
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : say.csvFile.fileCouldNotBeTaken;
  }
  field.value = '';
}
</script>

<template>
  <section class="file" :aria-label="say.csvFile.importOrExport">
    <p class="soft"><slot /></p>
    <div class="acts">
      <v-btn variant="outlined" :prepend-icon="mdiDownload" @click="save">{{ out }}</v-btn>
      <v-btn variant="outlined" :prepend-icon="mdiUpload" :disabled="importing" @click="input?.click()">{{
        say.csvFile.importAFile
      }}</v-btn>
      <input
        ref="input"
        class="visually-hidden"
        type="file"
        accept=".csv,text/csv"
        :aria-label="say.csvFile.csvFile"
        tabindex="-1"
        @change="take"
      />
    </div>
    <div v-if="importing" class="acts" role="status">
      <p>{{ progress }}</p>
      <v-btn variant="outlined" @click="callOff">{{ say.csvFile.cancel }}</v-btn>
    </div>
    <p v-if="trouble" class="bad" role="alert">{{ trouble }}</p>
    <div v-if="report" role="status">
      <p v-if="!report.problems.length">{{ say.csvFile.addedAlreadyHere(report.added, report.same) }}</p>
      <template v-else>
        <p class="bad">
          {{ say.csvFile.nothingWasImported(report.problems.length, report.problems.length === MOST_PROBLEMS) }}
        </p>
        <ol>
          <li v-for="problem in report.problems.slice(0, 20)" :key="`${problem.line} ${problem.message}`">
            {{ say.csvFile.line(problem.line, problem.message) }}
          </li>
        </ol>
      </template>
    </div>
  </section>
</template>

<style scoped>
.file {
  display: grid;
  gap: 0.75rem;
  padding: 1rem 1.25rem;
  margin-bottom: 1rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
}
.bad {
  font-weight: 600;
  color: var(--brick);
}
ol {
  padding-left: 1.25rem;
}
</style>
