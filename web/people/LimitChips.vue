<script setup lang="ts">
import type { PersonDocument } from '@prompt-spark/contract/person';
import { stifferSides } from '@prompt-spark/core/measures/compare';
import type { Limit } from '@prompt-spark/core/people/limitation';
import { computed } from 'vue';
import { limitName } from '../wording/limitWords.ts';
import { say } from './say.ts';

/** What to mind of somebody, as chips: what, how much, where; and the stiffer side. */
const { document } = defineProps<{ document: PersonDocument }>();
const sides = computed(() => stifferSides(document));
const severity = (limit: Limit) => (limit.kind === 'known' ? limit.severity : say.limitChips.ownCeiling);
</script>

<template>
  <ul class="chips">
    <li
      v-for="(limit, index) in document.limits"
      :key="index"
      :class="['chip', limit.kind === 'known' ? limit.severity : 'own']"
    >
      {{ limitName(limit) }} <span class="how">{{ severity(limit) }}</span>
      <span v-if="limit.until" class="soft"> {{ say.limitChips.until(limit.until) }}</span>
    </li>
    <li v-for="(side, region) in sides" :key="region" class="chip stiff">
      {{ say.limitChips.stiffer(String(region), side ?? '') }}
    </li>
    <li v-if="!document.limits.length && !Object.keys(sides).length" class="soft small">
      {{ say.limitChips.noLimits }}
    </li>
  </ul>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
  list-style: none;
}
.chip {
  padding: 0.1rem 0.6rem;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
  font-size: 0.875rem;
}
.how {
  color: var(--soft);
}
.ease {
  border-color: var(--soft);
}
.avoid {
  border-color: var(--brick);
}
.avoid .how {
  font-weight: 600;
  color: var(--brick);
}
.stiff {
  border-style: dashed;
}
</style>
