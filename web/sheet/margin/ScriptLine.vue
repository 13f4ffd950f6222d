<script setup lang="ts">
import { mdiPencilOutline, mdiPlay } from '@mdi/js';
import { MOST_CUE } from '@prompt-spark/core/circuit/bounds';
import type { Prompt } from '@prompt-spark/core/prompts/prompt';
import { ref } from 'vue';
import { clock } from '../../wording/clock.ts';
import { say } from '../say.ts';

/** A line of the script with its second: to hear, to put in one's own words, or to silence. */
const { prompt, speaks } = defineProps<{ prompt: Prompt; speaks: boolean }>();
const emit = defineEmits<{ select: []; hear: []; say: [instead: string | null] }>();
const open = ref(false);
const text = ref('');

function toggle(): void {
  text.value = prompt.text;
  open.value = !open.value;
}

function put(instead: string | null): void {
  open.value = false;
  emit('say', instead);
}
</script>

<template>
  <li>
    <div class="read">
      <button type="button" class="line" @click="emit('select')">
        <span class="clock soft">{{ clock(prompt.at) }}</span> <span :class="prompt.kind">{{ prompt.text }}</span>
      </button>
      <v-btn
        v-if="speaks"
        :icon="mdiPlay"
        size="small"
        variant="text"
        :aria-label="say.scriptLine.hear(prompt.text)"
        @click="emit('hear')"
      />
      <v-btn
        :icon="mdiPencilOutline"
        size="small"
        variant="text"
        :aria-expanded="open"
        :aria-label="say.scriptLine.change(prompt.text)"
        @click="toggle"
      />
    </div>
    <form v-if="open" class="change" @submit.prevent="put(text)">
      <v-text-field v-model="text" :label="say.scriptLine.sayInstead" :maxlength="MOST_CUE" hide-details autofocus />
      <p class="acts">
        <v-btn type="submit" size="small">{{ say.scriptLine.save }}</v-btn>
        <v-btn size="small" variant="text" @click="put('')">{{ say.scriptLine.silence }}</v-btn>
        <v-btn v-if="prompt.text !== prompt.line" size="small" variant="text" @click="put(null)">{{
          say.scriptLine.asIt
        }}</v-btn>
      </p>
    </form>
  </li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--line);
}
.read {
  display: flex;
  align-items: center;
}
.line {
  flex: 1;
  min-width: 0;
  display: grid;
  grid-template-columns: 3rem minmax(0, 1fr);
  align-items: baseline;
  min-height: 44px;
  padding: 0.3rem 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.name {
  font-weight: 600;
}
.change {
  display: grid;
  gap: 0.5rem;
  padding: 0.25rem 0 0.75rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}
</style>
