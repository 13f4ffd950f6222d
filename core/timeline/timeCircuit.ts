import { slotsOf, type Block, type Circuit } from '../circuit/circuit.ts';
import { setCount } from '../circuit/sets.ts';
import { countAt, spreadOf, type Level, type Seconds } from '../units.ts';
import { stanceAfter } from '../occasion/stance.ts';
import { busySeconds, paddedTo, piecesOf, roundRestPiece, type Piece, type Turn } from './pieces.ts';
import { floorOf } from '../occasion/floor.ts';
import { withItsPeople, type Occasion } from '../occasion/occasion.ts';
import type { Segment, SlotTime, Timeline } from './timeline.ts';
import { drillIn } from '../drills/onRung.ts';

/**
 * Lays a circuit out in time: for every slot ready → work → (switch → work) → rest, block by block and round by round.
 * Segments are at plan; the total is given at low, plan and high. There is no rest after the very last work.
 * Slots whose drill the library does not have take no time.
 *
 * @example timeCircuit(circuit, occasionOf({ library })).total.plan // seconds
 */
export function timeCircuit(circuit: Circuit, usual: Occasion): Timeline {
  const occasion = withItsPeople(circuit, usual);
  const segments = segmentsAt(circuit, occasion, 'plan');
  const total = spreadOf((level) =>
    level === 'plan' ? (segments.at(-1)?.end ?? 0) : lengthAt(circuit, occasion, level),
  );
  const byKind = sumsBy(NO_SECONDS_BY_KIND, segments, (segment) => segment.kind);
  return {
    segments,
    slots: slotTimes(circuit, segments),
    total,
    byPhase: sumsBy(NO_SECONDS_BY_PHASE, segments, (segment) => segment.phase),
    byKind,
    hidden: byKind.ready + byKind.switch + byKind.rest,
  };
}

const NO_SECONDS_BY_KIND = { ready: 0, work: 0, switch: 0, rest: 0 };
const NO_SECONDS_BY_PHASE = { release: 0, raise: 0, mobilise: 0, activate: 0, integrate: 0, potentiate: 0 };

/** Goes through a circuit as people do, and shows every piece that takes time, in order. */
function walk(circuit: Circuit, occasion: Occasion, level: Level, show: (turn: Turn, piece: Piece) => void): void {
  let { stance } = occasion;
  let begun = false;
  const floor = floorOf(circuit, occasion);
  for (const block of circuit.blocks) {
    const turns = turnsOf(block, occasion, level, circuit.noGaps, begun);
    begun ||= turns.length > 0;
    const busy = (turn: Turn): Seconds => busySeconds(piecesOf(turn, stance, occasion, level, floor));
    const longest = block.stations ? Math.max(0, ...turns.map(busy)) : 0;
    turns.forEach((turn, index) => {
      const pieces = paddedTo(longest, piecesOf(turn, stance, occasion, level, floor));
      for (const piece of pieces) if (piece.length > 0) show(turn, piece);
      const roundEnds = turn.round < turn.rounds && turns[index + 1]?.round !== turn.round;
      if (roundEnds && block.roundRest > 0) show(turn, roundRestPiece(block.roundRest, occasion));
      stance = stanceAfter(turn.drill);
    });
  }
}

function segmentsAt(circuit: Circuit, occasion: Occasion, level: Level): readonly Segment[] {
  const segments: Segment[] = [];
  let clock: Seconds = 0;
  walk(circuit, occasion, level, (turn, piece) => {
    segments.push(segmentOf(turn, piece, setCount(turn.slot, level), clock));
    clock += piece.length;
  });
  return segments.slice(0, segments.findLastIndex((segment) => segment.kind !== 'rest') + 1);
}

/** The length of a circuit, without laying it out. */
function lengthAt(circuit: Circuit, occasion: Occasion, level: Level): Seconds {
  let clock: Seconds = 0;
  let lastEffort: Seconds = 0;
  walk(circuit, occasion, level, (_turn, piece) => {
    clock += piece.length;
    if (piece.kind !== 'rest') lastEffort = clock;
  });
  return lastEffort;
}

/** The turns of a block; `onward` where the whole circuit has no gaps, `begun` where something was before it. */
function turnsOf(block: Block, occasion: Occasion, level: Level, onward: boolean, begun: boolean): readonly Turn[] {
  const rounds = countAt(block.rounds, level);
  const known = slotsOf(block).flatMap((slot) => {
    const drill = drillIn(slot, occasion.library);
    return drill ? [{ slot, drill }] : [];
  });
  return Array.from({ length: rounds }, (_, index) => index + 1).flatMap((round) =>
    known.map(({ slot, drill }, at) => {
      const nonstop = onward || block.noGaps;
      const opens = round === 1 && at === 0;
      const straight = at > 0 && slot.runsOn ? 'straight in' : 'ready';
      const entry = (opens ? onward && begun : nonstop) ? 'no gap' : straight;
      return { block, slot, drill, round, rounds, nonstop, entry };
    }),
  );
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
