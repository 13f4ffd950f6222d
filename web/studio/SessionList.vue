<script setup lang="ts">
import type { MainSession } from '@prompt-spark/core/approach/mainSession';
import { TARGETS } from '@prompt-spark/core/drills/target';
import { targetWords } from '@prompt-spark/core/drills/targetWords';
import { mdiPlus } from '@mdi/js';
import { ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useStandardsStore } from '../library/standards.ts';
import SessionForm from './SessionForm.vue';

/** The main sessions: what each needs a warm-up to prepare. */
const standards = useStandardsStore();
const editing = ref<MainSession | null>(null);
const { act } = useAction();

const isOwn = ({ id }: MainSession) => standards.versionOf(id) !== null;
/** The first few needs, the greatest first. */
function needs({ needs: of }: MainSession): string {
  const ranked = TARGETS.filter((target) => (of[target] ?? 0) > 0).toSorted((a, b) => (of[b] ?? 0) - (of[a] ?? 0));
  const more = ranked.length > 5 ? ` and ${ranked.length - 5} more` : '';
  return ranked.slice(0, 5).map(targetWords).join(', ') + more;
}

function add(): void {
  editing.value = { id: crypto.randomUUID(), name: '', words: [], needs: {}, holds: 'usual' };
}

function copy(session: MainSession): void {
  editing.value = { ...session, id: crypto.randomUUID(), name: `${session.name}, our way` };
}

const takeOut = (session: MainSession) => act(() => standards.takeOutSession(session.id));
</script>

<template>
  <SessionForm v-if="editing" :key="editing.id" :start="editing" @done="editing = null" />
  <template v-else>
    <p class="soft about">
      What a session needs decides what a warm-up is missing, and what is kept when time is short. A circuit finds its
      session by the words in “for”.
    </p>
    <p>
      <v-btn :prepend-icon="mdiPlus" variant="outlined" @click="add">Add a main session</v-btn>
    </p>
    <UnreadableNote
      what="main session of your own"
      :unreadable="standards.unreadable.sessions"
      @take-out="(id) => act(() => standards.takeOutSession(id))"
    />
    <ul class="list">
      <li v-for="session in standards.sessions" :key="session.id">
        <div>
          <h2>{{ session.name }}</h2>
          <p>{{ needs(session) }}</p>
          <p class="soft small">known by: {{ session.words.join(', ') }}</p>
        </div>
        <p class="acts">
          <v-btn variant="text" @click="copy(session)">Copy and edit</v-btn>
          <template v-if="isOwn(session)">
            <v-btn variant="outlined" @click="editing = session">Edit</v-btn>
            <v-btn variant="text" @click="takeOut(session)">Remove</v-btn>
          </template>
        </p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
