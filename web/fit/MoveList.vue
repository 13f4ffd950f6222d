<script setup lang="ts">
import type { MoveKey } from '@prompt-spark/core/circuit/shortVersion';
import type { Kept } from '@prompt-spark/core/fit/outcome/kept';
import type { Move } from '@prompt-spark/core/fit/outcome/moves';
import { computed } from 'vue';
import { clock } from '../wording/clock.ts';
import { saved, shareWords } from '../late/fitWords.ts';
import { keptWords, moveWords } from '../wording/moveWords.ts';
import { say } from './say.ts';

/** What a plan changes, the least harmful first, each with what it saves and loses; each can be refused. */
const { moves } = defineProps<{ moves: readonly Move[]; kept: readonly Kept[]; busy: boolean }>();
const emit = defineEmits<{ refuse: [key: MoveKey] }>();
const told = computed(() => moves.map((move) => ({ ...move, words: moveWords(move.facts) })));
const longer = computed(() => moves.some(({ seconds }) => seconds < 0) && moves.every(({ share }) => share <= 0));
</script>

<template>
  <div>
    <table v-if="moves.length">
      <thead>
        <tr>
          <th scope="col">{{ longer ? say.moveList.whatIsAdded : say.moveList.whatChangesLeastHarm }}</th>
          <th scope="col">{{ longer ? say.moveList.takes : say.moveList.saves }}</th>
          <th scope="col">{{ longer ? say.moveList.adds : say.moveList.loses }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ say.moveList.refuse }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ key, words, seconds, share } in told" :key="`${key.kind} ${key.id}`">
          <td>{{ words }}</td>
          <td class="number">{{ longer ? clock(-seconds) : saved(seconds) }}</td>
          <td class="number soft">{{ shareWords(share) }}</td>
          <td>
            <v-btn
              variant="text"
              size="small"
              class="refuse"
              :disabled="busy"
              :aria-label="say.moveList.refuseMove(words)"
              @click="emit('refuse', key)"
              >{{ say.moveList.refuse }}</v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="nothing">{{ say.moveList.nothingChangesTheCircuit }}</p>
    <ul class="soft kept">
      <li v-for="one in kept" :key="keptWords(one)">{{ keptWords(one) }}</li>
    </ul>
  </div>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  padding-bottom: 0.4rem;
  border-bottom: 1.5px solid var(--ink);
  font-size: var(--size-small);
  font-weight: 500;
  text-align: left;
  color: var(--soft);
}
th:nth-child(n + 2),
.number {
  text-align: right;
  white-space: nowrap;
}
td {
  padding: 0.25rem 0 0.25rem;
  border-bottom: 1px solid var(--line);
}
.number {
  padding-left: 0.75rem;
  font-variant-numeric: tabular-nums;
}
td:last-child {
  width: 5rem;
  text-align: right;
}
.refuse {
  min-width: 44px;
  min-height: 44px;
  padding: 0 0.5rem;
}
.kept {
  display: grid;
  gap: 0.3rem;
  margin-top: 0.9rem;
  list-style: none;
}
.nothing {
  padding: 0.5rem 0;
}
</style>
