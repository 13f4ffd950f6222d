import { useEventListener } from '@vueuse/core';
import type { Ref } from 'vue';
import type { StageRun } from '../../stage/useStageRun.ts';

/** The keys of the Stage: space, ← →, +, l, m, f, Esc. */
export function useStageKeys(parts: {
  readonly run: StageRun;
  readonly begin: () => void;
  readonly leave: () => void;
  readonly late: () => void;
  readonly touched: () => void;
  /** A question is on the screen and takes the keys. */
  readonly blocked: Ref<boolean>;
}): void {
  const { run } = parts;

  function act(key: string): (() => void) | undefined {
    switch (key) {
      case ' ':
        if (run.state.value === 'waiting') return parts.begin;
        return run.state.value === 'paused' ? run.goOn : run.pause;
      case 'ArrowLeft':
        return run.back;
      case 'ArrowRight':
        return run.skip;
      case '+':
      case '=':
        return run.tenMore;
      case 'l':
        return run.state.value === 'waiting' ? undefined : parts.late;
      case 'm':
        return run.mute;
      case 'f':
        return () =>
          void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen());
      case 'Escape':
        return parts.leave;
      default:
        return undefined;
    }
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (parts.blocked.value || run.state.value === 'ended' || event.ctrlKey || event.metaKey || event.altKey) return;
    const onButton = event.target instanceof Element && event.target.closest('button, a') !== null;
    if (onButton && (event.key === ' ' || event.key === 'Enter')) return;
    parts.touched();
    const doIt = act(event.key);
    if (!doIt) return;
    event.preventDefault();
    doIt();
  });
}
