import type { Slot } from './circuit.ts';
import { countAt, just, type Level } from '../units.ts';
import type { Dose } from '../dose/dose.ts';
import { USUAL_REP_SECONDS } from '../dose/trade.ts';

/** The dose of every set of a slot, in order: the same each time, but for a lift, whose sets climb. */
export function setDoses({ dose, sets }: Pick<Slot, 'dose' | 'sets'>, level: Level): readonly Dose[] {
  const times = countAt(sets, level);
  const once: readonly Dose[] =
    dose.kind === 'lift'
      ? dose.steps.map(({ reps }) => ({
          kind: 'reps',
          count: just(reps),
          tempo: { kind: 'even', seconds: USUAL_REP_SECONDS },
        }))
      : [dose];
  return times === 1 ? once : Array.from({ length: times }, () => once).flat();
}

/** How many sets a slot has: a lift goes up in several each time. */
export function setCount({ dose, sets }: Pick<Slot, 'dose' | 'sets'>, level: Level): number {
  return countAt(sets, level) * (dose.kind === 'lift' ? dose.steps.length : 1);
}
