import type { Seconds } from '@prompt-spark/core/units';

/** Called with the seconds since the page was opened, once a frame or once in a few. */
export type Painter = (now: Seconds) => void;

/** A mean gap between frames that says the page cannot keep up, and one that says it has time to spare. */
const LATE: Seconds = 0.0175;
const EASY: Seconds = 0.017;
/** At most this many frames to a picture: fifteen pictures a second still look like movement. */
const MOST_TURNS = 4;
/** How many frames are looked at before the turns are changed. */
const LOOK = 12;

const painters = new Set<Painter>();
let asked = 0;
let frame = 0;
let turns = 1;
let gaps: number[] = [];
let last: Seconds | undefined;

/**
 * Calls a painter every frame, all painters in one frame's callback, until the returned function is called. Where frames
 * come late, painters take turns, so that the page stays at its full rate however many figures are in sight.
 */
export function everyFrame(painter: Painter): () => void {
  painters.add(painter);
  if (painters.size === 1) start();
  return () => {
    painters.delete(painter);
    if (painters.size === 0) cancelAnimationFrame(asked);
  };
}

function start(): void {
  last = undefined;
  gaps = [];
  ask();
}

function ask(): void {
  asked = requestAnimationFrame((milliseconds) => {
    const now = milliseconds / 1000;
    keepPace(now);
    frame += 1;
    if (frame % turns === 0) for (const painter of painters) painter(now);
    if (painters.size > 0) ask();
  });
}

/** More turns where the median gap is late, fewer where it is easy. */
function keepPace(now: Seconds): void {
  if (last !== undefined) gaps.push(now - last);
  last = now;
  if (gaps.length < LOOK) return;
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
  if (mean > LATE) turns = Math.min(MOST_TURNS, turns + 1);
  else if (mean < EASY && settled()) turns = Math.max(1, turns - 1);
  gaps = [];
}

/** Fewer turns are tried once in a while only: otherwise they would be given and taken by turns. */
let easy = 0;
function settled(): boolean {
  easy += 1;
  if (easy < 20) return false;
  easy = 0;
  return true;
}
