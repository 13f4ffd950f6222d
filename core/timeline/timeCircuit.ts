import { slotsOf, type Block, type Circuit, type Slot } from '../circuit/circuit.ts';
import { workStretches } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import { countAt, spreadOf, type Level, type Seconds } from '../units.ts';
import { AT_THE_START, readySeconds, stanceAfter, switchSeconds, type Stance } from './change.ts';
import type { Floor } from '../dose/distance.ts';
import { floorOf, peopledSetting, type Setting } from './setting.ts';
import type { Segment, SlotTime, Timeline, WorkSide } from './timeline.ts';

/**
 * Lays a circuit out in time: for every slot ready → work → (switch → work) → rest, block by block and round by round.
 * Segments are at plan; the total is given at low, plan and high. There is no rest after the very last work.
 * Slots whose drill the library does not have take no time.
 *
 * @example timeCircuit(circuit, usualSetting(library)).total.plan // seconds
 */
export function timeCircuit(circuit: Circuit, usual: Setting): Timeline {
  const setting = peopledSetting(circuit, usual);
  const segments = segmentsAt(circuit, setting, 'plan');
  const total = spreadOf((level) =>
    level === 'plan' ? (segments.at(-1)?.end ?? 0) : lengthAt(circuit, setting, level),
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

/** One going-through of a slot, in a round of its block. */
interface Turn {
  readonly block: Block;
  readonly slot: Slot;
  readonly drill: Drill;
  readonly round: number;
  readonly rounds: number;
}

type Piece = Pick<Segment, 'kind' | 'length' | 'set' | 'side' | 'restAfter'>;

/** Goes through a circuit as people do, and shows every piece that takes time, in order. */
function walk(circuit: Circuit, setting: Setting, level: Level, show: (turn: Turn, piece: Piece) => void): void {
  let stance: Stance = AT_THE_START;
  const floor = floorOf(circuit, setting);
  for (const block of circuit.blocks) {
    const turns = turnsOf(block, setting, level);
    turns.forEach((turn, index) => {
      for (const piece of piecesOf(turn, stance, setting, level, floor)) if (piece.length > 0) show(turn, piece);
      const roundEnds = turn.round < turn.rounds && turns[index + 1]?.round !== turn.round;
      if (roundEnds && block.roundRest > 0) show(turn, restPiece('round', block.roundRest, 1));
      stance = stanceAfter(turn.drill);
    });
  }
}

function segmentsAt(circuit: Circuit, setting: Setting, level: Level): readonly Segment[] {
  const segments: Segment[] = [];
  let clock: Seconds = 0;
  walk(circuit, setting, level, (turn, piece) => {
    segments.push(segmentOf(turn, piece, countAt(turn.slot.sets, level), clock));
    clock += piece.length;
  });
  return segments.slice(0, segments.findLastIndex((segment) => segment.kind !== 'rest') + 1);
}

/** The length of a circuit, without laying it out. */
function lengthAt(circuit: Circuit, setting: Setting, level: Level): Seconds {
  let clock: Seconds = 0;
  let lastEffort: Seconds = 0;
  walk(circuit, setting, level, (_turn, piece) => {
    clock += piece.length;
    if (piece.kind !== 'rest') lastEffort = clock;
  });
  return lastEffort;
}

function turnsOf(block: Block, setting: Setting, level: Level): readonly Turn[] {
  const rounds = countAt(block.rounds, level);
  const known = slotsOf(block).flatMap((slot) => {
    const drill = setting.library.byId.get(slot.drillId);
    return drill ? [{ slot, drill }] : [];
  });
  return Array.from({ length: rounds }, (_, index) => index + 1).flatMap((round) =>
    known.map(({ slot, drill }) => ({ block, slot, drill, round, rounds })),
  );
}

function piecesOf(turn: Turn, stance: Stance, setting: Setting, level: Level, floor: Floor): readonly Piece[] {
  const { slot, drill } = turn;
  const sets = countAt(slot.sets, level);
  const change = switchSeconds(drill.posture, setting.times);
  const pieces: Piece[] = [
    {
      kind: 'ready',
      length: readySeconds(stance, drill, turn.round > 1, setting),
      set: 1,
      side: firstSide(slot),
      restAfter: null,
    },
  ];
  for (let set = 1; set <= sets; set += 1) {
    workStretches(slot.dose, slot.sides, level, floor, slot.extra).forEach((length, index) => {
      const side = index === 0 ? firstSide(slot) : 'right';
      if (index > 0) pieces.push({ kind: 'switch', length: change, set, side, restAfter: null });
      pieces.push({ kind: 'work', length, set, side, restAfter: null });
    });
    if (set < sets) pieces.push(restPiece('set', slot.setRest, set));
  }
  pieces.push(restPiece('slot', slot.rest, sets));
  return pieces;
}

function firstSide(slot: Slot): WorkSide {
  return slot.sides === 'each' ? 'left' : slot.sides;
}

function restPiece(restAfter: 'set' | 'slot' | 'round', length: Seconds, set: number): Piece {
  return { kind: 'rest', length, set, side: 'both', restAfter };
}

// Written out field by field: spreading the piece into so large a literal takes a slow path in the engine (npm run bench).
function segmentOf({ block, slot, drill, round, rounds }: Turn, piece: Piece, sets: number, start: Seconds): Segment {
  const { kind, length, set, side, restAfter } = piece;
  return {
    kind,
    start,
    end: start + length,
    length,
    blockId: block.id,
    phase: block.phase,
    slotId: slot.id,
    drillId: drill.id,
    round,
    rounds,
    set,
    sets,
    side,
    sideWord: drill.sideWord,
    posture: drill.posture,
    restAfter,
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
