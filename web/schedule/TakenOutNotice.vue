<script setup lang="ts">
import UndoNotice from '../shell/UndoNotice.vue';
import type { TakenOut } from './useTakenOut.ts';

/** What was last taken out of the book, with the ways to put it back or to take out those that follow. */
const { taken } = defineProps<{ taken: TakenOut }>();
const notice = taken.notice;
</script>

<template>
  <UndoNotice
    v-if="notice"
    :key="notice.key"
    :words="notice.words"
    :more="notice.more"
    undo="Put it back"
    @more="taken.takeOutLater()"
    @undo="taken.putBack()"
    @close="taken.forget()"
  />
</template>
