import type { Slot } from '@prompt-spark/core/circuit/circuit';
import type { Extra } from '@prompt-spark/core/dose/dose';

/** A little more for one side, in words: "5 s more on the left". */
export function extraWords({ side, more }: Extra, { dose }: Pick<Slot, 'dose'>): string {
  const timed = dose.kind === 'time' || dose.kind === 'feel';
  return `${String(more)}${timed ? ' s' : ''} more on the ${side}`;
}
