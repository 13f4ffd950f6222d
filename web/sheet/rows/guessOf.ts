import type { Slot } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { Named } from '@prompt-spark/core/reading/nameIndex';
import { mayMean } from '@prompt-spark/core/reading/understand';

/** How many others a row offers beside the drill that was guessed. */
const MOST_OTHERS = 2;

/** What a row's drill was guessed to be, and what else it may mean, the nearest first. */
export interface RowGuess {
  readonly guessed: Named | undefined;
  readonly others: readonly Named[];
}

/** What a row that was guessed at may mean. */
export function guessOf({ guess, drillId, rung }: Slot, library: DrillLibrary): RowGuess {
  const drill = library.byId.get(drillId);
  const others = mayMean(guess, library, MOST_OTHERS + 2)
    .filter((other) => other.drill.id !== drillId || other.rungId !== rung)
    .slice(0, MOST_OTHERS);
  return { guessed: drill && { drill, rungId: rung }, others };
}
