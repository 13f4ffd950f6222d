<script setup lang="ts">
import type { FuseSegment } from '@prompt-spark/core/timeline/fuseSketch';
import type { Seconds } from '@prompt-spark/core/units';
import { computed, useTemplateRef } from 'vue';
import { useWidth } from '../painting/useWidth.ts';
import { clock } from '../wording/clock.ts';
import { fuseShape } from './fuseShape.ts';
import { fuseStrokes } from './fuseStrokes.ts';
import { say } from './say.ts';

/** The whole circuit as one line whose length is time: work thick, hidden time thin, the spark at now. */
const props = defineProps<{
  segments: readonly FuseSegment[];
  /** Seconds there are; drawn as a mark where they are given. */
  available?: Seconds;
  /** Where the spark is, in seconds; without it nothing burns. */
  now?: Seconds | undefined;
  labels?: boolean;
  /** Row to stress. */
  selected?: string | undefined;
  /** Seconds the whole width stands for, where two fuses are to one scale. */
  span?: Seconds;
  /** Slots that drop out. */
  cut?: ReadonlySet<string>;
  /** Seconds that are marked, as those at which something is said. */
  ticks?: readonly Seconds[];
}>();

const HEIGHT = 26;
const box = useTemplateRef<HTMLElement>('box');
const width = useWidth(box);

const total = computed(() => props.segments.at(-1)?.end ?? 0);
const span = computed(() => Math.max(total.value, props.available ?? 0, props.span ?? 0, 1));
const shape = computed(() => fuseShape({ segments: props.segments }, width.value, span.value));
const scaled = (seconds: Seconds) => (seconds * width.value) / span.value;
/** By itself, so that the fuse is drawn anew when a stretch has burnt away and not with every tick. */
const burnt = computed(() => {
  const { now } = props;
  if (now === undefined) return 0;
  const left = props.segments.findIndex(({ end }) => end > now);
  return left < 0 ? props.segments.length : left;
});
const strokes = computed(() =>
  fuseStrokes(shape.value.stretches, { burnt: burnt.value, selected: props.selected, cut: props.cut }),
);
const description = computed(() => {
  const { length } = shape.value.blocks;
  return say.timeFuse.fuse(clock(total.value), length);
});
</script>

<template>
  <div ref="box" class="fuse" role="img" :aria-label="description">
    <div v-if="labels" class="labels" aria-hidden="true">
      <span v-for="(block, index) in shape.blocks" :key="index" :style="{ left: `${block.x}px` }">{{
        block.label
      }}</span>
    </div>
    <svg :width="width" :height="HEIGHT" aria-hidden="true">
      <g :transform="`translate(0 ${HEIGHT / 2})`">
        <path
          v-for="{ key, path, effort, rest, burnt: gone, chosen, cut: out } in strokes"
          :key="key"
          :d="path"
          :style="effort === null ? undefined : { '--effort': `${effort * 10}%` }"
          :class="[effort === null ? 'thread' : 'work', { rest, burnt: gone, chosen, cut: out }]"
        />
      </g>
      <circle v-for="(knot, index) in shape.knots" :key="index" class="knot" :cx="knot.x" :cy="HEIGHT / 2" r="3.5" />
      <line v-for="tick in ticks" :key="tick" class="tick" :x1="scaled(tick)" :x2="scaled(tick)" y1="0" y2="5" />
      <line
        v-if="available"
        class="limit"
        :x1="scaled(available) - 1"
        :x2="scaled(available) - 1"
        y1="0"
        :y2="HEIGHT"
      />
      <g v-if="now !== undefined" :transform="`translate(${Math.min(scaled(now), width - 8)} ${HEIGHT / 2})`">
        <circle class="glow" r="13" />
        <circle class="spark" r="7.5" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.fuse {
  position: relative;
  min-height: 26px;
  overflow: hidden;
}
svg {
  display: block;
}
.labels {
  position: relative;
  height: 1.2rem;
  font-size: var(--size-small);
  color: var(--soft);
}
.labels span {
  position: absolute;
  white-space: nowrap;
}
.thread {
  stroke: var(--soft);
  stroke-width: 1.6;
}
.rest {
  stroke-dasharray: 1.5 4;
  stroke-linecap: round;
}
.work {
  fill: color-mix(in oklch, var(--straw), var(--rust) var(--effort));
}
.chosen {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cut {
  transform: translateY(7px) scaleY(0.55);
  transform-origin: center;
  transform-box: fill-box;
  opacity: 0.4;
  animation: drop 0.35s ease-in;
}
@keyframes drop {
  from {
    transform: none;
    opacity: 1;
  }
}
@media (prefers-reduced-motion: reduce) {
  .cut {
    animation: none;
  }
}
.burnt {
  opacity: 0.28;
}
.knot {
  fill: var(--ground);
  stroke: var(--soft);
  stroke-width: 1.6;
}
.tick {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.limit {
  stroke: var(--damson);
  stroke-width: 2;
}
.spark {
  fill: var(--spark);
}
.glow {
  fill: var(--spark);
  opacity: 0.3;
}
</style>
