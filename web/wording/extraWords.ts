import type { Slot } from '@prompt-spark/core/circuit/circuit';
import type { Extra } from '@prompt-spark/core/dose/dose';
import { say } from './say.ts';

/** A little more for one side, in words: "begin on the left, 5 s more". */
export function extraWords({ side, more }: Extra, { dose }: Pick<Slot, 'dose'>): string {
  const timed = dose.kind === 'time' || dose.kind === 'feel';
  return say.extraWords.beginOn(side, more, timed);
}
