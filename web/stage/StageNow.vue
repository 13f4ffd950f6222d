<script setup lang="ts">
import { drillIn } from '@prompt-spark/core/drills/onRung';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { breathAt } from '@prompt-spark/core/prompts/breathing';
import type { Moment } from '@prompt-spark/core/timeline/moment';
import type { Plates } from '@prompt-spark/core/dose/lift';
import type { Seconds } from '@prompt-spark/core/units';
import { computed } from 'vue';
import DrillFigure from '../figure/DrillFigure.vue';
import { clock, countdown } from '../wording/clock.ts';
import { phaseName } from '../wording/phases.ts';
import { instructed, instructionName } from '@prompt-spark/core/swaps/swap';
import { TRACK_WORDS, trackWords } from '../wording/trackWords.ts';
import { useLibraryStore } from '../library/library.ts';
import StageBreath from './StageBreath.vue';
import { cueFor, kindWord, howWords, sideName } from './stageWords.ts';
import { say } from './say.ts';

/** What is now: the drill's figure and name, its side, one cue, and the seconds as the largest thing on the screen. */
const { planned, moment, plates } = defineProps<{
  /** The slot of the moment, as it is run. */
  planned: Slot | undefined;
  moment: Moment;
  plates: Plates | undefined;
  paused: boolean;
  position: Seconds;
  total: Seconds;
}>();
const library = useLibraryStore();
const segment = computed(() => moment.segment);
const drill = computed(() => drillIn(segment.value, library.library));
/** One drill for everybody takes the place of the planned one. */
const everybody = computed(() => planned?.tracks.find(({ track }) => track === 'everybody'));
const shown = computed(() => (everybody.value ? instructed(library.library, everybody.value) : undefined));
const figure = computed(() => shown.value?.drill ?? drill.value);
const name = computed(() => {
  if (shown.value) return instructionName(shown.value.drill, shown.value.rung);
  return drill.value?.name ?? segment.value.drillId;
});
/** What the other tracks do, by the name of the track: who is on it and why is not the screen's to say. */
const tracks = computed(() =>
  (planned?.tracks ?? [])
    .filter(({ track }) => track !== 'everybody')
    .map((one) => ({
      ...one,
      ...instructed(library.library, one),
      words: trackWords(one, segment.value.drillId, library.library),
    })),
);
const place = computed(() => {
  const { round, rounds, set, sets } = segment.value;
  const parts = [rounds > 1 ? say.stageNow.roundOf(round, rounds) : '', sets > 1 ? say.stageNow.setOf(set, sets) : ''];
  return parts.filter(Boolean).join(', ');
});
/** The figure shows what is to be done while people get ready and while they work. */
const moves = computed(() => segment.value.kind === 'work' || segment.value.kind === 'ready');
/** Thirty pictures a second are plenty for a wall, and leave a slow machine its time for the clock. */
const shownAt = computed(() => (moves.value ? Math.floor(moment.into * 30) / 30 : 0));
const breath = computed(() => breathAt(segment.value, planned, moment.into));
/** Said aloud by a screen reader once a change, not every second. */
const announced = computed(() =>
  [kindWord(segment.value, planned), name.value, sideName(segment.value)].filter(Boolean).join(', '),
);
</script>

<template>
  <header class="top">
    <p>
      <span class="phase">{{ phaseName(segment.phase) }}</span> <span class="soft">{{ place }}</span>
    </p>
    <p class="soft clock">{{ say.stageNow.positionOfTotal(clock(position), clock(total)) }}</p>
  </header>
  <section :class="['now', segment.kind, { tracked: tracks.length }]">
    <DrillFigure
      v-if="figure"
      class="figure"
      :drill="figure"
      :variant="shown?.rung ?? null"
      :dose="planned?.dose ?? null"
      :sides="planned?.sides ?? null"
      :side="segment.side === 'left' ? 'left' : 'right'"
      :at="shownAt"
      :aspect="0.95"
    />
    <div class="words">
      <p class="kind">{{ paused ? say.stageNow.paused : kindWord(segment, planned) }}</p>
      <h1>{{ name }}</h1>
      <p class="cue">{{ cueFor(segment, planned, figure) }}</p>
      <StageBreath v-if="breath" :breath="breath" />
      <div class="count">
        <span class="clock seconds" role="timer" data-test="seconds">{{
          segment.openEnd ? clock(Math.floor(moment.into)) : countdown(moment.left)
        }}</span>
        <p class="how">
          <span v-if="sideName(segment)" class="side">{{ sideName(segment) }}</span>
          <span v-for="word in howWords(segment, planned, moment.into, plates)" :key="word" class="soft rep">{{
            word
          }}</span>
        </p>
      </div>
    </div>
    <ul v-if="tracks.length" class="tracks" :aria-label="say.stageNow.tracks">
      <li v-for="one in tracks" :key="`${one.drillId} ${one.variantId}`">
        <DrillFigure
          v-if="one.drill && one.rung"
          class="track-figure"
          :drill="one.drill"
          :variant="one.rung"
          :at="shownAt"
          :aspect="1"
        />
        <span
          ><span class="soft">{{ TRACK_WORDS[one.track] }}</span> {{ one.words
          }}<template v-if="planned?.aim && one.track === 'gentler'">{{
            say.stageNow.aimFor(planned.aim.gentler)
          }}</template></span
        >
      </li>
    </ul>
    <p class="visually-hidden" role="status">{{ announced }}</p>
  </section>
</template>

<style scoped>
.top {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 1rem;
  font-size: clamp(1.05rem, 1.9vw, 2.4rem);
}
.phase {
  font-weight: 700;
}
.top .clock {
  font-weight: 500;
}
.now {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: 0 3vw;
  align-items: center;
}
.kind {
  font-size: clamp(1.2rem, 2.65vw, 3.4rem);
  justify-self: start;
  width: fit-content;
  margin-bottom: 0.35em;
  padding: 0.05em 0.5em;
  border-radius: 0.3em;
  background: var(--spark);
  color: rgb(var(--v-theme-on-spark));
  font-weight: 650;
}
h1 {
  font-size: clamp(2.1rem, 5vw, 5.4rem);
  line-height: 1.02;
}
.cue {
  margin-top: 0.35em;
  font-size: clamp(1.2rem, 2.65vw, 3.4rem);
  line-height: 1.25;
}
.count {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 0 2vw;
  margin-top: 0.1rem;
}
.how {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
  align-content: end;
  min-height: 5.5rem;
  padding-bottom: 0.4vw;
}
.figure {
  width: 100%;
  max-height: 66vh;
}
.seconds {
  min-width: 1.1em;
  font-size: clamp(7.5rem, min(24vw, 41vh), 32rem);
  font-weight: 750;
  line-height: 0.78;
  letter-spacing: -0.03em;
}
.tracked .seconds {
  font-size: clamp(6rem, min(17vw, 30vh), 26rem);
}
.tracked .figure {
  max-height: 56vh;
}
.ready .seconds,
.switch .seconds,
.rest .seconds {
  color: var(--soft);
}
.side {
  display: inline-block;
  padding: 0.15em 0.55em;
  border-radius: 0.3em;
  background: var(--ink);
  color: var(--ground);
  font-size: clamp(1.4rem, 3.7vw, 4.6rem);
  font-weight: 700;
}
.rep {
  font-size: clamp(1.2rem, 2.65vw, 3.4rem);
}
/* A phone on its side: all of it, down to what is next, in its height. */
@media (min-width: 701px) and (max-height: 600px) {
  .kind {
    margin-bottom: 0;
    font-size: 1.1rem;
  }
  h1 {
    font-size: clamp(1.5rem, 8vh, 2.6rem);
  }
  .cue {
    margin-top: 0.1em;
    font-size: 1.1rem;
  }
  .how {
    min-height: 0;
  }
  .figure {
    max-height: 46vh;
  }
  .seconds {
    font-size: 36vh;
  }
  .tracked .figure {
    max-height: 34vh;
  }
  .tracked .seconds {
    font-size: 26vh;
  }
}
/* A screen that stands upright: the figure above, the words as wide as it is. */
@media (min-width: 701px) and (orientation: portrait) {
  .now {
    grid-template-columns: minmax(0, 1fr);
    align-content: space-evenly;
  }
  .figure {
    max-height: 36vh;
    justify-self: center;
  }
  .seconds {
    font-size: 40vw;
  }
  .tracked .figure {
    max-height: 30vh;
  }
  .tracked .seconds {
    font-size: 30vw;
  }
}
@media (max-width: 700px) {
  .now {
    grid-template-columns: minmax(0, 1fr);
    align-content: center;
  }
  .figure {
    max-width: 15rem;
    max-height: 30vh;
    justify-self: center;
  }
  .how {
    min-height: 0;
  }
}
.tracks {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 3rem;
  list-style: none;
  font-size: clamp(1.15rem, 2.65vw, 3.4rem);
}
.tracks li {
  display: flex;
  align-items: center;
  gap: 0.75rem;
}
.track-figure {
  flex: none;
  width: clamp(3rem, 9vh, 7rem);
}
.tracks .soft {
  margin-right: 0.4rem;
}
</style>
