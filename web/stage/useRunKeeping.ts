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
  /** Logged, or left on purpose: there is nothing to take up any more. */
  drop(): void;
}

/**
 * Keeps a run every second and as the page goes, and finds one that was left: one that can be taken up is asked about, one
 * that ended and was not logged shows its end again.
 */
export function useRunKeeping(
  of: { readonly circuitId: string; readonly sessionId: string | null },
  run: StageConductor,
  changed: Readonly<ShallowRef<ReadonlyMap<string, Slot>>>,
): RunKeeping {
  const drawer = runDrawer(useAccountStore().account?.coachId ?? '', of.circuitId, of.sessionId);
  const left = shallowRef<KeptStage>();
  const before = drawer.get();
  if (before && canBeTakenUp(before, Date.now())) left.value = before;
  if (before && isUnlogged(before, Date.now())) run.showEnd(before.run, new Date(before.startedAt));

  function keep(): void {
    if (run.state.value === 'waiting') return;
    drawer.put({
      run: run.run.value,
      startedAt: (run.startedAt.value ?? new Date()).getTime(),
      keptAt: Date.now(),
      refitted: [...changed.value],
    });
  }
  useIntervalFn(keep, 1000);
  useEventListener(window, 'pagehide', keep);
  watch(run.state, keep);
  return {
    left,
    drop() {
      left.value = undefined;
      drawer.drop();
    },
  };
}
