import { slotsOf, type Circuit } from '../circuit/circuit.ts';
import { setCount } from '../circuit/sets.ts';
import { spreadOf, type Seconds } from '../units.ts';
import { entryPiece, roundRestPiece, withWait, type Turn } from './pieces.ts';
import { withItsPeople, type Occasion } from '../occasion/occasion.ts';
import { atTheStart, blockTimer, lengthOf, timeBlock, walkOf } from './blockTimes.ts';
import type { Piece, Segment, SlotTime, Timeline } from './timeline.ts';

/**
 * Lays a circuit out in time: for every slot ready → work → (switch → work) → rest, block by block and round by round.
 * Segments are at plan; the total is given at low, plan and high. There is no rest after the very last work.
 * Slots whose drill the library does not have take no time.
 *
 * @example timeCircuit(circuit, occasionOf({ library })).total.plan // seconds
 */
export function timeCircuit(circuit: Circuit, usual: Occasion): Timeline {
  const { segments, blocks } = laidInTime(circuit, withItsPeople(circuit, usual));
  const total = spreadOf((level) =>
    level === 'plan' ? (segments.at(-1)?.end ?? 0) : lengthOf(blockTimer(circuit, usual, level)(circuit.blocks)),
  );
  const byKind = sumsBy(NO_SECONDS_BY_KIND, segments, (segment) => segment.kind);
  return {
    segments,
    slots: slotTimes(circuit, segments),
    blocks,
    total,
    byPhase: sumsBy(NO_SECONDS_BY_PHASE, segments, (segment) => segment.phase),
    byKind,
    hidden: byKind.ready + byKind.switch + byKind.rest,
  };
}

const NO_SECONDS_BY_KIND = { ready: 0, work: 0, switch: 0, rest: 0 };
const NO_SECONDS_BY_PHASE = { release: 0, raise: 0, mobilise: 0, activate: 0, integrate: 0, potentiate: 0 };

function laidInTime(circuit: Circuit, occasion: Occasion): Pick<Timeline, 'segments' | 'blocks'> {
  const walk = walkOf(circuit, occasion, 'plan');
  const segments: Segment[] = [];
  let clock: Seconds = 0;
  const add = (turn: Turn, piece: Piece): void => {
    if (piece.length === 0) return;
    segments.push(segmentOf(turn, piece, setCount(turn.slot, 'plan'), clock));
    clock += piece.length;
  };
  let from = atTheStart(walk);
  const blocks = circuit.blocks.map((block) => {
    const time = timeBlock(block, from, walk, ({ turn, stance, body, wait, roundRest }) => {
      add(turn, entryPiece(turn, stance, occasion));
      for (const piece of withWait(body.pieces, wait)) add(turn, piece);
      add(turn, roundRestPiece(roundRest));
    });
    from = time.to;
    return time;
  });
  return { segments: segments.slice(0, segments.findLastIndex((segment) => segment.kind !== 'rest') + 1), blocks };
}

// Written out field by field: spreading the piece into so large a literal takes a slow path in the engine (npm run bench).
function segmentOf({ block, slot, drill, round, rounds }: Turn, piece: Piece, sets: number, start: Seconds): Segment {
  const { kind, length, set, side, restAfter, swap, waitsFor } = piece;
  return {
    kind,
    start,
    end: start + length,
    length,
    blockId: block.id,
    phase: block.phase,
    slotId: slot.id,
    drillId: drill.id,
    rung: slot.rung,
    round,
    rounds,
    set,
    sets,
    side,
    sideWord: drill.sideWord,
    posture: drill.posture,
    effort: drill.effort,
    met: drill.energy.met,
    restAfter,
    swap,
    waitsFor,
    openEnd: kind === 'work' && slot.dose.kind === 'feel',
  };
}

function slotTimes(circuit: Circuit, segments: readonly Segment[]): readonly SlotTime[] {
  const firstRounds = new Map<string, Segment[]>();
  for (const segment of segments) {
    if (segment.round > 1 || segment.restAfter === 'round') continue;
    const own = firstRounds.get(segment.slotId);
    if (own) own.push(segment);
    else firstRounds.set(segment.slotId, [segment]);
  }
  return circuit.blocks.flatMap(slotsOf).flatMap((slot) => {
    const own = firstRounds.get(slot.id);
    const first = own?.[0];
    if (!own || !first) return [];
    const sum = (of: readonly Segment[]) => of.reduce((seconds, segment) => seconds + segment.length, 0);
    const work = sum(own.filter((segment) => segment.kind === 'work'));
    return [{ slotId: slot.id, start: first.start, work, hidden: sum(own) - work }];
  });
}

function sumsBy<Key extends string>(
  zero: Readonly<Record<Key, Seconds>>,
  segments: readonly Segment[],
  keyOf: (segment: Segment) => Key,
): Readonly<Record<Key, Seconds>> {
  const sums: Record<Key, Seconds> = { ...zero };
  for (const segment of segments) sums[keyOf(segment)] += segment.length;
  return sums;
}
