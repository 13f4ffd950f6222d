import type { Seconds } from '@prompt-spark/core/units';
import { clock } from '../wording/clock.ts';
import { say } from './say.ts';

/** How a plan stands against the time there is. */
export interface Verdict {
  readonly kind: 'over' | 'fits' | 'open';
  readonly words: string;
}

/** "0:40 over", "0:28 to spare", "on the dot"; open where no time is set. */
export function verdictOn(planned: Seconds, available: Seconds): Verdict {
  if (available === 0) return { kind: 'open', words: say.verdict.noTimeSet };
  const spare = available - planned;
  if (Math.round(spare) === 0) return { kind: 'fits', words: say.verdict.onTheDot };
  if (spare < 0) return { kind: 'over', words: say.verdict.over(clock(-spare)) };
  return { kind: 'fits', words: say.verdict.toSpare(clock(spare)) };
}
