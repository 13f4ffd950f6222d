<script setup lang="ts">
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { TALKS, type Prompt, type SilencedLine, type Talk } from '@prompt-spark/core/prompts/prompt';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { withSaidInstead } from '@prompt-spark/core/prompts/saidInstead';
import { writeWebVtt } from '@prompt-spark/core/formats/webVtt';
import { computed, onScopeDispose, watch } from 'vue';
import { download } from '../../fields/download.ts';
import { useAction } from '../../shell/useAction.ts';
import { useScript } from '../../voice/useScript.ts';
import { useEditingStore } from '../store/editing.ts';
import { useScriptTicksStore } from '../store/scriptTicks.ts';
import { useSheetStore } from '../store/sheet.ts';
import ScriptLine from './ScriptLine.vue';
import { say } from '../say.ts';

/** What the Stage will say, with its seconds: to read, to hear, to change line by line, and to take along as sound and captions. */
const sheet = useSheetStore();
const editing = useEditingStore();
const { script, settings, set, clips, prepare, speaks, utteranceFor } = useScript(
  () => sheet.laid.circuit,
  () => sheet.timeline.segments,
  () => sheet.site?.plates,
);
const { busy, act } = useAction();
const talks: readonly { readonly value: Talk; readonly title: string }[] = TALKS.map((value) => ({
  value,
  title: value === 'names only' ? say.scriptTab.namesAndChanges : value,
}));
const missing = computed(() => script.value.leftOut.filter(({ kind }) => kind === 'cue' || kind === 'name'));
watch([() => sheet.timeline.segments, settings], prepare, { immediate: true });

const marks = useScriptTicksStore();
watch(script, ({ prompts }) => (marks.ticks = prompts.map(({ at }) => at)), { immediate: true });

let context: AudioContext | undefined;
onScopeDispose(() => {
  marks.ticks = [];
  void context?.close();
});

/** Has a line said otherwise in its slot: in other words, not at all, or as it was. */
function put({ slotId, line }: SilencedLine, instead: string | null): void {
  sheet.changeCircuit((circuit) => changeSlot(circuit, slotId, (slot) => withSaidInstead(slot, line, instead)));
}

function hear(prompt: Prompt): Promise<boolean> {
  return act(async () => {
    context ??= new AudioContext();
    await clips.value.play(context, utteranceFor(prompt));
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
    const slots = new Map(allSlots(sheet.laid.circuit).map((slot) => [slot.id, slot]));
    const samples = await renderTrack({
      segments,
      slotOf: ({ slotId }) => slots.get(slotId),
      prompts,
      clips: clips.value,
      utteranceFor,
      ticksEverywhere: settings.value.metronome,
    });
    download(`${fileName.value}.wav`, await trackFile(samples, prompts));
  });
</script>

<template>
  <div class="script-tab">
    <v-select
      :label="say.scriptTab.howMuchIsSaid"
      density="compact"
      :items="[...talks]"
      :model-value="settings.talk"
      @update:model-value="(talk: Talk) => set({ talk })"
    />
    <p v-if="!script.prompts.length" class="soft">{{ say.scriptTab.writeADrill }}</p>
    <ol v-else>
      <ScriptLine
        v-for="prompt in script.prompts"
        :key="`${prompt.at} ${prompt.line}`"
        :prompt="prompt"
        :speaks="speaks === true"
        @select="editing.select(prompt.slotId)"
        @hear="hear(prompt)"
        @say="(instead) => put(prompt, instead)"
      />
    </ol>
    <template v-if="script.silenced.length">
      <h3>{{ say.scriptTab.silenced }}</h3>
      <ul>
        <li v-for="one in script.silenced" :key="one.slotId + one.line" class="silenced">
          <span class="small soft">{{ one.line }}</span>
          <v-btn size="small" variant="text" @click="put(one, null)">{{ say.scriptTab.sayItAgain }}</v-btn>
        </li>
      </ul>
    </template>
    <template v-if="missing.length">
      <h3>{{ say.scriptTab.noRoom }}</h3>
      <ul>
        <li v-for="one in missing" :key="one.slotId + one.text" class="small soft">
          {{ say.scriptTab.inSeconds(one.text, Math.round(one.room)) }}
        </li>
      </ul>
    </template>
    <p class="acts">
      <v-btn variant="outlined" size="small" :loading="busy" :disabled="!speaks" @click="takeTrack">{{
        say.scriptTab.saveAsSound
      }}</v-btn>
      <v-btn variant="outlined" size="small" :disabled="!script.prompts.length" @click="takeCaptions">{{
        say.scriptTab.saveAsCaptions
      }}</v-btn>
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
.silenced {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 0.5rem;
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
