<script setup lang="ts">
import { computed } from 'vue';
import { useDeskStore } from '../../stores/desk.ts';
import { useLibraryStore } from '../../stores/library.ts';
import { useSheetStore } from '../../stores/sheet.ts';
import { marginNotes } from './marginNotes.ts';

/** What there is to say about the circuit, each note with what to do about it. */
const sheet = useSheetStore();
const desk = useDeskStore();
const library = useLibraryStore();
const notes = computed(() => marginNotes(sheet.circuit, sheet.timeline, library.library));
</script>

<template>
  <aside :class="['notes', { quiet: !notes.length }]" aria-label="Margin notes">
    <h2>
      Notes <span v-if="notes.length" class="soft">{{ notes.length }}</span>
    </h2>
    <p v-if="!notes.length" class="soft small">Nothing to say against this one.</p>
    <article v-for="note in notes" :key="note.id" :class="note.severity">
      <h3>{{ note.title }}</h3>
      <p class="soft">{{ note.words }}</p>
      <button v-if="note.lineId" type="button" @click="desk.select(note.lineId)">Show the line</button>
      <button
        v-for="fix in note.fixes"
        :key="fix.text"
        type="button"
        @click="desk.rewrite(note.lineId ?? '', fix.text)"
      >
        {{ fix.label }}
      </button>
    </article>
  </aside>
</template>

<style scoped>
.notes {
  display: flex;
  flex-direction: column;
  gap: 1.1rem;
  padding: 1rem;
  border-left: 1px solid var(--line);
  background: var(--card);
}
h2 {
  font-size: 1.05rem;
}
article {
  display: grid;
  justify-items: start;
  gap: 0.25rem;
  padding-left: 0.75rem;
  border-left: 3px solid var(--soft);
  font-size: 0.9375rem;
  line-height: 1.4;
}
article.warn {
  border-color: var(--brick);
}
h3 {
  font-family: var(--text);
  font-size: 0.9375rem;
  line-height: 1.3;
}
button {
  min-height: 32px;
  border: 0;
  background: none;
  font: 600 0.9375rem/1.3 var(--text);
  color: var(--damson);
  text-align: left;
  cursor: pointer;
}
@media (max-width: 700px) {
  .notes {
    border-left: 0;
  }
  .notes.quiet {
    display: none;
  }
  .notes {
    border-bottom: 1px solid var(--line);
  }
}
</style>
