import type { Ref } from 'vue';
import { rowFor, useKeyMap } from '../keys/keyMap.ts';
import { STAGE_KEYS, type StageKey } from './stageKeys.ts';
import type { StageConductor } from './useStageRun.ts';

/** The keys of the Stage. */
export function useStageKeys(parts: {
  readonly run: StageConductor;
  readonly begin: () => void;
  readonly leave: () => void;
  readonly late: () => void;
  readonly note: () => void;
  readonly change: () => void;
  readonly demo: () => void;
  readonly help: () => void;
  readonly touched: () => void;
  /** A question is on the screen and takes the keys. */
  readonly blocked: Ref<boolean>;
}): void {
  const { run } = parts;

  function isHeard(event: KeyboardEvent): boolean {
    if (parts.blocked.value || run.state.value === 'ended') return false;
    const onButton = event.target instanceof Element && event.target.closest('button, a') !== null;
    if (onButton && (event.key === ' ' || event.key === 'Enter')) return false;
    if (rowFor(STAGE_KEYS, event) === undefined) return false;
    parts.touched();
    return true;
  }

  useKeyMap<StageKey>(
    STAGE_KEYS,
    {
      run: () => {
        if (run.state.value === 'waiting') parts.begin();
        else if (run.state.value === 'paused') run.goOn();
        else run.pause();
      },
      back: run.back,
      skip: run.skip,
      tenMore: run.tenMore,
      late: () => {
        if (run.state.value !== 'waiting') parts.late();
      },
      note: () => {
        if (run.state.value !== 'waiting') parts.note();
      },
      change: () => {
        if (run.state.value !== 'waiting') parts.change();
      },
      demo: parts.demo,
      mute: run.mute,
      fullScreen: () =>
        void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen()),
      leave: parts.leave,
      help: parts.help,
    },
    isHeard,
  );
}
