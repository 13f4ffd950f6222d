import { tracksFor, type Circuit } from '@prompt-spark/core';
import type { Person } from '@prompt-spark/core/limits/person';
import type { SwapSetting } from '@prompt-spark/core/limits/swap';
import { undecidedIn } from '@prompt-spark/core/limits/undecided';

/** Who still needs a decision, in words: people who cannot do something as planned, with no track accepted. Empty for nobody. */
export function undecidedWords(circuit: Circuit, people: readonly Person[], swaps: SwapSetting): string {
  const undecided = new Set(tracksFor(circuit, people, swaps).flatMap((slot) => undecidedIn(circuit, slot)));
  if (undecided.size === 0) return '';
  return undecided.size === 1 ? '1 person needs a swap' : `${undecided.size} people need a swap`;
}
