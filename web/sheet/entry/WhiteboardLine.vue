<script setup lang="ts">
import { allSlots, type Slot } from '@prompt-spark/core/circuit/circuit';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { nameSuggestions, type NameSuggestion } from '@prompt-spark/core/reading/nameSuggestions';
import { mayMean } from '@prompt-spark/core/reading/understand';
import { nameAsTyped } from '@prompt-spark/core/whiteboard/lineReader';
import { computed, ref } from 'vue';
import { clock } from '../../wording/clock.ts';
import { phaseName } from '../../wording/phases.ts';
import { useEditingStore } from '../store/editing.ts';
import { useLibraryStore } from '../../library/library.ts';
import { useSheetStore } from '../store/sheet.ts';
import { WHITEBOARD_ID } from './useSheetKeys.ts';
import NameList from './NameList.vue';
import { say } from '../say.ts';

/** One line, typed as it would be written on the board; what it would do is said as it is typed. */
const sheet = useSheetStore();
const editing = useEditingStore();
const library = useLibraryStore();
const text = ref('');
const picked = ref(-1);
/** What kept a pasted board from being entered. */
const trouble = ref('');

const names = computed(() => nameSuggestions(text.value, library.library));
const preview = computed(() => (text.value.trim() === '' ? undefined : editing.preview(text.value)));
const where = computed(() => {
  const slot = allSlots(sheet.laid.circuit).find(({ id }) => id === editing.selectedId);
  if (slot) return say.whiteboardLine.after(drillIn(slot, library.library)?.name ?? slot.drillId);
  const block = sheet.laid.circuit.blocks.find(({ id }) => id === editing.cursor.blockId);
  return block ? say.whiteboardLine.atTheEnd(phaseName(block.phase)) : say.whiteboardLine.atTheVeryEnd;
});
/** A guess says what it was read as, before it is entered. */
const readAsWords = (slot: Slot): string => (slot.guess ? `${drillIn(slot, library.library)?.name ?? ''}? ` : '');
const hint = computed(() => {
  const now = preview.value;
  if (!now) return trouble.value || say.whiteboardLine.goes(where.value);
  switch (now.read.kind) {
    case 'problem':
      if (!now.read.problem.unknown) return say.whiteboardLine.expected(now.read.problem.expected);
      if (isAsked.value) return say.whiteboardLine.didYouMean(meant.value[0]?.drill.name ?? '');
      return meant.value.length > 0 ? say.whiteboardLine.notKnownYet : say.whiteboardLine.notKnownYetEnter;
    case 'slot':
      return say.whiteboardLine.adds(readAsWords(now.read.slot), where.value, clock(now.adds));
    case 'rest':
      return say.whiteboardLine.restOfAfter(clock(now.read.rest), clock(now.adds));
    case 'rounds':
      return say.whiteboardLine.opensAPart(now.read.rounds.high);
    case 'interval': {
      const { work, rest } = now.read.interval;
      return say.whiteboardLine.everyDrillAfter(clock(work.high), clock(rest));
    }
    case 'round rest':
      return say.whiteboardLine.restOfBetweenRounds(clock(now.read.rest));
    case 'block':
      return say.whiteboardLine.opens(phaseName(now.read.phase));
    default:
      return say.whiteboardLine.changesTheHeading;
  }
});
/** What the line may become; of a line that is not known, what is nearest to it. */
const offered = computed(() => (names.value.length > 0 ? names.value : nearest.value));
const isUnknown = computed(() => preview.value?.read.kind === 'problem' && preview.value.read.problem.unknown);
const meant = computed(() => (isUnknown.value ? mayMean(text.value, library.library) : []));
const nearest = computed((): readonly NameSuggestion[] =>
  meant.value.map(({ drill }) => ({ drill, said: drill.name, matched: [] })),
);
/** The line of which it was asked whether the nearest drill is meant. */
const askedOf = ref('');
const isAsked = computed(() => askedOf.value !== '' && askedOf.value === text.value);

function enter(): void {
  const suggestion = offered.value[picked.value];
  if (suggestion !== undefined) return complete(suggestion);
  if (text.value.trim() === '') return;
  const [named] = meant.value;
  if (!named) return enterAsWritten();
  if (!isAsked.value) {
    askedOf.value = text.value;
    return;
  }
  if (editing.enterAs(text.value, named)) empty();
}

/** A line that is not known is kept as it was written, to be settled on its row. */
function enterAsWritten(): void {
  if (!editing.enter(text.value)) empty();
}

function empty(): void {
  text.value = '';
  askedOf.value = '';
  picked.value = -1;
  document.getElementById(WHITEBOARD_ID)?.focus();
}

/** Puts a name in place of what was typed of it, ready for the dose. */
function complete({ drill }: NameSuggestion): void {
  const typed = nameAsTyped(text.value);
  text.value = `${drill.name.toLowerCase()} ${text.value.trim().slice(typed.length).trim()}`;
  picked.value = -1;
  document.getElementById(WHITEBOARD_ID)?.focus();
}

function move(by: number): void {
  if (offered.value.length === 0) return;
  picked.value = Math.min(offered.value.length - 1, Math.max(-1, picked.value + by));
}

function tab(event: KeyboardEvent): void {
  const name = offered.value[Math.max(0, picked.value)];
  if (name === undefined) return;
  event.preventDefault();
  complete(name);
}

function leave(event: KeyboardEvent): void {
  if (event.target instanceof HTMLElement) event.target.blur();
}

/** Several lines pasted at once go in as they are, each in its place. */
function paste(event: ClipboardEvent): void {
  const pasted = event.clipboardData?.getData('text/plain') ?? '';
  if (!/[\r\n]/.test(pasted.trim())) return;
  event.preventDefault();
  trouble.value = editing.enterAll(pasted) ?? '';
}
</script>

<template>
  <form class="board" @submit.prevent="enter">
    <NameList v-if="offered.length" id="whiteboard-names" :names="offered" :picked="picked" @choose="complete" />
    <label class="slash" :for="WHITEBOARD_ID" aria-hidden="true">/</label>
    <input
      :id="WHITEBOARD_ID"
      v-model="text"
      type="text"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      maxlength="300"
      role="combobox"
      :aria-label="say.whiteboardLine.whiteboardLine"
      aria-controls="whiteboard-names"
      :aria-expanded="offered.length > 0"
      :aria-activedescendant="picked >= 0 ? `whiteboard-name-${picked}` : undefined"
      :placeholder="say.whiteboardLine.typeIt"
      @input="
        picked = -1;
        trouble = '';
      "
      @keydown.up.prevent="move(-1)"
      @keydown.down.prevent="move(1)"
      @keydown.tab="tab"
      @keydown.esc="leave"
      @paste="paste"
    />
    <span class="hint" role="status">{{ hint }}</span>
    <button v-if="isAsked" class="keep" type="button" @click="enterAsWritten">
      {{ say.whiteboardLine.keepAsWritten }}
    </button>
  </form>
</template>

<style scoped>
.board {
  position: absolute;
  inset: auto 1.25rem 1rem 0.75rem;
  display: flex;
  align-items: center;
  gap: 0.75rem;
  padding: 0 1.1rem;
  border-radius: 14px;
  background: rgb(var(--v-theme-surface-variant));
  color: rgb(var(--v-theme-on-surface-variant));
  box-shadow: 0 6px 18px rgb(43 30 52 / 22%);
}
.board:focus-within {
  outline: 3px solid var(--damson);
  outline-offset: 2px;
}
.slash {
  font-weight: 700;
  color: var(--spark);
}
input {
  flex: 1;
  min-width: 8rem;
  min-height: 48px;
  border: 0;
  background: none;
  font: 500 1rem var(--text);
  color: inherit;
  caret-color: var(--spark);
}
input:focus {
  outline: none;
}
input::placeholder {
  color: inherit;
  opacity: 0.72;
}
.hint {
  max-width: 55%;
  font-size: 0.875rem;
  text-align: right;
  opacity: 0.86;
}
.keep {
  flex: none;
  min-height: var(--tap);
  border: 0;
  background: none;
  color: var(--spark);
  font-size: 0.875rem;
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}
@media (max-width: 900px) {
  .board {
    position: fixed;
    inset: auto 0.5rem 0.5rem calc(76px + 0.5rem);
  }
}
@media (max-width: 700px) {
  .board {
    inset: auto 0.5rem 70px;
    flex-wrap: wrap;
    gap: 0 0.6rem;
    padding-bottom: 0.35rem;
  }
  .hint {
    flex-basis: 100%;
    max-width: none;
    text-align: left;
  }
}
</style>
