<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiContentDuplicate } from '@mdi/js';
import { MOST_ROUNDS } from '@prompt-spark/core/circuit/bounds';
import type { Block } from '@prompt-spark/core/circuit/circuit';
import { carryBlock, changeBlock, duplicateBlock, takeOutBlock } from '@prompt-spark/core/circuit/edit';
import { PHASES, type Phase } from '@prompt-spark/core/drills/phase';
import { just } from '@prompt-spark/core/units';
import { computed } from 'vue';
import MinutesField from '../../fields/MinutesField.vue';
import TextAmount from '../../fields/TextAmount.vue';
import { phaseName } from '../../wording/phases.ts';
import { useSheetStore } from '../store/sheet.ts';
import { say } from '../say.ts';

/** What a block is: its phase, its rounds and how they follow each other; and where it stands among the others. */
const { block } = defineProps<{ block: Block }>();
const sheet = useSheetStore();
/** Stands for drills that are picked for a time, and how long it is to begin with. */
const FOR_A_TIME = 0;
const USUAL_TIME = 180;
const newId = () => crypto.randomUUID();
const phases = PHASES.map((value) => ({ value, title: phaseName(value) }));

const turns = computed(() => {
  const slots = block.lines.filter(({ kind }) => kind === 'slot').length;
  const some = Array.from({ length: Math.max(0, slots - 1) }, (_, at) => at + 1);
  return [
    { value: null, title: say.blockSettings.allOf },
    ...some.map((value) => ({ value, title: say.blockSettings.ofByTurns(value, slots) })),
    { value: FOR_A_TIME, title: say.blockSettings.whatFits },
  ];
});
const turn = computed(() => (block.pickWithin === null ? block.pick : FOR_A_TIME));

function chooseTurn(chosen: number | null): void {
  const said = chosen === FOR_A_TIME ? { pick: 1, pickWithin: USUAL_TIME } : { pick: chosen, pickWithin: null };
  change((now) => ({ ...now, ...said }), '');
}

function change(make: (block: Block) => Block, about: string): void {
  sheet.changeCircuit((circuit) => changeBlock(circuit, block.id, make), about);
}
</script>

<template>
  <div class="settings">
    <v-select
      :label="say.blockSettings.phase"
      density="compact"
      :items="phases"
      :model-value="block.phase"
      @update:model-value="(phase: Phase) => change((now) => ({ ...now, phase }), '')"
    />
    <TextAmount
      :label="say.blockSettings.rounds"
      unit="count"
      :most="MOST_ROUNDS"
      :model-value="block.rounds"
      @update:model-value="(rounds) => change((now) => ({ ...now, rounds }), `rounds ${block.id}`)"
    />
    <TextAmount
      :label="say.blockSettings.restBetweenRounds"
      unit="time"
      single
      :least="0"
      :model-value="just(block.roundRest)"
      @update:model-value="({ high }) => change((now) => ({ ...now, roundRest: high }), `round rest ${block.id}`)"
    />
    <v-select
      :label="say.blockSettings.doneAtATime"
      density="compact"
      :items="turns"
      :model-value="turn"
      @update:model-value="chooseTurn"
    />
    <MinutesField
      v-if="block.pickWithin !== null"
      class="time"
      :label="say.blockSettings.inHowLong"
      density="compact"
      :model-value="block.pickWithin"
      @update:model-value="(pickWithin) => change((now) => ({ ...now, pickWithin }), `within ${block.id}`)"
    />
    <div class="checks">
      <v-checkbox
        :label="say.blockSettings.stationsAllChangeTogether"
        hide-details
        :model-value="block.stations"
        @update:model-value="(now) => change((old) => ({ ...old, stations: now === true }), '')"
      />
      <v-checkbox
        :label="say.blockSettings.noGapsOneRuns"
        hide-details
        :model-value="block.noGaps"
        @update:model-value="(now) => change((old) => ({ ...old, noGaps: now === true }), '')"
      />
    </div>
    <div class="acts">
      <v-btn
        variant="text"
        :prepend-icon="mdiArrowUp"
        @click="sheet.changeCircuit((circuit) => carryBlock(circuit, block.id, -1))"
      >
        {{ say.blockSettings.up }}
      </v-btn>
      <v-btn
        variant="text"
        :prepend-icon="mdiArrowDown"
        @click="sheet.changeCircuit((circuit) => carryBlock(circuit, block.id, 1))"
      >
        {{ say.blockSettings.down }}
      </v-btn>
      <v-btn
        variant="text"
        :prepend-icon="mdiContentDuplicate"
        @click="sheet.changeCircuit((circuit) => duplicateBlock(circuit, block.id, newId))"
      >
        {{ say.blockSettings.duplicate }}
      </v-btn>
      <v-btn
        variant="text"
        :prepend-icon="mdiClose"
        @click="sheet.changeCircuit((circuit) => takeOutBlock(circuit, block.id))"
      >
        {{ say.blockSettings.removeBlock }}
      </v-btn>
    </div>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: 8rem 5rem 10.5rem minmax(0, 11rem);
  align-items: start;
  gap: 0.6rem;
  padding: 0.5rem 0 0.75rem var(--margin);
}
.settings > .time {
  grid-column: span 2;
}
.checks,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  grid-column: 1 / -1;
}
@media (max-width: 700px) {
  .settings {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
