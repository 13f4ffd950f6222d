import type { Seconds } from '../units.ts';
import type { TurnRecord } from './runRecord.ts';

/** One going-through of a slot in two runs; null where a run did not have it. */
export interface ComparedTurn<Turn extends TurnRecord> {
  /** As the later run had it, else as the earlier had it. */
  readonly turn: Turn;
  readonly before: Seconds | null;
  readonly after: Seconds | null;
}

/** Two runs side by side: what the later one had, in its order, and then what only the earlier one had. */
export function comparedTurns<Turn extends TurnRecord>(
  earlier: readonly Turn[],
  later: readonly Turn[],
): readonly ComparedTurn<Turn>[] {
  const key = ({ slotId, round, drillId }: Turn): string => JSON.stringify([slotId, round, drillId]);
  const known = new Map(earlier.map((turn) => [key(turn), turn]));
  const had = later.map((turn): ComparedTurn<Turn> => {
    const before = known.get(key(turn));
    known.delete(key(turn));
    return { turn, before: before?.actual ?? null, after: turn.actual };
  });
  const gone = [...known.values()].map((turn): ComparedTurn<Turn> => ({ turn, before: turn.actual, after: null }));
  return [...had, ...gone];
}
