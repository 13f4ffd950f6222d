import type { Seconds } from '@prompt-spark/core/units';

/** What the source listens to. */
export interface ClockParts {
  /** The audio clock in seconds, or undefined while audio is not running. */
  readonly audioNow: () => Seconds | undefined;
  /** The browser's own monotonic clock in seconds. */
  readonly pageNow: () => Seconds;
}

/** How far the audio clock may fall behind the page's before what it lost is made up. */
export const SLIP_SECONDS: Seconds = 0.25;

/**
 * One clock that never runs backward: the audio clock while it runs, so that sounds and seconds cannot part, and the
 * page's monotonic clock while it does not. It only ever adds up what passed, so changing between them makes no jump.
 *
 * An audio clock counts the sound it has made, not time: a loudspeaker unplugged, or a machine too busy to make sound
 * in time, and it stands. A class that must end at 18:15 cannot wait for it, so what it lost is made up by the page's.
 */
export function monotonicSource({ audioNow, pageNow }: ClockParts): () => Seconds {
  let total = 0;
  let audioBefore = audioNow();
  let pageBefore = pageNow();
  const began = pageBefore;

  return () => {
    const audio = audioNow();
    const page = pageNow();
    const passed = audio === undefined || audioBefore === undefined ? page - pageBefore : audio - audioBefore;
    total += Math.max(0, passed);
    if (page - began - total > SLIP_SECONDS) total = page - began;
    audioBefore = audio;
    pageBefore = page;
    return total;
  };
}
