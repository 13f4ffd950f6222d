<script setup lang="ts">
import type { CircuitDraft, CircuitSummary } from '@prompt-spark/contract/circuit';
import { MOST_TITLE } from '@prompt-spark/core/circuit/bounds';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import MinutesField from '../fields/MinutesField.vue';
import { usePlacesStore } from '../library/places.ts';
import { stableIds } from '../saving/stableIds.ts';
import { useAction } from '../shell/useAction.ts';
import { copyCircuit } from './copyCircuit.ts';
import { say } from './say.ts';

/** Asks whom a copy of a circuit is for and how long they have, and leads to it: to its fit where it takes longer. */
const { circuit, standing } = defineProps<{
  circuit: Pick<CircuitSummary, 'title' | 'groupId' | 'available' | 'seconds'>;
  /** The circuit at the moment the copy is made. */
  standing: () => Promise<CircuitDraft>;
}>();
const open = defineModel<boolean>({ required: true });
const places = usePlacesStore();
const router = useRouter();
const { busy, act } = useAction();

const groupId = ref(circuit.groupId ?? '');
const available = ref(circuit.available || circuit.seconds);
const offTheFloor = ref(false);
/** A copy is told from what it was copied from by whom it is for. */
const suggested = computed(() => {
  const group = groupId.value === (circuit.groupId ?? '') ? undefined : places.groupOf(groupId.value);
  return `${circuit.title}, ${group?.name ?? 'copy'}`.slice(0, MOST_TITLE);
});
/** Where the answer to a first press was lost, a second one makes no second copy. */
const idFor = stableIds();
const title = ref(suggested.value);
watch(suggested, (now, before) => {
  if (title.value === before) title.value = now;
});
const groups = computed(() => [
  { value: '', title: say.copyDialog.nobodyInParticular },
  ...places.places.groups.map(({ id, name }) => ({ value: id, title: name })),
]);

function copy(): Promise<boolean> {
  return act(async () => {
    const wanted = {
      title: title.value.trim() || suggested.value,
      groupId: groupId.value === '' ? null : groupId.value,
      available: available.value,
      offTheFloor: offTheFloor.value,
    };
    const made = await copyCircuit(standing, wanted, idFor(wanted));
    open.value = false;
    await router.push(`/circuits/${made.id}${made.isOver ? '/fit' : ''}`);
  });
}
</script>

<template>
  <v-dialog v-model="open" max-width="520" :aria-label="say.copyDialog.copyCircuit(circuit.title)">
    <v-card class="card">
      <h2>{{ say.copyDialog.copyCircuit(circuit.title) }}</h2>
      <form class="form" novalidate @submit.prevent="copy">
        <v-text-field v-model="title" :label="say.copyDialog.title" :maxlength="MOST_TITLE" />
        <v-select v-model="groupId" :label="say.copyDialog.forWhom" :items="groups" />
        <MinutesField v-model="available" :label="say.copyDialog.timeAvailableMinutes" :least="0" />
        <v-checkbox v-model="offTheFloor" :label="say.copyDialog.nothingOnTheFloor" hide-details />
        <p class="acts">
          <v-btn type="submit" :loading="busy">{{ say.copyDialog.copy }}</v-btn>
          <v-btn variant="text" @click="open = false">{{ say.copyDialog.cancel }}</v-btn>
        </p>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  display: grid;
  gap: 1rem;
  padding: 1.25rem 1.5rem 1rem;
}
.form {
  display: grid;
  gap: 0.75rem;
}
.acts {
  display: flex;
  gap: 0.5rem;
}
</style>
