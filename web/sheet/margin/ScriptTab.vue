<script setup lang="ts">
import { mdiPlay } from '@mdi/js';
import { TALKS, type Prompt, type Talk } from '@prompt-spark/core/prompts/prompt';
import { writeWebVtt } from '@prompt-spark/core/formats/webVtt';
import { computed, onScopeDispose, watch } from 'vue';
import { download } from '../../fields/download.ts';
import { useAction } from '../../shell/useAction.ts';
import { useScript } from '../../voice/useScript.ts';
import { utteranceOf } from '../../voice/spokenClips.ts';
import { clock } from '../../wording/clock.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';

/** What the Stage will say, with its seconds: to read, to hear a line, and to take along as sound and captions. */
const sheet = useSheetStore();
const editing = useEditingStore();
const { script, settings, set, clips, prepare, speaks } = useScript(
  () => sheet.laid.circuit,
  () => sheet.timeline.segments,
  () => sheet.site?.plates,
);
const { busy, act } = useAction();
const talks: readonly { readonly value: Talk; readonly title: string }[] = TALKS.map((value) => ({
  value,
  title: value === 'names only' ? 'names and changes' : value,
}));
const missing = computed(() => script.value.leftOut.filter(({ kind }) => kind === 'cue' || kind === 'name'));
watch([() => sheet.timeline.segments, settings], prepare, { immediate: true });

let context: AudioContext | undefined;
onScopeDispose(() => void context?.close());

function hear(prompt: Prompt): Promise<boolean> {
  return act(async () => {
    context ??= new AudioContext();
    await clips.value.play(context, utteranceOf(prompt, settings.value));
  });
}

const fileName = computed(
  () => sheet.circuit.title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'circuit',
);

function takeCaptions(): void {
  const text = writeWebVtt(sheet.circuit.title, script.value.prompts);
  download(`${fileName.value}.vtt`, new Blob([text], { type: 'text/vtt' }));
}

const takeTrack = () =>
  act(async () => {
    await prepare();
    const { renderTrack, trackFile } = await import('../../sound/audioTrack.ts');
    const { segments } = sheet.timeline;
    const { prompts } = script.value;
    const samples = await renderTrack({ segments, prompts, clips: clips.value, settings: settings.value });
    download(`${fileName.value}.wav`, await trackFile(samples, prompts));
  });
</script>

<template>
  <div class="script-tab">
    <v-select
      label="How much is said"
      density="compact"
      :items="[...talks]"
      :model-value="settings.talk"
      @update:model-value="(talk: Talk) => set({ talk })"
    />
    <p v-if="!script.prompts.length" class="soft">Write a drill, and this shows what will be said.</p>
    <ol v-else>
      <li v-for="prompt in script.prompts" :key="`${prompt.at} ${prompt.text}`">
        <button type="button" class="line" @click="editing.select(prompt.slotId)">
          <span class="clock soft">{{ clock(prompt.at) }}</span> <span :class="prompt.kind">{{ prompt.text }}</span>
        </button>
        <v-btn
          v-if="speaks"
          :icon="mdiPlay"
          size="small"
          variant="text"
          :aria-label="`Hear: ${prompt.text}`"
          @click="hear(prompt)"
        />
      </li>
    </ol>
    <template v-if="missing.length">
      <h3>No room for</h3>
      <ul>
        <li v-for="one in missing" :key="one.slotId + one.text" class="small soft">
          “{{ one.text }}” in {{ Math.round(one.room) }} s
        </li>
      </ul>
    </template>
    <p class="acts">
      <v-btn variant="outlined" size="small" :loading="busy" :disabled="!speaks" @click="takeTrack"
        >Save as sound</v-btn
      >
      <v-btn variant="outlined" size="small" :disabled="!script.prompts.length" @click="takeCaptions"
        >Save as captions</v-btn
      >
    </p>
  </div>
</template>

<style scoped>
.script-tab {
  display: grid;
  gap: 0.75rem;
  font-size: 0.9375rem;
}
ol,
ul {
  list-style: none;
}
ol li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 40px;
  align-items: center;
  border-top: 1px solid var(--line);
}
.line {
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
h3 {
  font-size: 0.9375rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
