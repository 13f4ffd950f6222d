<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useForm } from '../fields/useForm.ts';
import { useLoading } from '../loading/useLoading.ts';
import FormFrame from '../fields/FormFrame.vue';
import DrillFigure from '../figure/DrillFigure.vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import { ourOwn } from './ourOwn.ts';
import { say } from './say.ts';

const DrillFormPage = defineAsyncComponent(() => import('./DrillFormPage.vue'));

/** A drill of the studio's own in three answers: its name, which one it is like, and what to say. The rest can wait. */
const { from } = defineProps<{
  /** The drill to copy, with everything about it; null for a new one. */
  from: string | null;
}>();
const library = useLibraryStore();
const router = useRouter();
const loading = useLoading(() => library.load());
const whole = ref(from !== null);
const name = ref('');
const likeId = ref<string | null>(null);
const cue = ref('');
const like = computed(() => (likeId.value === null ? undefined : library.drillOf(likeId.value)));
const drills = computed(() => library.library.drills.map(({ id, name: title }) => ({ value: id, title })));
/** What is missing is said once saving was tried. */
const tried = ref(false);

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/drill')).drillSchema,
  async (drill) => {
    await library.keepDrill(drill, null);
    await router.push(`/drills/${drill.id}`);
  },
);

async function keep(): Promise<void> {
  tried.value = true;
  if (!like.value || !name.value.trim()) return;
  const { usual, kit, cues } = like.value;
  const made = ourOwn(like.value, { name: name.value.trim(), sides: usual.sides, kit });
  const said = cue.value.trim();
  await submit(said === '' ? made : { ...made, cues: [said, ...cues.slice(0, 2)] });
}
</script>

<template>
  <DrillFormPage v-if="whole" :id="null" :from="from" />
  <section v-else class="page">
    <LoadingGate :loading="loading">
      <FormFrame
        class="form"
        :save="say.newDrillPage.saveDrill"
        :trouble="trouble"
        :errors="errors"
        :busy="busy"
        leave="/drills"
        @keep="keep"
      >
        <h1>{{ say.newDrillPage.newDrill }}</h1>
        <v-text-field
          v-model="name"
          :label="say.newDrillPage.name"
          maxlength="80"
          :error-messages="(tried && !name.trim() ? say.newDrillPage.itNeedsAName : errors['/name']) ?? ''"
        />
        <v-autocomplete
          v-model="likeId"
          :label="say.newDrillPage.likeWhichDrill"
          :items="drills"
          :error-messages="tried && !like ? say.newDrillPage.chooseTheOne : ''"
        />
        <v-text-field
          v-model="cue"
          :label="say.newDrillPage.oneThingToSay"
          maxlength="120"
          :placeholder="like?.cues[0] ?? ''"
          :error-messages="errors['/cues/0'] ?? ''"
        />
        <div v-if="like" class="like">
          <DrillFigure class="figure" :drill="like" still :aspect="1" />
          <p class="soft">
            {{ say.newDrillPage.itTakesTheRest(like.name) }}
          </p>
        </div>
        <template #more>
          <v-btn variant="text" @click="whole = true">{{ say.newDrillPage.itIsLikeNo }}</v-btn>
        </template>
      </FormFrame>
    </LoadingGate>
  </section>
</template>

<style scoped>
.form {
  gap: 1rem;
  max-width: 40rem;
}
.like {
  display: flex;
  align-items: center;
  gap: 1rem;
}
.figure {
  flex: none;
  width: 6rem;
}
</style>
