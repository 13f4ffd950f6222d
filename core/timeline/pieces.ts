import type { Block, Slot } from '../circuit/circuit.ts';
import type { Floor } from '../dose/distance.ts';
import type { Dose } from '../dose/dose.ts';
import { setDoses } from '../circuit/sets.ts';
import { workStretches } from '../dose/workSeconds.ts';
import type { Drill } from '../drills/drill.ts';
import type { Level, Seconds } from '../units.ts';
import {
  isGivenByFeel,
  readySeconds,
  restSeconds,
  straightInSeconds,
  switchSeconds,
  talkBefore,
  talkLasts,
} from './change.ts';
import type { Stance } from '../occasion/stance.ts';
import type { Occasion } from '../occasion/occasion.ts';
import type { Segment, WorkSide } from './timeline.ts';

/** One going-through of a slot, in a round of its block. */
export interface Turn {
  readonly block: Block;
  readonly slot: Slot;
  readonly drill: Drill;
  readonly round: number;
  readonly rounds: number;
  /** Nothing stops: sides change in passing. */
  readonly nonstop: boolean;
  /** How people come to it: with time to get ready, straight in with no talk, or without any gap. */
  readonly entry: 'ready' | 'straight in' | 'no gap';
}

/** A stretch of a turn that takes time. */
export type Piece = Pick<Segment, 'kind' | 'length' | 'set' | 'side' | 'restAfter' | 'swap' | 'waitsFor'>;

/** Everything a turn consists of, in order, for somebody who comes to it in a stance. */
export function piecesOf(turn: Turn, stance: Stance, occasion: Occasion, level: Level, floor: Floor): readonly Piece[] {
  const { slot } = turn;
  const doses = setDoses(slot, level);
  const sets = doses.length;
  const waitsFor = entryWaitsFor(turn, stance, occasion);
  const entry = piece('ready', entrySeconds(turn, stance, occasion), 1, firstSide(slot));
  const pieces: Piece[] = [{ ...entry, waitsFor }];
  const slotRest = (restAfter: 'set' | 'slot', written: Seconds, set: number): Piece => ({
    ...restPiece(restAfter, restSeconds(written, slot.dose, occasion), set),
    waitsFor: isGivenByFeel(slot.dose) ? 'rest' : null,
  });
  doses.forEach((dose, index) => {
    const set = index + 1;
    pieces.push(...setPieces(turn, dose, set, occasion, level, floor));
    if (set < sets) pieces.push(slotRest('set', slot.setRest, set));
  });
  pieces.push(slotRest('slot', slot.rest, sets));
  return pieces;
}

function entrySeconds({ entry, drill, slot, round }: Turn, stance: Stance, occasion: Occasion): Seconds {
  if (entry === 'no gap') return 0;
  if (entry === 'straight in') return straightInSeconds(stance, drill, occasion);
  return readySeconds(stance, drill, talkBefore(slot, round > 1), occasion);
}

function entryWaitsFor({ entry, drill, slot, round }: Turn, stance: Stance, occasion: Occasion): 'move' | 'talk' {
  return entry === 'ready' && talkLasts(stance, drill, talkBefore(slot, round > 1), occasion) ? 'talk' : 'move';
}

/** One set: a side after the other, and one partner after the other where a drill is done in pairs. */
function setPieces(
  { slot, drill, nonstop }: Turn,
  dose: Dose,
  set: number,
  occasion: Occasion,
  level: Level,
  floor: Floor,
): readonly Piece[] {
  const change = switchSeconds(drill, occasion);
  const pieces: Piece[] = [];
  const partners = drill.kit.includes('partner') ? 2 : 1;
  for (let partner = 1; partner <= partners; partner += 1) {
    workStretches(dose, slot.sides, level, floor, slot.extra).forEach((length, index) => {
      const side = index === 0 ? firstSide(slot) : 'right';
      if (index > 0) pieces.push(piece('switch', nonstop ? 0 : change, set, side, 'side'));
      else if (partner > 1) pieces.push(piece('switch', change, set, side, 'partner'));
      pieces.push(piece('work', length, set, side));
    });
  }
  return pieces;
}

function piece(
  kind: 'ready' | 'work' | 'switch',
  length: Seconds,
  set: number,
  side: WorkSide,
  swap: Segment['swap'] = null,
): Piece {
  return { kind, length, set, side, restAfter: null, swap, waitsFor: null };
}

/** The rest between two rounds of a block. */
export const roundRestPiece = (written: Seconds, occasion: Occasion): Piece => ({
  ...restPiece('round', restSeconds(written, null, occasion), 1),
  waitsFor: 'rest',
});

function restPiece(restAfter: 'set' | 'slot' | 'round' | 'station', length: Seconds, set: number): Piece {
  return { kind: 'rest', length, set, side: 'both', restAfter, swap: null, waitsFor: null };
}

function firstSide(slot: Slot): WorkSide {
  return slot.sides === 'each' ? 'left' : slot.sides;
}

/** Seconds a turn takes once people are ready, its own rest left out. */
export function busySeconds(pieces: readonly Piece[]): Seconds {
  return pieces.reduce(
    (sum, { kind, restAfter, length }) => (kind === 'ready' || restAfter === 'slot' ? sum : sum + length),
    0,
  );
}

/** The pieces with a wait before the slot's rest, so that all stations of a block change at once. */
export function paddedTo(busy: Seconds, pieces: readonly Piece[]): readonly Piece[] {
  const wait = busy - busySeconds(pieces);
  if (wait <= 0) return pieces;
  return [...pieces.slice(0, -1), restPiece('station', wait, 1), ...pieces.slice(-1)];
}
