import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';

/** What one going-through of a slot took, against what was planned. */
export interface TurnRecord {
  readonly slotId: string;
  readonly drillId: string;
  /** From 1. */
  readonly round: number;
  readonly planned: Seconds;
  /** Seconds spent on it with the clock running. */
  readonly actual: Seconds;
  /** Seconds the clock stood still on it. */
  readonly paused: Seconds;
}

/** One record a slot and round, in the order of the plan, with nothing spent yet. */
export function blankRecord(segments: readonly Segment[]): readonly TurnRecord[] {
  const turns = new Map<string, TurnRecord>();
  for (const { slotId, drillId, round, length } of segments) {
    const key = `${slotId} ${round}`;
    const planned = (turns.get(key)?.planned ?? 0) + length;
    turns.set(key, { slotId, drillId, round, planned, actual: 0, paused: 0 });
  }
  return [...turns.values()];
}

/** The record of a run whose rest was changed: turns that are new are added, those that are gone stay. */
export function recordAlong(record: readonly TurnRecord[], segments: readonly Segment[]): readonly TurnRecord[] {
  const known = new Set(record.map(({ slotId, round }) => `${slotId} ${round}`));
  return [...record, ...blankRecord(segments).filter(({ slotId, round }) => !known.has(`${slotId} ${round}`))];
}

/** The record with seconds spent on a slot added, running or paused. */
export function spend(
  record: readonly TurnRecord[],
  at: Pick<Segment, 'slotId' | 'round'>,
  seconds: Seconds,
  paused: boolean,
): readonly TurnRecord[] {
  return record.map((turn) => {
    if (turn.slotId !== at.slotId || turn.round !== at.round) return turn;
    return paused ? { ...turn, paused: turn.paused + seconds } : { ...turn, actual: turn.actual + seconds };
  });
}

/**
 * The record with the time between two positions spent on whatever the segments say stood there, so that a clock that
 * was not looked at for a while still gives every slot its own.
 */
export function spendBetween(
  record: readonly TurnRecord[],
  segments: readonly Segment[],
  from: Seconds,
  to: Seconds,
): readonly TurnRecord[] {
  return segments
    .filter((segment) => segment.end > from && segment.start < to)
    .reduce(
      (so, segment) => spend(so, segment, Math.min(to, segment.end) - Math.max(from, segment.start), false),
      record,
    );
}
