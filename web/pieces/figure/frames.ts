import type { Seconds } from '@prompt-spark/core/units';

/** Called with the seconds since the page was opened, once a frame. */
export type Painter = (now: Seconds) => void;

const painters = new Set<Painter>();
let asked = 0;

/** Calls a painter every frame, all painters in one frame's callback, until the returned function is called. */
export function everyFrame(painter: Painter): () => void {
  painters.add(painter);
  if (painters.size === 1) ask();
  return () => {
    painters.delete(painter);
    if (painters.size === 0) cancelAnimationFrame(asked);
  };
}

function ask(): void {
  asked = requestAnimationFrame((now) => {
    for (const painter of painters) painter(now / 1000);
    if (painters.size > 0) ask();
  });
}
