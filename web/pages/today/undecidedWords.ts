import type { Circuit, SlotTracks } from '@prompt-spark/core';
import { undecidedIn } from '@prompt-spark/core/limits/undecided';

/** Who still needs a decision, in words: people who cannot do something as planned, with no track accepted. Empty for nobody. */
export function undecidedWords(circuit: Circuit, tracks: readonly SlotTracks[]): string {
  const undecided = new Set(tracks.flatMap((slot) => undecidedIn(circuit, slot)));
  if (undecided.size === 0) return '';
  return undecided.size === 1 ? '1 person needs a swap' : `${undecided.size} people need a swap`;
}
