<script setup lang="ts">
import { mdiAlertOctagonOutline, mdiAlertOutline, mdiNoteTextOutline } from '@mdi/js';
import type { Severity } from '@prompt-spark/core/review/finding';
import { fixed } from '@prompt-spark/core/review/fix';
import { useEditingStore } from '../store/editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import type { MarginNote } from './marginNotes.ts';
import { say } from '../say.ts';

/** What there is to say about the circuit, each note with what to do about it. */
defineProps<{ notes: readonly MarginNote[] }>();
const sheet = useSheetStore();
const editing = useEditingStore();
const library = useLibraryStore();

const SIGN: Readonly<Record<Severity, { readonly icon: string; readonly word: string }>> = {
  stop: { icon: mdiAlertOctagonOutline, word: say.marginNotes.doNotRun },
  warn: { icon: mdiAlertOutline, word: say.marginNotes.worthChanging },
  note: { icon: mdiNoteTextOutline, word: say.marginNotes.worthKnowing },
};

function mend({ fix }: MarginNote): void {
  if (fix) sheet.changeCircuit((circuit) => fixed(circuit, fix.change, library.library));
}
</script>

<template>
  <div class="notes">
    <p v-if="!notes.length" class="soft small">{{ say.marginNotes.looksGoodNothing }}</p>
    <article v-for="note in notes" :key="note.id" :class="note.severity">
      <h3>
        <v-icon :icon="SIGN[note.severity].icon" size="17" :aria-label="SIGN[note.severity].word" /> {{ note.title }}
      </h3>
      <p class="soft">
        {{ note.words }} <span v-if="note.source" class="source">({{ note.source }})</span>
      </p>
      <p class="acts">
        <button v-if="note.fix" class="fix" type="button" @click="mend(note)">{{ note.fix.label }}</button>
        <button
          v-for="rewrite in note.rewrites"
          :key="rewrite.text"
          class="fix"
          type="button"
          @click="editing.rewrite(note.lineIds[0] ?? '', rewrite.text)"
        >
          {{ rewrite.label }}
        </button>
        <button v-if="note.lineIds.length" type="button" @click="editing.pickAll(note.lineIds)">
          {{ note.lineIds.length > 1 ? say.marginNotes.showThem : say.marginNotes.showTheLine }}
        </button>
      </p>
    </article>
  </div>
</template>

<style scoped>
.notes {
  display: flex;
  flex-direction: column;
  gap: 1.1rem;
}
article {
  display: grid;
  justify-items: start;
  gap: 0.2rem;
  padding-left: 0.75rem;
  border-left: 3px solid var(--line);
  font-size: 0.9375rem;
  line-height: 1.4;
}
article.warn,
article.stop {
  border-color: var(--brick);
}
article.stop {
  border-left-width: 6px;
}
.warn h3 :deep(.v-icon),
.stop h3 :deep(.v-icon) {
  color: var(--brick);
}
h3 {
  font-family: var(--text);
  font-size: 0.9375rem;
  line-height: 1.3;
}
.source {
  font-size: var(--size-small);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.9rem;
}
button {
  min-height: var(--tap);
  padding: 0;
  border: 0;
  background: none;
  font: 600 0.9375rem/1.3 var(--text);
  color: var(--damson);
  text-align: left;
  cursor: pointer;
}
.fix {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
