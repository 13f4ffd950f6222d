<script setup lang="ts" generic="Name extends string">
import { computed } from 'vue';
import { namesOf, type KeyMap } from './keyMap.ts';

/** The keys of a screen with what each does. */
const { map } = defineProps<{ map: KeyMap<Name> }>();
const rows = computed(() =>
  namesOf(map)
    .map((name) => map[name])
    .filter(({ shown }) => shown !== ''),
);
</script>

<template>
  <dl>
    <template v-for="{ shown, does } in rows" :key="shown">
      <dt>
        <kbd>{{ shown }}</kbd>
      </dt>
      <dd>{{ does }}</dd>
    </template>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5rem 1rem;
  align-items: center;
}
</style>
