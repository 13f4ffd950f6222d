<script setup lang="ts">
import { mdiMinus, mdiPinOutline, mdiPlus } from '@mdi/js';
import { withDose } from '@prompt-spark/core/circuit/slot';
import { changeSlot } from '@prompt-spark/core/circuit/edit';
import { stepped } from '@prompt-spark/core/dose/stepped';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import type { Seconds } from '@prompt-spark/core/units';
import { computed, defineAsyncComponent } from 'vue';
import { clock } from '../../wording/clock.ts';
import { doseWords } from '../../wording/doseWords.ts';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { Floor } from '@prompt-spark/core/dose/distance';
import type { Plates } from '@prompt-spark/core/dose/lift';
import { useEditingStore } from '../store/editing.ts';
import { useSheetStore } from '../store/sheet.ts';
import { useLibraryStore } from '../../library/library.ts';
import DrillFigure from '../../figure/DrillFigure.vue';
import { TRACK_WORDS, trackWords } from '../../wording/trackWords.ts';
import SlotClock from './SlotClock.vue';
import { say } from '../say.ts';

const GuessBar = defineAsyncComponent(() => import('./GuessBar.vue'));
const DoseEditor = defineAsyncComponent(() => import('./DoseEditor.vue'));

/** A slot on the sheet. Its height follows its seconds; the hatched part of its edge is hidden time. */
const { slotLine, work, hidden, floor, plates, waits } = defineProps<{
  slotLine: Slot;
  /** Seconds of work and of hidden time in its first round. */
  work: Seconds;
  hidden: Seconds;
  floor: Floor;
  plates: Plates | undefined;
  /** It waits for its turn, and is not done this time. */
  waits: boolean;
}>();
const editing = useEditingStore();
const library = useLibraryStore();
const sheet = useSheetStore();

/** As it is done at the site: with what stands in there for kit that it lacks. */
const drill = computed(() => drillIn(slotLine, sheet.laid.occasion.library));
const selected = computed(() => editing.selectedId === slotLine.id);
const picked = computed(() => editing.acted.size > 1 && editing.acted.has(slotLine.id));
const open = computed(() => editing.openId === slotLine.id);
const words = computed(() =>
  drill.value ? doseWords(slotLine, drill.value, floor, plates) : say.slotRow.thisDrillIsNot,
);
const shape = computed(() => {
  const whole = work + hidden;
  return {
    minHeight: `${Math.round(Math.min(116, 52 + Math.max(0, whole - 30) * 0.45))}px`,
    '--hidden': whole ? `${Math.round((hidden / whole) * 100)}%` : '0%',
    '--effort': `${(drill.value?.effort ?? 0) * 10}%`,
  };
});

/** One step more or less of it, by a thumb. */
function step(by: 1 | -1): void {
  sheet.changeCircuit(
    (circuit) => changeSlot(circuit, slotLine.id, (slot) => withDose(slot, stepped(slot.dose, by))),
    `dose ${slotLine.id}`,
  );
}

/** A click selects; with Shift it picks every row up to this one, with Ctrl this one more. */
function choose(event: MouseEvent): void {
  if (event.shiftKey) editing.pickTo(slotLine.id);
  else if (event.ctrlKey || event.metaKey) editing.pick(slotLine.id);
  else editing.select(slotLine.id);
}

function press(event: MouseEvent): void {
  if (event.shiftKey || event.ctrlKey || event.metaKey) choose(event);
  else editing.toggleOpen(slotLine.id);
}
</script>

<template>
  <li class="line" :data-line="slotLine.id" :tabindex="selected ? 0 : -1" :aria-current="selected" @click="choose">
    <SlotClock :slot-id="slotLine.id" />
    <div :class="['row', { selected, picked, waits }]" :style="shape">
      <span class="edge" aria-hidden="true" />
      <span class="grip" aria-hidden="true" />
      <DrillFigure
        v-if="drill"
        class="figure"
        :drill="drill"
        :dose="slotLine.dose"
        :sides="slotLine.sides"
        :still="!selected"
        :aspect="1.15"
      />
      <button type="button" class="what" :aria-expanded="open" @click.stop="press">
        <span v-if="slotLine.runsOn" class="soft small">{{ say.slotRow.straightInto }}</span>
        <span class="name">
          {{ drill?.name ?? slotLine.drillId }}
          <v-icon
            v-if="slotLine.pinned"
            :icon="mdiPinOutline"
            size="16"
            :aria-label="slotLine.doseKept ? say.slotRow.pinnedWithItsDose : say.slotRow.pinned"
          />
          <span v-if="slotLine.doseKept" class="soft small" aria-hidden="true">{{ say.slotRow.withItsDose }}</span>
          <span v-if="slotLine.optional" class="soft small">{{ say.slotRow.optional }}</span>
          <span v-if="slotLine.shownFirst" class="soft small">{{ say.slotRow.newShowItFirst }}</span>
        </span>
        <span class="soft dose">{{ words }}</span>
      </button>
      <span v-if="slotLine.tracks.length" class="tracks">
        <span v-for="one in slotLine.tracks" :key="one.track" class="track">
          <span class="soft small">{{ TRACK_WORDS[one.track] }}</span>
          {{ trackWords(one, slotLine.drillId, library.library) }}
        </span>
      </span>
      <span v-if="selected && drill" class="steps">
        <button type="button" :aria-label="say.slotRow.lessOf(drill.name)" @click.stop="step(-1)">
          <v-icon :icon="mdiMinus" size="18" />
        </button>
        <button type="button" :aria-label="say.slotRow.moreOf(drill.name)" @click.stop="step(1)">
          <v-icon :icon="mdiPlus" size="18" />
        </button>
      </span>
      <span v-if="waits" class="time soft small">{{ say.slotRow.anotherTime }}</span>
      <span v-else class="time">
        <span class="clock">{{ clock(work) }}</span>
        <span class="soft small">+{{ Math.round(hidden) }}</span>
      </span>
    </div>
    <GuessBar v-if="slotLine.guess" class="editor" :slot-line="slotLine" />
    <DoseEditor v-if="open && drill" class="editor" :slot-line="slotLine" :drill="drill" />
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 3.4rem minmax(0, 1fr);
  column-gap: 0.85rem;
  /* Rows out of sight are neither laid out nor painted (npm run bench); what is painted of a row stays within it, so
     there is room for its outline. */
  content-visibility: auto;
  contain-intrinsic-height: auto 66px;
  margin: -6px;
  padding: 6px;
}
.line:focus-visible {
  outline: none;
}
.steps {
  display: flex;
  align-items: center;
}
.steps button {
  display: grid;
  place-content: center;
  width: 44px;
  height: 44px;
  border: 0;
  border-radius: 50%;
  background: none;
  color: var(--damson);
  cursor: pointer;
}
.steps button:hover {
  background: var(--line);
}
.row {
  display: flex;
  align-items: stretch;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--card);
}
.row.selected {
  border-color: var(--damson);
  box-shadow: 0 0 0 1px var(--damson);
}
.row.waits {
  border-style: dashed;
  background: none;
}
.row.waits .edge {
  background: none;
}
.row.picked {
  border-color: var(--damson);
  background: color-mix(in srgb, var(--damson) 8%, var(--card));
}
.line:focus-visible .row {
  outline: 3px solid var(--damson);
  outline-offset: 2px;
}
.edge {
  flex: 0 0 11px;
  border-radius: 9px 0 0 9px;
  background:
    repeating-linear-gradient(135deg, var(--card) 0 3px, var(--line) 3px 5px) top / 100% var(--hidden) no-repeat,
    color-mix(in oklch, var(--straw), var(--rust) var(--effort));
}
.grip {
  display: grid;
  place-items: center;
  width: 28px;
  cursor: grab;
}
/* Six dots as part of the row's own paint: a drawing in every row would be painted apart. */
.grip::before {
  content: '';
  width: 12px;
  height: 18px;
  background: radial-gradient(circle, var(--soft) 1.5px, transparent 2px) 0 0 / 6px 6px;
}
.what {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 0.4rem 0;
  border: 0;
  background: none;
  font-family: var(--text);
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.name {
  font-size: 1.0625rem;
  font-weight: 600;
  line-height: 1.3;
}
.dose {
  font-size: 0.9375rem;
}
.figure {
  flex: 0 0 3.4rem;
  align-self: center;
  margin: 0.15rem 0.7rem 0.15rem 0;
}
.tracks {
  display: grid;
  align-content: center;
  gap: 0.15rem;
  flex: 0 1 10rem;
  padding: 0.3rem 0 0.3rem 0.6rem;
  border-left: 1px solid var(--line);
  font-size: 0.875rem;
  line-height: 1.25;
}
.track .small {
  display: block;
  line-height: 1.2;
}
.time {
  display: flex;
  flex-direction: column;
  align-items: end;
  justify-content: center;
  padding: 0.4rem 0.9rem;
}
.time .clock {
  font-size: 1.125rem;
}
.editor {
  grid-column: 2;
}
@media (max-width: 700px) {
  /* On a line of their own: beside the words they would leave them no room. */
  .steps {
    order: 1;
    flex: 1 0 100%;
    justify-content: flex-end;
    gap: 1rem;
    padding-right: 0.5rem;
    border-top: 1px solid var(--line);
  }
  .line {
    grid-template-columns: 2.3rem minmax(0, 1fr);
    column-gap: 0.8rem;
  }
  .row {
    position: relative;
    flex-wrap: wrap;
    padding-left: 11px;
  }
  .edge {
    position: absolute;
    inset: 0 auto 0 0;
    width: 11px;
  }
  .tracks {
    order: 1;
    flex: 1 0 100%;
    padding: 0.3rem 0.9rem 0.5rem;
    border-top: 1px solid var(--line);
    border-left: 0;
  }
}
</style>
