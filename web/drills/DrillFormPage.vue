<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useForm } from '../fields/useForm.ts';
import { useLoading } from '../loading/useLoading.ts';
import FormFrame from '../fields/FormFrame.vue';
import LoadingGate from '../loading/LoadingGate.vue';
import { useLibraryStore } from '../library/library.ts';
import DrillFacts from './DrillFacts.vue';
import DrillGives from './DrillGives.vue';
import DrillRungs from './DrillRungs.vue';
import DrillSaid from './DrillSaid.vue';
import DrillUsual from './DrillUsual.vue';
import { blankDrill, copyOf, finished } from './drillDraft.ts';
import { say } from './say.ts';

/** A drill of the studio's own: new, copied from another, or changed. */
const { from, id } = defineProps<{ from: string | null; id: string | null }>();
const library = useLibraryStore();
const router = useRouter();
const draft = ref<Drill>(blankDrill());
const loading = useLoading(async () => {
  await library.load();
  const source = library.drillOf(id ?? from ?? '');
  if (source) draft.value = id === null ? copyOf(source) : source;
});
const heading = computed(() =>
  id === null
    ? from === null
      ? say.drillFormPage.newDrill
      : say.drillFormPage.drillOfOurOwn
    : say.drillFormPage.changeTheDrill,
);

const { errors, trouble, busy, submit } = useForm(
  async () => (await import('@prompt-spark/contract/drill')).drillSchema,
  async (drill) => {
    await library.keepDrill(drill, id === null ? null : library.versionOf(id));
    await router.push(`/drills/${drill.id}`);
  },
);
</script>

<template>
  <section class="page">
    <LoadingGate :loading="loading">
      <FormFrame
        class="form"
        :save="say.drillFormPage.saveDrill"
        :trouble="trouble"
        :errors="errors"
        :busy="busy"
        :leave="id === null ? '/drills' : `/drills/${id}`"
        @keep="submit(finished(draft, id === null))"
      >
        <h1>{{ heading }}</h1>
        <DrillFacts v-model="draft" :errors="errors" />
        <DrillSaid v-model="draft" :errors="errors" />
        <DrillUsual v-model="draft" />
        <DrillGives v-model="draft" />
        <DrillRungs v-model="draft" />
      </FormFrame>
    </LoadingGate>
  </section>
</template>

<style scoped>
.form {
  gap: 1.5rem;
  max-width: 60rem;
}
</style>
