<script setup lang="ts">
import type { RunTurn } from '@prompt-spark/contract/run';
import { computed } from 'vue';
import { clock } from '../wording/clock.ts';
import { phaseName } from '../wording/phases.ts';
import { say } from './say.ts';

/** Planned and actual time of every slot, with bars on one scale: the plan as an outline, what it took filled in. */
const { turns } = defineProps<{ turns: readonly RunTurn[] }>();
const longest = computed(() => Math.max(1, ...turns.map(({ planned, actual }) => Math.max(planned, actual))));
const late = ({ planned, actual }: RunTurn) => actual > planned * 1.1 && actual - planned >= 2;
const share = (seconds: number) => `${(100 * seconds) / longest.value}%`;
const repeated = computed(() => new Set(turns.filter(({ round }) => round > 1).map(({ slotId }) => slotId)));

/** How far a slot was off its plan, from two seconds on. */
function difference({ planned, actual }: RunTurn): string {
  const seconds = Math.round(actual - planned);
  if (actual < 0.5 || Math.abs(seconds) < 2) return '';
  return seconds > 0 ? `+${clock(seconds)}` : `−${clock(-seconds)}`;
}
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>{{ say.runTurns.drill }}</th>
        <th class="bars">
          <span class="visually-hidden">{{ say.runTurns.plannedAndActual }}</span>
        </th>
        <th class="number">{{ say.runTurns.planned }}</th>
        <th class="number">{{ say.runTurns.actual }}</th>
        <th class="number">
          <span class="visually-hidden">{{ say.runTurns.difference }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="turn in turns" :key="`${turn.slotId} ${turn.round}`">
        <td>
          {{ turn.drillName }}
          <span class="soft small"
            >{{ phaseName(turn.phase) }}{{ repeated.has(turn.slotId) ? say.runTurns.round(turn.round) : '' }}</span
          >
        </td>
        <td class="bars" aria-hidden="true">
          <span class="plan" :style="{ width: share(turn.planned) }" />
          <span
            v-if="turn.actual >= 0.5"
            :class="['took', { over: late(turn) }]"
            :style="{ width: share(turn.actual) }"
          />
        </td>
        <td class="number clock">{{ clock(turn.planned) }}</td>
        <td class="number clock">{{ turn.actual < 0.5 ? '–' : clock(turn.actual) }}</td>
        <td :class="['number', 'clock', 'soft', { late: late(turn) }]">{{ difference(turn) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="../theme/plainTable.css"></style>
<style scoped>
table {
  max-width: 52rem;
  margin: 0.5rem 0;
}
.bars {
  position: relative;
  width: 34%;
}
.plan,
.took {
  display: block;
  height: 9px;
  border-radius: 4px;
}
.plan {
  border: 1.5px solid var(--soft);
}
.took {
  margin-top: 2px;
  background: var(--damson);
  opacity: 0.75;
}
.took.over {
  background: var(--brick);
  opacity: 1;
}
.late {
  color: var(--brick);
  font-weight: 700;
}
td .small {
  margin-left: 0.4rem;
}
@media (max-width: 700px) {
  .bars {
    display: none;
  }
}
</style>
