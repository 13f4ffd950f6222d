<script setup lang="ts">
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import MinutesField from '../../fields/MinutesField.vue';
import { useLibraryStore } from '../../library/library.ts';
import { clientsGroup, ownGroupOf } from '../../people/client.ts';
import { usePeopleStore } from '../../people/people.ts';
import { useAction } from '../../shell/useAction.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** The time there is, for whom, where and what for: what a circuit is written towards. Fields of the grid that they stand in. */
const sheet = useSheetStore();
const library = useLibraryStore();
const people = usePeopleStore();
const { act } = useAction();

const ONE = 'person ';
/** A circuit is for a group, or for one person who trains alone. */
const groups = computed(() => [
  { value: '', title: say.whoAndWhen.nobodyInParticular },
  ...library.places.groups.map(({ id, name, people: size }) => ({
    value: id,
    title: size > 0 ? `${name}, ${String(size)}` : name,
  })),
  ...people.records
    .filter((record) => ownGroupOf(record, library.places.groups, people.records) === undefined)
    .map(({ id, document }) => ({ value: ONE + id, title: say.whoAndWhen.alone(document.name) })),
]);

async function setWho(chosen: string): Promise<void> {
  await act(async () => {
    const groupId = chosen.startsWith(ONE) ? await clientsGroup(chosen.slice(ONE.length)) : noneAsNull(chosen);
    sheet.change((draft) => ({ ...draft, groupId }));
  });
}
const sites = computed(() => [
  { value: '', title: say.whoAndWhen.noSite },
  ...library.places.sites.map(({ id, name }) => ({ value: id, title: name })),
]);
const noneAsNull = (id: string) => (id === '' ? null : id);

function setAvailable(available: Seconds): void {
  sheet.changeCircuit((circuit) => ({ ...circuit, available }), 'available');
}
</script>

<template>
  <MinutesField
    :label="say.whoAndWhen.timeAvailableMinutes"
    :least="0"
    :model-value="sheet.circuit.available"
    @update:model-value="setAvailable"
  />
  <v-autocomplete
    :label="say.whoAndWhen.forWhom"
    :items="groups"
    :model-value="sheet.draft.groupId ?? ''"
    @update:model-value="setWho"
  />
  <v-select
    :label="say.whoAndWhen.place"
    :items="sites"
    :model-value="sheet.draft.siteId ?? ''"
    @update:model-value="(id: string) => sheet.change((draft) => ({ ...draft, siteId: noneAsNull(id) }))"
  />
  <v-text-field
    :label="say.whoAndWhen.mainSession"
    :placeholder="say.whoAndWhen.squatDay"
    maxlength="120"
    :model-value="sheet.circuit.purpose"
    @update:model-value="
      (purpose: string) => sheet.changeCircuit((circuit) => ({ ...circuit, purpose: purpose.trim() }), 'purpose')
    "
  />
</template>
