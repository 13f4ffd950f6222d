<script setup lang="ts">
import { mdiVolumeHigh } from '@mdi/js';
import { computed, ref } from 'vue';
import { useAction } from '../shell/useAction.ts';
import { tryTheSound } from '../sound/tryTheSound.ts';
import { useVoiceSettings } from '../voice/voiceSettings.ts';
import { say } from './say.ts';

/** Before a run: it begins when the coach presses, or after a count; the first time on a device its sound is tried. */
const { counting, kit, checked } = defineProps<{
  /** Seconds of the count that are left; 0 while nothing is counted. */
  counting: number;
  /** What is to lie ready. */
  kit: readonly string[];
  /** The check was gone through, or there is none. */
  checked: boolean;
}>();
const emit = defineEmits<{ begin: []; checked: []; voice: []; leave: [] }>();
const { settings, set } = useVoiceSettings();
const { busy, act } = useAction();
const tried = ref(false);
/** What is looked at before each start, where that was switched on. */
const checks = computed(() => [
  say.stageWaiting.askedHowEverybody,
  ...(kit.length > 0 ? [say.stageWaiting.putOut(kit.join(', '))] : []),
  say.stageWaiting.floorDryAndClear,
]);
const ticked = ref<readonly string[]>([]);

const isFirst = !settings.value.soundTried;

async function hear(): Promise<void> {
  await act(() => tryTheSound(settings.value));
  tried.value = true;
  set({ soundTried: true });
}
</script>

<template>
  <div class="waiting">
    <slot />
    <section v-if="!checked" class="check" :aria-label="say.stageWaiting.beforeYouStart">
      <v-checkbox
        v-for="one in checks"
        :key="one"
        v-model="ticked"
        :value="one"
        :label="one"
        color="primary"
        density="comfortable"
        hide-details
      />
      <v-btn size="x-large" :disabled="ticked.length < checks.length" @click="emit('checked')">{{
        say.stageWaiting.allChecked
      }}</v-btn>
    </section>
    <p v-if="counting" class="counting clock" role="timer">{{ counting }}</p>
    <v-btn v-if="checked" size="x-large" height="88" class="press" @click="emit('begin')">{{
      counting ? say.stageWaiting.startNow : say.stageWaiting.pressWhenTheyStand
    }}</v-btn>
    <section v-if="isFirst && !counting" class="sound" :aria-label="say.stageWaiting.sound">
      <p v-if="tried">{{ say.stageWaiting.countOfThree }}</p>
      <p v-else>{{ say.stageWaiting.firstTime }}</p>
      <v-btn variant="outlined" :prepend-icon="mdiVolumeHigh" :loading="busy" @click="hear">{{
        tried ? say.stageWaiting.tryItAgain : say.stageWaiting.tryTheSound
      }}</v-btn>
    </section>
    <p class="acts">
      <v-btn variant="text" @click="emit('voice')">{{ say.stageWaiting.startAndVoice }}</v-btn>
      <v-btn variant="text" @click="emit('leave')">{{ say.stageWaiting.back }}</v-btn>
    </p>
  </div>
</template>

<style scoped>
/* The class sees the first drill meanwhile; the press is where the thumb is. */
.waiting {
  position: absolute;
  inset: auto 1rem clamp(1rem, 3vw, 2rem);
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0.75rem 2rem;
  max-width: 54rem;
  margin: 0 auto;
  padding: 1.25rem 1.75rem 0.75rem;
  border-radius: 28px;
  background: var(--card);
  box-shadow: 0 10px 40px rgb(0 0 0 / 45%);
}
.press {
  font-size: clamp(1.05rem, 2vw, 1.6rem);
}
.counting {
  font-size: clamp(4rem, 16vh, 9rem);
  font-weight: 750;
  line-height: 1;
}
.check {
  flex-basis: 100%;
  display: grid;
  justify-items: start;
  gap: 0.35rem;
}
.sound {
  display: grid;
  justify-items: center;
  gap: 0.5rem;
  max-width: 24rem;
  text-align: center;
}
.acts {
  flex-basis: 100%;
  display: flex;
  justify-content: center;
  gap: 0.5rem;
}
</style>
