import type { SpokenClip } from '@prompt-spark/contract/voice';
import { CLIPS } from './onDevice.ts';

/** Lines that are kept, some eighty megabytes; the oldest go first. */
const MOST_CLIPS = 800;
/** To count them takes longer than to keep one: it is done once in so many. */
const COUNTED_AFTER = 40;

/** How a line is spoken, and what it says. */
export interface ClipKey {
  readonly voice: string;
  readonly speed: number;
  readonly pitch: number;
  readonly text: string;
}

const addressOf = ({ voice, speed, pitch, text }: ClipKey): string =>
  `/clips/${encodeURIComponent(JSON.stringify([voice, speed, pitch, text]))}`;

let kept = 0;

/** A line that this device has kept; undefined where it has not, or keeps nothing. */
export async function keptClip(key: ClipKey): Promise<SpokenClip | undefined> {
  if (!('caches' in globalThis)) return undefined;
  try {
    const answer = await (await caches.open(CLIPS)).match(addressOf(key));
    return answer && ((await answer.json()) as SpokenClip);
  } catch {
    return undefined;
  }
}

/** Keeps a line on this device. One that finds no room is fetched again. */
export async function keepClip(key: ClipKey, clip: SpokenClip): Promise<void> {
  if (!('caches' in globalThis)) return;
  try {
    const clips = await caches.open(CLIPS);
    await clips.put(addressOf(key), new Response(JSON.stringify(clip)));
    kept += 1;
    if (kept % COUNTED_AFTER !== 0) return;
    const all = await clips.keys();
    await Promise.all(all.slice(0, Math.max(0, all.length - MOST_CLIPS)).map((one) => clips.delete(one)));
  } catch {
    // A full device costs a network, not the voice.
  }
}
