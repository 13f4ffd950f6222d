<script setup lang="ts">
import type { Prompt } from '@prompt-spark/core/prompts/prompt';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';

/** What is being said, for those who do not hear it. */
const { prompts, position } = defineProps<{ prompts: readonly Prompt[]; position: Seconds }>();
/** A caption stays long enough to be read. */
const LEAST: Seconds = 2;
const said = computed(() =>
  prompts.findLast(({ at, length }) => at <= position && position < at + Math.max(LEAST, length)),
);
</script>

<template>
  <p class="caption" aria-hidden="true" data-test="caption">{{ said?.text ?? '' }}</p>
</template>

<style scoped>
.caption {
  min-height: 1.4em;
  color: var(--soft);
  font-size: clamp(1.05rem, 1.9vw, 2.4rem);
  line-height: 1.4;
}
</style>
