<script setup lang="ts" generic="Standard extends { readonly id: string; readonly name: string }">
import type { Unreadable } from '@prompt-spark/contract/page';
import { mdiPlus } from '@mdi/js';
import { useAction } from '../shell/useAction.ts';
import UnreadableNote from '../loading/UnreadableNote.vue';
import { useStandardsStore } from '../library/standards.ts';
import { say } from './say.ts';

/** Standards of one kind: those that ship, and the studio's own, which are added or copied, edited and removed. */
const { takeOut, blank } = defineProps<{
  /** What one is called: "main session". */
  kind: string;
  standards: readonly Standard[];
  unreadable: readonly Unreadable[];
  /** What ships can be copied and changed. */
  copied?: boolean;
  /** One that says nothing yet; null where none is made from nothing. */
  blank: ((id: string) => Standard) | null;
  takeOut: (id: string) => Promise<unknown>;
}>();
/** The one that is being written. */
const editing = defineModel<Standard | null>({ required: true });
defineSlots<{
  form(of: { readonly start: Standard; readonly done: () => void }): unknown;
  about(): unknown;
  row(of: { readonly one: Standard; readonly first: boolean }): unknown;
  acts?(of: { readonly one: Standard; readonly first: boolean }): unknown;
}>();
const store = useStandardsStore();
const { act } = useAction();

const isOwn = ({ id }: Standard): boolean => store.versionOf(id) !== null;
const ourWay = (one: Standard): Standard => ({ ...one, id: crypto.randomUUID(), name: `${one.name}, our way` });
function add(): void {
  if (blank) editing.value = blank(crypto.randomUUID());
}
const remove = (id: string) => act(() => takeOut(id));
</script>

<template>
  <slot v-if="editing" name="form" :start="editing" :done="() => (editing = null)" />
  <template v-else>
    <p class="soft about"><slot name="about" /></p>
    <p v-if="blank">
      <v-btn :prepend-icon="mdiPlus" variant="outlined" @click="add">{{ say.standardList.add(kind) }}</v-btn>
    </p>
    <UnreadableNote :what="say.standardList.ofYourOwn(kind)" :unreadable="unreadable" @take-out="remove" />
    <ul class="list">
      <li v-for="(one, at) in standards" :key="one.id">
        <div><slot name="row" :one="one" :first="at === 0" /></div>
        <p v-if="copied || isOwn(one)" class="acts">
          <slot name="acts" :one="one" :first="at === 0" />
          <v-btn v-if="copied" variant="text" @click="editing = ourWay(one)">{{ say.standardList.copyAndEdit }}</v-btn>
          <template v-if="isOwn(one)">
            <v-btn variant="outlined" @click="editing = one">{{ say.standardList.edit }}</v-btn>
            <v-btn variant="text" @click="remove(one.id)">{{ say.standardList.remove }}</v-btn>
          </template>
        </p>
      </li>
    </ul>
  </template>
</template>

<style scoped src="./list.css"></style>
