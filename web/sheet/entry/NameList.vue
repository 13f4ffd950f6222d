<script setup lang="ts">
import type { NameSuggestion } from '@prompt-spark/core/reading/nameSuggestions';
import DrillFigure from '../../figure/DrillFigure.vue';
import { say } from '../say.ts';

/** Drills that the line being typed may become: each with its figure, and the name that was matched with what was typed of it. */
const { names, picked } = defineProps<{ id: string; names: readonly NameSuggestion[]; picked: number }>();
const emit = defineEmits<{ choose: [name: NameSuggestion] }>();

interface Piece {
  readonly text: string;
  readonly typed: boolean;
}

function piecesOf({ said, matched }: NameSuggestion): readonly Piece[] {
  const pieces: Piece[] = [];
  let from = 0;
  for (const [start, end] of matched) {
    pieces.push({ text: said.slice(from, start), typed: false }, { text: said.slice(start, end), typed: true });
    from = end;
  }
  return [...pieces, { text: said.slice(from), typed: false }].filter(({ text }) => text !== '');
}
</script>

<template>
  <ul :id="id" class="names" role="listbox" :aria-label="say.nameList.drillNames">
    <li
      v-for="(name, index) in names"
      :id="`${id}-${index}`"
      :key="name.drill.id"
      role="option"
      :aria-selected="index === picked"
      :class="{ picked: index === picked }"
      @mousedown.prevent="emit('choose', name)"
    >
      <DrillFigure class="figure" :drill="name.drill" still />
      <span class="said">
        <component :is="piece.typed ? 'b' : 'span'" v-for="(piece, at) in piecesOf(name)" :key="at">{{
          piece.text
        }}</component>
        <span v-if="name.said !== name.drill.name" class="soft"> · {{ name.drill.name }}</span>
      </span>
      <kbd v-if="index === Math.max(0, picked)" aria-hidden="true">{{ say.nameList.tab }}</kbd>
    </li>
  </ul>
</template>

<style scoped>
.names {
  position: absolute;
  left: 0.75rem;
  bottom: calc(100% + 0.4rem);
  max-width: calc(100% - 1.5rem);
  padding: 0.3rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
  color: var(--ink);
  list-style: none;
  box-shadow: 0 6px 18px rgb(43 30 52 / 18%);
}
li {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 42px;
  padding: 0.2rem 0.8rem 0.2rem 0.5rem;
  border-radius: 8px;
  cursor: pointer;
}
li.picked,
li:hover {
  background: var(--ground);
}
.figure {
  flex: 0 0 38px;
}
.said {
  flex: 1;
  white-space: pre-wrap;
}
b {
  font-weight: 700;
  color: var(--damson);
}
</style>
