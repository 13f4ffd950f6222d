<script setup lang="ts">
import { ceilingsOf } from '@prompt-spark/core/limits/ceilings';
import { readinessOn, type Person } from '@prompt-spark/core/limits/person';
import { computed } from 'vue';
import { useCrewStore } from '../../stores/crew.ts';
import { useDeskStore } from '../../stores/desk.ts';
import { useSheetStore } from '../../stores/sheet.ts';

/** Who needs something else in this circuit, slot by slot, and the way to the swaps. */
const crew = useCrewStore();
const desk = useDeskStore();
const sheet = useSheetStore();
const nameOf = (id: string) => crew.crew.find((person) => person.id === id)?.name.split(' ')[0] ?? '';
/** What the people there are asks of the clock, with the way to reckon with it. */
const hints = computed(() => {
  const fresh = crew.crew.filter((person) => readinessOn(person, crew.day).state === 'new');
  const slow = crew.crew.filter((person) => {
    const down = ceilingsOf(person, crew.day)['getting down'];
    return (down !== undefined && down.most < 3) || person.ability.floor === 'gentle';
  });
  const names = (people: readonly Person[]) => people.map(({ id }) => nameOf(id)).join(', ');
  return [
    ...(fresh.length > 0 && !sheet.circuit.somebodyNew
      ? [{ mark: 'somebodyNew', words: `New today: ${names(fresh)}.`, does: 'Reckon with showing every drill' }]
      : []),
    ...(slow.length > 0 && !sheet.circuit.slowToFloor
      ? [
          {
            mark: 'slowToFloor',
            words: `Slower to the floor: ${names(slow)}.`,
            does: 'Reckon with longer getting down',
          },
        ]
      : []),
  ];
});
const rows = computed(() =>
  crew.tracks.flatMap((slot) => {
    const others = slot.tracks.flatMap(({ people }) => people);
    if (others.length + slot.oneToOne.length === 0) return [];
    const name = crew.places.find((place) => place.slot.id === slot.slotId)?.drill.name ?? '';
    const open = crew.needing(slot).length;
    return [{ slotId: slot.slotId, name, swap: others.map(nameOf), alone: slot.oneToOne.map(nameOf), open }];
  }),
);
</script>

<template>
  <div class="people">
    <template v-if="crew.own.length">
      <p v-for="hint in hints" :key="hint.mark">
        {{ hint.words }}
        <button type="button" @click="sheet.changeCircuit((circuit) => ({ ...circuit, [hint.mark]: true }))">
          {{ hint.does }}
        </button>
      </p>
      <p v-if="!rows.length">All {{ crew.own.length }} can do everything as planned.</p>
      <ul v-else>
        <li v-for="row in rows" :key="row.slotId">
          <button type="button" @click="desk.select(row.slotId)">{{ row.name }}</button>
          <span v-if="row.swap.length">{{ row.swap.join(', ') }} on another track</span>
          <span v-if="row.alone.length" class="alone">{{ row.alone.join(', ') }} one-to-one</span>
          <span v-if="row.open" class="soft small">{{ row.open }} not accepted yet</span>
        </li>
      </ul>
      <v-btn variant="outlined" block :to="`/circuits/${sheet.id}/swaps`">Swaps and tracks</v-btn>
    </template>
    <p v-else class="soft">
      Name a group that you coach, and this shows who needs something else.
      <RouterLink to="/people">People</RouterLink>
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
  min-height: 32px;
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
