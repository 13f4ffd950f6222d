<script setup lang="ts">
import { computed } from 'vue';
import { useStandardsStore } from '../../library/standards.ts';
import { useAction } from '../../shell/useAction.ts';
import { capital } from '../../wording/capital.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** Asks what the main session is; of one that nobody knows, what it is most like, and remembers it for the studio. */
const sheet = useSheetStore();
const standards = useStandardsStore();
const { busy, act } = useAction();
const said = computed(() => sheet.laid.circuit.purpose.trim());
const items = computed(() => standards.sessions.map(({ id, name }) => ({ value: id, title: name })));

/** Letters in a word that a main session is known by, and in its name. */
const MOST_WORD = 40;

async function choose(id: string): Promise<void> {
  const like = standards.sessions.find((session) => session.id === id);
  if (!like) return;
  // A word is known again only where it ends with a word: a long text is cut between two of them.
  const whole = said.value.length > MOST_WORD ? said.value.slice(0, MOST_WORD + 1).replace(/\s\S*$/, '') : said.value;
  const word = whole.slice(0, MOST_WORD).trim().toLowerCase();
  if (word === '') {
    sheet.changeCircuit((circuit) => ({ ...circuit, purpose: like.name.toLowerCase() }));
    return;
  }
  const own = { id: crypto.randomUUID(), name: capital(word), words: [word], needs: like.needs, holds: like.holds };
  await act(() => standards.keepSession(own));
}
</script>

<template>
  <p v-if="said === ''" class="soft">
    {{ say.sessionQuestion.sayWhatTheMain }}
  </p>
  <p v-else>
    <strong>{{ say.sessionQuestion.quoted(said) }}</strong> {{ say.sessionQuestion.isNewHereWhat }}
  </p>
  <v-select
    :label="said === '' ? say.sessionQuestion.mainSession : say.sessionQuestion.mostLike"
    :items="items"
    :loading="busy"
    :model-value="null"
    @update:model-value="(id: string | null) => id && choose(id)"
  />
</template>
