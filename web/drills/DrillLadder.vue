<script setup lang="ts">
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { Variant } from '@prompt-spark/core/drills/drill';
import DrillFigure from '../figure/DrillFigure.vue';
import { rungName } from './drillWords.ts';
import { say } from './say.ts';

/** The ladder from gentle to strong; choosing a rung shows what it asks. */
const { drill } = defineProps<{ drill: Drill }>();
const chosen = defineModel<string>({ required: true });

function words({ changes, posture, kit }: Variant): string {
  const how = posture === drill.posture ? [] : [posture];
  const with_ = kit.filter((item) => !drill.kit.includes(item));
  return [
    changes.length ? say.drillLadder.changes(changes.join(' and ')) : say.drillLadder.drillAsNamed,
    ...how,
    ...with_,
  ].join(' · ');
}
</script>

<template>
  <div class="ladder" role="radiogroup" :aria-label="say.drillLadder.easierAndHarderVersions">
    <p v-if="drill.noGentler" class="end soft small">{{ drill.noGentler }}</p>
    <label
      v-for="variant in drill.ladder"
      :key="variant.id"
      :class="['rung', { chosen: chosen === variant.id }]"
      :style="{ '--effort': `${variant.effort * 10}%` }"
    >
      <input v-model="chosen" class="visually-hidden" type="radio" name="rung" :value="variant.id" />
      <span class="edge" aria-hidden="true" :style="{ height: `${4 + variant.effort * 1.3}px` }" />
      <DrillFigure class="figure" :drill="drill" :variant="variant" :still="chosen !== variant.id" :aspect="1.25" />
      <span class="name">{{ rungName(variant, drill.name) }}</span>
      <span class="soft small">{{ words(variant) }}</span>
      <span class="soft small">{{ say.drillLadder.effort(variant.effort) }}</span>
    </label>
    <p v-if="drill.noStronger" class="end soft small">{{ drill.noStronger }}</p>
  </div>
</template>

<style scoped>
.ladder {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}
.rung {
  flex: 1 1 10rem;
  max-width: 16rem;
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  padding: 0 0.9rem 0.7rem;
  overflow: hidden;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--card);
  cursor: pointer;
}
.rung.chosen {
  border-color: var(--damson);
  box-shadow: 0 0 0 1px var(--damson);
}
.rung:focus-within {
  outline: 3px solid var(--damson);
  outline-offset: 2px;
}
.edge {
  flex-shrink: 0;
  margin: 0 -0.9rem 0.3rem;
  background: color-mix(in oklch, var(--straw), var(--rust) var(--effort));
}
.figure {
  width: 100%;
  max-width: 11rem;
  margin: -0.2rem auto 0.2rem;
}
.name {
  font-weight: 600;
  line-height: 1.25;
}
.end {
  flex: 0 1 9rem;
  align-self: center;
}
</style>
