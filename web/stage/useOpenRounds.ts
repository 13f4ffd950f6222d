import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import {
  openRoundAt,
  withOneMoreRound,
  withoutMoreRounds,
  type OpenRound,
} from '@prompt-spark/core/session/openRounds';
import type { Segment } from '@prompt-spark/core/timeline/timeline';
import { computed, ref, watch } from 'vue';
import type { StageConductor } from './useStageRun.ts';

/** Asks whether there is one more round where the plan leaves it open. The run waits where the next one would begin. */
export function useOpenRounds(run: StageConductor, circuit: () => Circuit) {
  const answered = ref<ReadonlySet<string>>(new Set());
  const keyOf = ({ blockId, round }: OpenRound): string => `${blockId} ${String(round)}`;
  const asked = computed(() => {
    const open = openRoundAt(run.segments.value, circuit(), run.position.value);
    return open && !answered.value.has(keyOf(open)) ? open : undefined;
  });

  let waits = false;
  watch(run.position, (position) => {
    const open = asked.value;
    if (!open || position < open.waitsAt || run.state.value !== 'running') return;
    waits = true;
    run.pause();
  });

  function answer(open: OpenRound, segments: readonly Segment[]): void {
    answered.value = new Set([...answered.value, keyOf(open)]);
    if (segments !== run.segments.value) run.goOnWith(segments);
    if (waits) run.goOn();
    waits = false;
  }

  return {
    asked,
    oneMore: (open: OpenRound) => answer(open, withOneMoreRound(run.segments.value, open)),
    enough: (open: OpenRound) => answer(open, withoutMoreRounds(run.segments.value, open, run.position.value)),
  };
}
