import type { TurnRecord } from './runRecord.ts';

/**
 * Two records of one class as one: every going-through of a slot once, as the screen had it that ran it for longer. What only
 * the later one has comes after the rest.
 */
export function joinedTurns<Turn extends TurnRecord>(
  earlier: readonly Turn[],
  later: readonly Turn[],
): readonly Turn[] {
  const key = ({ slotId, round }: Turn): string => JSON.stringify([slotId, round]);
  const known = new Map(later.map((turn) => [key(turn), turn]));
  const first = earlier.map((turn) => {
    const other = known.get(key(turn));
    known.delete(key(turn));
    return other && other.actual > turn.actual ? other : turn;
  });
  return [...first, ...known.values()];
}
