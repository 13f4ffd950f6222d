import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import type { Slot } from '@prompt-spark/core/circuit/circuit';
import { canBeTakenUp, isUnlogged } from '@prompt-spark/core/session/keptRun';
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { shallowRef, watch, type ShallowRef } from 'vue';
import { useAccountStore } from '../shell/account.ts';
import { runDrawer, type KeptStage } from './runDrawer.ts';
import type { StageConductor } from './useStageRun.ts';

/** How a run is kept in this browser while it is under way. */
export interface RunKeeping {
  /** A run that was left under way, until it is taken up or begun afresh. */
  readonly left: ShallowRef<KeptStage | undefined>;
  /** What was left is not taken up. */
  drop(): void;
  /** Logged, or left on purpose: there is nothing to take up any more, nor to keep until the page is gone. */
  end(): void;
}

/** What no longer runs as it was planned: slots that were fitted, and the circuit with what was put in and left out. */
interface Course {
  readonly changed: Readonly<ShallowRef<ReadonlyMap<string, Slot>>>;
  readonly course: Readonly<ShallowRef<CircuitDraft>>;
}

/**
 * Keeps a run every second and as the page goes, and finds one that was left: one that can be taken up is asked about, one
 * that ended and was not logged shows its end again.
 */
export function useRunKeeping(
  of: { readonly circuitId: string; readonly sessionId: string | null },
  run: StageConductor,
  { changed, course }: Course,
): RunKeeping {
  const drawer = runDrawer(useAccountStore().account?.coachId ?? '', of.circuitId, of.sessionId);
  const left = shallowRef<KeptStage>();
  const before = drawer.get();
  if (before && canBeTakenUp(before, Date.now())) left.value = before;
  if (before && isUnlogged(before, Date.now())) run.showEnd(before.run, new Date(before.startedAt));

  let over = false;
  function keep(): void {
    if (over || run.state.value === 'waiting') return;
    drawer.put({
      run: run.run.value,
      startedAt: (run.startedAt.value ?? new Date()).getTime(),
      keptAt: Date.now(),
      refitted: [...changed.value],
      course: course.value,
    });
  }
  useIntervalFn(keep, 1000);
  useEventListener(window, 'pagehide', keep);
  watch(run.state, keep);
  function drop(): void {
    left.value = undefined;
    drawer.drop();
  }
  return {
    left,
    drop,
    end() {
      over = true;
      drop();
    },
  };
}
