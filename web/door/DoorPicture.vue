<script setup lang="ts">
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import TimeFuse from '../fuse/TimeFuse.vue';
import { clock } from '../wording/clock.ts';
import { DOOR_CIRCUIT, DOOR_LIBRARY, DOOR_LINES } from './doorCircuit.ts';
import { say } from './say.ts';

/** A small board and the fuse it makes, timed here and now. */
const { segments, total, hidden } = timeCircuit(DOOR_CIRCUIT, occasionOf({ library: DOOR_LIBRARY }));
</script>

<template>
  <figure class="picture">
    <pre>{{ DOOR_LINES.join('\n') }}</pre>
    <figcaption>
      <TimeFuse :segments="segments" labels />
      <p>
        <span class="clock">{{ clock(total.plan) }}</span>
        <span class="soft">{{ say.doorPicture.ofWhichIsGetting(clock(hidden)) }}</span>
      </p>
    </figcaption>
  </figure>
</template>

<style scoped>
.picture {
  max-width: 34rem;
  padding: 1.25rem 1.5rem;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--card);
}
pre {
  margin-bottom: 1rem;
  font: 500 1rem/1.5 var(--text);
}
p {
  display: flex;
  align-items: baseline;
  gap: 0.6rem;
}
.clock {
  font-size: var(--size-title);
}
</style>
