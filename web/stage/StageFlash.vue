<script setup lang="ts">
import { soundsOf } from '@prompt-spark/core/prompts/sounds';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';

/** While the sound is off, the edge of the screen lights up where a tone would be: once a second at most. */
const { segments, position } = defineProps<{ segments: readonly Segment[]; position: Seconds }>();
const LASTS: Seconds = 0.35;
const sounds = computed(() => soundsOf(segments));
const now = computed(() => sounds.value.findLast(({ at }) => at <= position && position < at + LASTS)?.kind);
</script>

<template>
  <div :class="['flash', now]" aria-hidden="true" data-test="flash" />
</template>

<style scoped>
.flash {
  position: fixed;
  inset: 0;
  z-index: 2;
  pointer-events: none;
  border: clamp(8px, 1.6vw, 24px) solid transparent;
}
.count {
  border-color: var(--soft);
}
.go,
.end {
  border-color: var(--spark);
}
.switch,
.rest {
  border-color: var(--ink);
}
</style>
