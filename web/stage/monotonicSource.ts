import type { Seconds } from '@prompt-spark/core/units';

/** What the source listens to. */
export interface ClockParts {
  /** The audio clock in seconds, or undefined while audio is not running. */
  readonly audioNow: () => Seconds | undefined;
  /** The browser's own monotonic clock in seconds. */
  readonly pageNow: () => Seconds;
}

/** After so long without a step, the audio clock is taken to have stopped, as when a loudspeaker is unplugged. */
const STALL_SECONDS = 0.5;

/**
 * One clock that never runs backward: the audio clock while it runs, so that sounds and seconds cannot part, and the
 * page's monotonic clock while it does not. It only ever adds up what passed, so changing between them makes no jump.
 */
export function monotonicSource({ audioNow, pageNow }: ClockParts): () => Seconds {
  let total = 0;
  let audioBefore = audioNow();
  let pageBefore = pageNow();

  return () => {
    const audio = audioNow();
    const page = pageNow();
    const byAudio = audio === undefined || audioBefore === undefined ? undefined : audio - audioBefore;
    const byPage = page - pageBefore;
    if (byAudio !== undefined && byAudio <= 0 && byPage < STALL_SECONDS) return total;
    total += Math.max(0, byAudio !== undefined && byAudio > 0 ? byAudio : byPage);
    audioBefore = audio;
    pageBefore = page;
    return total;
  };
}
