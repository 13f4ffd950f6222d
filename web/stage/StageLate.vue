<script setup lang="ts">
import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { PLAIN_RECIPE } from '@prompt-spark/core/circuit/shortVersion';
import type { Refit } from '@prompt-spark/core/fit/refitRun';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useOccasionsStore } from '../occasion/occasions.ts';
import TimeLeft from '../fields/TimeLeft.vue';
import { useLibraryStore } from '../library/library.ts';
import type { StageConductor } from './useStageRun.ts';
import { FitWork } from '../late/fitWork.ts';
import { WorkFailed } from '../workers/workshop.ts';
import { say } from './say.ts';

/** We are late, on the Stage: what is still to come is fitted to the minutes left while the clock runs on. */
const { run, draft } = defineProps<{ run: StageConductor; draft: CircuitDraft }>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ refit: [refit: Refit] }>();
const library = useLibraryStore();
const occasions = useOccasionsStore();
const left = ref(60);
const busy = ref(false);
const trouble = ref('');
/** Why it could not be fitted; empty while it can. */
const failed = ref('');
const work = new FitWork();
/** The instant by which it must be over, on the run's own clock: typing takes time too. */
const until = ref(0);
const remaining = computed(() => Math.max(1, Math.round(run.total.value - run.position.value)));

watch(shown, (open) => {
  if (!open) return;
  trouble.value = '';
  failed.value = '';
  work.warm();
  left.value = remaining.value;
  until.value = run.position.value + left.value;
});
watch(left, (seconds) => {
  until.value = run.position.value + seconds;
});

async function refit(): Promise<void> {
  busy.value = true;
  failed.value = '';
  run.look();
  // Nobody's limits are asked for on a shared screen, so no drill is brought in that was not planned.
  const occasion = { ...occasions.of(draft), ceilings: null };
  const position = run.position.value;
  const place = { segments: run.segments.value, position, left: until.value - position };
  const found = await work.refit(draft.circuit, occasion, PLAIN_RECIPE, place).catch((error: unknown) => {
    if (!(error instanceof WorkFailed)) throw error;
    failed.value = say.stageLate.couldNot(error.message);
    return undefined;
  });
  busy.value = false;
  if (!found) return;
  if (!found.inTime && trouble.value === '') {
    trouble.value = say.stageLate.itCannotEnd;
    return;
  }
  emit('refit', found);
}

onBeforeUnmount(() => work.end());
</script>

<template>
  <v-dialog v-model="shown" :aria-label="say.stageLate.wereLate" max-width="34rem">
    <v-card class="late" rounded="lg">
      <form @submit.prevent="refit">
        <h2>{{ say.stageLate.wereLate }}</h2>
        <p class="soft">{{ say.stageLate.thisDrillStays }}</p>
        <TimeLeft v-model="left" :time-zone="library.siteOf(draft.siteId)?.timeZone" />
        <p v-if="failed || trouble" role="alert">{{ failed || trouble }}</p>
        <div class="acts">
          <v-btn type="submit" size="large" :loading="busy">{{
            trouble ? say.stageLate.asShortAsCan : say.stageLate.fitWhatIsLeft
          }}</v-btn>
          <v-btn variant="text" @click="shown = false">{{ say.stageLate.close }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped src="../late/late.css"></style>
