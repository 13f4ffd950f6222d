<script setup lang="ts">
import { kitName, type Kit } from '@prompt-spark/core/drills/kit';
import type { KitCounts } from '@prompt-spark/core/occasion/site';
import { UNCOUNTED } from '@prompt-spark/core/occasion/usualPlaces';
import type { FieldReading } from '@prompt-spark/core/whiteboard/field';
import { computed } from 'vue';
import WrittenField from '../fields/WrittenField.vue';
import { capital } from '../wording/capital.ts';
import { say } from './say.ts';

/** How many there are of each piece of kit; an empty field is enough for everybody. */
const { kit, counts } = defineProps<{ kit: readonly Kit[]; counts: KitCounts }>();
const emit = defineEmits<{ change: [counts: KitCounts] }>();

const counted = computed(() => kit.filter((item) => !UNCOUNTED.has(item)));
const MOST = 999;

/** 0 stands for an empty field. */
function read(typed: string): FieldReading<number> {
  const plain = typed.trim();
  const value = plain === '' ? 0 : Number(plain);
  if (Number.isInteger(value) && value >= 0 && value <= MOST) return { ok: true, value };
  return { ok: false, expected: say.kitCounts.expectedANumberUp(MOST) };
}
const write = (count: number): string => (count > 0 ? String(count) : '');

function set(item: Kit, count: number): void {
  const { [item]: _, ...others } = counts;
  emit('change', count > 0 ? { ...others, [item]: count } : others);
}
</script>

<template>
  <fieldset v-if="counted.length" class="counts">
    <legend>
      {{ say.kitCounts.howManyOfEach }} <span class="soft small">{{ say.kitCounts.leaveItEmptyWhere }}</span>
    </legend>
    <div class="fields">
      <WrittenField
        v-for="item in counted"
        :key="item"
        inputmode="numeric"
        :label="capital(kitName(item, 2))"
        :placeholder="say.kitCounts.enough"
        persistent-placeholder
        :read="read"
        :write="write"
        :model-value="counts[item] ?? 0"
        @update:model-value="(count) => set(item, count)"
      />
    </div>
  </fieldset>
</template>

<style scoped src="./form.css"></style>
<style scoped>
.counts {
  border: 0;
}
.counts legend {
  margin-bottom: 0.75rem;
  font-weight: 600;
}
.fields {
  grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
}
</style>
