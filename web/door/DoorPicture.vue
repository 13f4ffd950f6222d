<script setup lang="ts">
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { clock } from '../wording/clock.ts';
import TimeFuse from '../fuse/TimeFuse.vue';

/** A small board and the fuse it makes, timed here and now: nobody is signed in, so it brings three drills of its own. */
const plain = {
  kit: [],
  substitutes: {},
  cautions: [],
  aliases: [],
  sideWord: 'side',
  space: 'spot',
  view: 'front',
} as const;
const shared = {
  cues: ['—'],
  fault: { seen: '—', fix: '—' },
  felt: '—',
  shortestUseful: 10,
  ladder: [],
  energy: { kind: 'estimate', met: 3 },
  targets: {},
  planes: ['sagittal'],
  figure: '',
  noGentler: '',
  noStronger: '',
} as const;
const dose = { dose: { kind: 'time', seconds: { low: 30, high: 30 } }, sides: 'both' } as const;
const make = (id: string, name: string, effort: number, posture: Drill['posture']): Drill => ({
  ...plain,
  ...shared,
  id,
  name,
  effort,
  posture,
  phases: ['raise'],
  sidesAllowed: ['both', 'each', 'alternate'],
  usual: dose,
});
const library = libraryOf([
  make('a', 'Step jack', 3, 'standing'),
  make('b', 'Lateral lunge', 5, 'standing'),
  make('c', 'Cat-cow', 2, 'quadruped'),
  make('d', 'Squat jump', 8, 'squat'),
]);
const lines = [
  'raise',
  '  step jack 40s',
  'mobilise 2 rounds rest 10s',
  '  lateral lunge 5/side alt',
  '  cat-cow 5 @4s',
  'potentiate',
  '  squat jump 4',
];
const { segments, total, hidden } = timeCircuit(
  readWhiteboard(lines.join('\n'), library).circuit,
  occasionOf({ library }),
);
</script>

<template>
  <figure class="picture">
    <pre>{{ lines.join('\n') }}</pre>
    <figcaption>
      <TimeFuse :segments="segments" labels />
      <p>
        <span class="clock">{{ clock(total.plan) }}</span>
        <span class="soft">of which {{ clock(hidden) }} is getting there, changing sides and rest</span>
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
