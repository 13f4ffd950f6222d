import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { SlotTracks } from '@prompt-spark/core/swaps/tracksFor';
import { stillToDecide } from '@prompt-spark/core/swaps/stillToDecide';
import { say } from './say.ts';

/** Who still needs a decision, in words: people who cannot do something as planned, with no track accepted. Empty for nobody. */
export function toDecideWords(circuit: Circuit, tracks: readonly SlotTracks[]): string {
  const toDecide = new Set(tracks.flatMap((slot) => stillToDecide(circuit, slot)));
  if (toDecide.size === 0) return '';
  return toDecide.size === 1 ? say.toDecideWords.one : say.toDecideWords.several(toDecide.size);
}
