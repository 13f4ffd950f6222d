import type { Circuit, Slot } from '../circuit/circuit.ts';
import { changeSlot } from '../circuit/edit.ts';
import { withDrill } from '../circuit/slot.ts';
import type { Drill } from '../drills/drill.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { momentAt, type Moment } from '../timeline/moment.ts';
import { timeCircuit } from '../timeline/timeCircuit.ts';
import type { Segment } from '../timeline/timeline.ts';
import type { Seconds } from '../units.ts';
import { oneAfterAnother } from './oneAfterAnother.ts';
import { endedAt } from './openEnds.ts';

/** Where the turn begins that a run is in: the slot, in this round, from getting ready on. */
export function startOfTurn(segments: readonly Segment[], { index, segment }: Moment): Seconds {
  const before = segments.slice(0, index).findLastIndex((one) => !isSameTurn(one, segment));
  return segments[before + 1]?.start ?? segment.start;
}

/** The segments with the drill of the moment left out from here on, in later rounds too. Rests between rounds stay. */
export function withoutDrill(segments: readonly Segment[], position: Seconds): readonly Segment[] {
  const now = momentAt(segments, position);
  if (!now) return segments;
  const { slotId } = now.segment;
  const ended = endedAt(segments, now.index, position);
  const later = ended.slice(now.index + 1).filter((one) => one.slotId !== slotId || one.restAfter === 'round');
  return oneAfterAnother([...ended.slice(0, now.index + 1), ...later]);
}

/** A run in which another drill takes the place of the one of the moment. */
export interface Swapped {
  readonly segments: readonly Segment[];
  readonly slot: Slot;
}

/**
 * The run with another drill in place of the one of the moment: it begins now, with getting ready, and is done in later
 * rounds too. What follows stays as it is laid out. Undefined where nothing is on.
 *
 * @param circuit the circuit that is run
 * @param slot the slot of the moment, as it is run
 * @param id of the new slot, which is logged by itself
 */
export function withDrillSwapped(
  { circuit, slot, id }: { readonly circuit: Circuit; readonly slot: Slot; readonly id: string },
  { drill, rungId }: { readonly drill: Drill; readonly rungId: string },
  segments: readonly Segment[],
  position: Seconds,
  occasion: Occasion,
): Swapped | undefined {
  const now = momentAt(segments, position);
  if (!now) return undefined;
  const changed = { ...withDrill(slot, drill, rungId), id, tracks: [] };
  const timed = timeCircuit(
    changeSlot(circuit, slot.id, () => changed),
    occasion,
  ).segments.filter((one) => one.slotId === id);
  const own = (round: number): readonly Segment[] => timed.filter((one) => one.round === round);
  const ended = endedAt(segments, now.index, position);
  const later = ended.slice(now.index + 1);
  const rounds = new Set([now.segment.round]);
  const rest = later.flatMap((one): readonly Segment[] => {
    if (one.slotId !== slot.id || one.restAfter === 'round') return [one];
    if (rounds.has(one.round)) return [];
    rounds.add(one.round);
    return own(one.round);
  });
  const past = ended.slice(0, now.index + 1);
  return { segments: oneAfterAnother([...past, ...own(now.segment.round), ...rest]), slot: changed };
}

const isSameTurn = (one: Segment, other: Segment): boolean => one.slotId === other.slotId && one.round === other.round;
