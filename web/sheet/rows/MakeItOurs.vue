<script setup lang="ts">
import { KIT, type Kit } from '@prompt-spark/core/drills/kit';
import type { Sides } from '@prompt-spark/core/dose/dose';
import { mayMean, nameSaid } from '@prompt-spark/core/reading/understand';
import { computed, onMounted, ref, useId, useTemplateRef } from 'vue';
import { useLibraryStore } from '../../library/library.ts';
import { useAction } from '../../shell/useAction.ts';
import { useEditingStore } from '../store/editing.ts';
import { ourOwn } from '../../drills/ourOwn.ts';
import { useTeaching } from './useTeaching.ts';
import { say } from '../say.ts';

/** A drill that nobody knows yet: said to be another name for one, or made the studio's own after the one that it is most like. */
const { lineId, typed } = defineProps<{ lineId: string; typed: string }>();
const emit = defineEmits<{ done: [] }>();
const library = useLibraryStore();
const editing = useEditingStore();
const teaching = useTeaching();
const { act, busy } = useAction();
const heading = useId();
const form = useTemplateRef<HTMLFormElement>('form');
// The form opens below its row, where the whiteboard line may lie over it.
onMounted(() => form.value?.scrollIntoView({ block: 'center' }));

const name = ref(nameSaid(typed));
const nearest = mayMean(typed, library.library, 1)[0]?.drill;
const likeId = ref<string | null>(nearest?.id ?? null);
const like = computed(() => (likeId.value === null ? undefined : library.drillOf(likeId.value)));
const drills = computed(() => library.library.drills.map(({ id, name: title }) => ({ value: id, title })));
const sides = ref<Sides>(nearest?.usual.sides ?? 'both');
const kit = ref<readonly Kit[]>(nearest?.kit ?? []);
const SIDES: readonly { readonly value: Sides; readonly title: string }[] = [
  { value: 'both', title: say.makeItOurs.atOnce },
  { value: 'each', title: say.makeItOurs.eachSide },
  { value: 'alternate', title: say.makeItOurs.alternating },
];

function follow(): void {
  if (!like.value) return;
  sides.value = like.value.usual.sides;
  kit.value = like.value.kit;
}

async function make(): Promise<void> {
  const model = like.value;
  if (!model) return;
  const drill = ourOwn(model, { name: name.value.trim(), sides: sides.value, kit: kit.value });
  if (!(await act(() => library.keepDrill(drill, null)))) return;
  editing.readLineAs(lineId, typed, { drill, rungId: '' });
  emit('done');
}

async function another(): Promise<void> {
  const model = like.value;
  if (!model) return;
  await teaching.means(lineId, typed, { drill: model, rungId: '' });
  emit('done');
}
</script>

<template>
  <form ref="form" class="ours" :aria-labelledby="heading" @submit.prevent="make">
    <h3 :id="heading">{{ say.makeItOurs.makeItOurs }}</h3>
    <div class="fields">
      <v-text-field
        v-model="name"
        :label="say.makeItOurs.name"
        maxlength="80"
        :rules="[(value: string) => !!value.trim() || say.makeItOurs.itNeedsAName]"
      />
      <v-autocomplete
        v-model="likeId"
        :label="say.makeItOurs.likeWhichDrill"
        :items="drills"
        hide-details="auto"
        @update:model-value="follow"
      />
    </div>
    <div class="fields">
      <v-btn-toggle v-model="sides" density="compact" mandatory :aria-label="say.makeItOurs.sides">
        <v-btn v-for="side in SIDES" :key="side.value" :value="side.value">{{ side.title }}</v-btn>
      </v-btn-toggle>
      <v-select v-model="kit" :label="say.makeItOurs.kit" :items="[...KIT]" multiple chips hide-details="auto" />
    </div>
    <p class="soft small">
      {{ say.makeItOurs.itTakesTheRest }}
    </p>
    <div class="acts">
      <v-btn type="submit" :disabled="!like || !name.trim()" :loading="busy">{{ say.makeItOurs.makeItOurs }}</v-btn>
      <v-btn variant="outlined" :disabled="!like" :loading="teaching.busy.value" @click="another">{{
        say.makeItOurs.justAnotherName
      }}</v-btn>
      <v-btn variant="text" @click="emit('done')">{{ say.makeItOurs.cancel }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.ours {
  display: grid;
  gap: 0.6rem;
  padding: 0.75rem;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--card);
}
h3 {
  font-size: 1rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 15rem), 1fr));
  gap: 0.6rem;
  align-items: start;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
