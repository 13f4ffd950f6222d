<script setup lang="ts">
import type { Extra } from '@prompt-spark/core/dose/dose';
import { just, type Range } from '@prompt-spark/core/units';
import TextAmount from '../../fields/TextAmount.vue';
import { say } from '../say.ts';

/** More on one side, the stiffer or weaker. */
const { extra } = defineProps<{ extra: Extra | null }>();
const emit = defineEmits<{ change: [extra: Extra | null] }>();

const SIDES = [
  { value: null, title: say.sideExtra.even },
  { value: 'left', title: say.sideExtra.moreLeft },
  { value: 'right', title: say.sideExtra.moreRight },
] as const;

function setSide(side: Extra['side'] | null): void {
  emit('change', side && { side, more: extra?.more ?? 2 });
}

function setMore({ high }: Range): void {
  if (extra) emit('change', { ...extra, more: high });
}
</script>

<template>
  <v-select
    :label="say.sideExtra.leftAndRight"
    :items="SIDES"
    :model-value="extra?.side ?? null"
    @update:model-value="setSide"
  />
  <TextAmount
    v-if="extra"
    :label="say.sideExtra.howManyMore"
    unit="count"
    single
    :model-value="just(extra.more)"
    @update:model-value="setMore"
  />
</template>
