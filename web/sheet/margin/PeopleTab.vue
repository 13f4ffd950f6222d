<script setup lang="ts">
import { ceilingsOf } from '@prompt-spark/core/people/ceilings';
import { painFreeIn } from '@prompt-spark/core/people/painFree';
import { readinessOn, type Person } from '@prompt-spark/core/people/person';
import { computed } from 'vue';
import { useGroupTracksStore } from '../store/groupTracks.ts';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { useLibraryStore } from '../../library/library.ts';
import { trackWords } from '../../wording/trackWords.ts';
import OneSideHints from './OneSideHints.vue';
import { limitName } from '../../wording/limitWords.ts';
import { say } from '../say.ts';

/** Who needs something else in this circuit, slot by slot, and the way to the swaps. */
const groupTracks = useGroupTracksStore();
const editing = useEditingStore();
const sheet = useSheetStore();
const library = useLibraryStore();
const nameOf = (id: string) => groupTracks.people.find((person) => person.id === id)?.name.split(' ')[0] ?? '';
/** How the people who come change the clock, with a button that counts it in. */
const hints = computed(() => {
  const fresh = groupTracks.people.filter((person) => readinessOn(person, groupTracks.day).state === 'new');
  const slow = groupTracks.people.filter((person) => {
    const down = ceilingsOf(person, groupTracks.day)['getting down'];
    return (down !== undefined && down.most < 3) || person.ability.floor === 'gentle';
  });
  const names = (people: readonly Person[]) => people.map(({ id }) => nameOf(id)).join(', ');
  return [
    ...(fresh.length > 0 && !sheet.circuit.somebodyNew
      ? [
          {
            mark: 'somebodyNew',
            words: say.peopleTab.newToday(names(fresh)),
            does: say.peopleTab.allowShowing,
          },
        ]
      : []),
    ...(slow.length > 0 && !sheet.circuit.slowToFloor
      ? [
          {
            mark: 'slowToFloor',
            words: say.peopleTab.slower(names(slow)),
            does: say.peopleTab.allowGettingDown,
          },
        ]
      : []),
  ];
});
/** Who does a slot as planned, but stops short of pain somewhere. */
function stoppingShort(slotId: string): readonly string[] {
  const place = groupTracks.places.find(({ slot }) => slot.id === slotId);
  if (!place) return [];
  return groupTracks.people.flatMap((person) => {
    const parts = painFreeIn(place.rung, person, groupTracks.day);
    if (parts.length === 0 || groupTracks.assignment(place, person).kind !== 'as planned') return [];
    return [say.peopleTab.onlyAsFar(nameOf(person.id), parts.map(limitName).join('; '))];
  });
}
const rows = computed(() =>
  groupTracks.tracks.flatMap((slot) => {
    const short = stoppingShort(slot.slotId);
    if (slot.tracks.length + slot.oneToOne.length + short.length === 0) return [];
    const drill = groupTracks.places.find((place) => place.slot.id === slot.slotId)?.drill;
    const instead = slot.tracks.map((track) => ({
      who: track.people.map(nameOf).join(', '),
      does: trackWords(track, drill?.id ?? '', library.library),
    }));
    const open = groupTracks.needing(slot).length;
    return [{ slotId: slot.slotId, name: drill?.name ?? '', instead, short, alone: slot.oneToOne.map(nameOf), open }];
  }),
);
</script>

<template>
  <div class="people">
    <template v-if="groupTracks.own.length">
      <p v-for="hint in hints" :key="hint.mark">
        {{ hint.words }}
        <button type="button" @click="sheet.changeCircuit((circuit) => ({ ...circuit, [hint.mark]: true }))">
          {{ hint.does }}
        </button>
      </p>
      <p v-if="!rows.length">{{ say.peopleTab.allCanDoEverything(groupTracks.own.length) }}</p>
      <ul v-else>
        <li v-for="row in rows" :key="row.slotId">
          <button type="button" @click="editing.select(row.slotId)">{{ row.name }}</button>
          <span v-for="one in row.instead" :key="one.does"
            >{{ one.who }}: <strong>{{ one.does }}</strong></span
          >
          <span v-for="words in row.short" :key="words">{{ words }}</span>
          <span v-if="row.alone.length" class="alone">{{ say.peopleTab.oneToOne(row.alone.join(', ')) }}</span>
          <span v-if="row.open" class="soft small">{{ say.peopleTab.toDecide(row.open) }}</span>
        </li>
      </ul>
      <OneSideHints />
      <v-btn variant="outlined" block :to="`/circuits/${sheet.id}/swaps`">{{ say.peopleTab.swaps }}</v-btn>
    </template>
    <p v-else class="soft">
      {{ say.peopleTab.nameAGroup }}
      <RouterLink to="/people">{{ say.peopleTab.people }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.people {
  display: grid;
  gap: 0.9rem;
  font-size: 0.9375rem;
}
ul {
  display: grid;
  gap: 0.6rem;
  list-style: none;
}
li {
  display: grid;
}
button {
  min-height: var(--tap);
  padding: 0;
  border: 0;
  background: none;
  font: 600 0.9375rem var(--text);
  color: var(--damson);
  text-align: left;
  cursor: pointer;
}
.alone {
  color: var(--brick);
}
</style>
