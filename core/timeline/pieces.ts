import { sideOrder } from '../dose/sideOrder.ts';
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
import type { Body, Piece, Segment, WorkSide } from './timeline.ts';

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

/** The body of a turn on an occasion and a floor, with every range at a level. */
export function bodyOf(turn: Turn, occasion: Occasion, level: Level, floor: Floor): Body {
  const { slot, nonstop } = turn;
  const doses = setDoses(slot, level);
  const pieces: Piece[] = [];
  const slotRest = (restAfter: 'set' | 'slot', written: Seconds, set: number): Piece => ({
    ...restPiece(restAfter, restSeconds(written, slot.dose, occasion), set),
    waitsFor: isGivenByFeel(slot.dose) ? 'rest' : null,
  });
  doses.forEach((dose, index) => {
    const set = index + 1;
    pieces.push(...setPieces(turn, dose, set, occasion, level, floor));
    if (set < doses.length) pieces.push(slotRest('set', slot.setRest, set));
  });
  pieces.push(slotRest('slot', slot.rest, doses.length));
  let seconds: Seconds = 0;
  let lastRest: Seconds = 0;
  for (const { kind, length } of pieces) {
    seconds += length;
    if (kind === 'rest') lastRest += length;
    else if (length > 0) lastRest = 0;
  }
  return { slot, pieces, seconds, busy: seconds - (pieces.at(-1)?.length ?? 0), lastRest, nonstop };
}

/** Getting ready for a turn, for somebody who comes to it in a stance. */
export function entryPiece(turn: Turn, stance: Stance, occasion: Occasion): Piece {
  const entry = piece('ready', entrySeconds(turn, stance, occasion), 1, firstSide(turn));
  return { ...entry, waitsFor: entryWaitsFor(turn, stance, occasion) };
}

/** Seconds of getting ready for a turn, for somebody who comes to it in a stance. */
export function entrySeconds({ entry, drill, slot, round }: Turn, stance: Stance, occasion: Occasion): Seconds {
  if (entry === 'no gap') return 0;
  if (entry === 'straight in') return straightInSeconds(stance, drill, occasion);
  return readySeconds(stance, drill, talkBefore(slot, round > 1), occasion);
}

function entryWaitsFor({ entry, drill, slot, round }: Turn, stance: Stance, occasion: Occasion): 'move' | 'talk' {
  return entry === 'ready' && talkLasts(stance, drill, talkBefore(slot, round > 1), occasion) ? 'talk' : 'move';
}

/** One set: a side after the other, and one partner after the other where a drill is done in pairs. */
function setPieces(
  turn: Turn,
  dose: Dose,
  set: number,
  occasion: Occasion,
  level: Level,
  floor: Floor,
): readonly Piece[] {
  const { drill, nonstop } = turn;
  const change = switchSeconds(drill, occasion);
  const pieces: Piece[] = [];
  const partners = drill.kit.includes('partner') ? 2 : 1;
  for (let partner = 1; partner <= partners; partner += 1) {
    stretchesInTurn(turn, dose, level, floor).forEach(([side, length], index) => {
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

/** Rest between two rounds of a block. */
export const roundRestPiece = (length: Seconds): Piece => ({ ...restPiece('round', length, 1), waitsFor: 'rest' });

/** The pieces with a wait before the slot's own rest, so that all stations of a block change at once. */
export function withWait(pieces: readonly Piece[], wait: Seconds): readonly Piece[] {
  return wait > 0 ? [...pieces.slice(0, -1), restPiece('station', wait, 1), ...pieces.slice(-1)] : pieces;
}

function restPiece(restAfter: 'set' | 'slot' | 'round' | 'station', length: Seconds, set: number): Piece {
  return { kind: 'rest', length, set, side: 'both', restAfter, swap: null, waitsFor: null };
}

function firstSide({ slot, drill }: Turn): WorkSide {
  return slot.sides === 'each' ? sideOrder(slot.extra, drill.sideWord)[0] : slot.sides;
}

/** The work of one set, side after side. */
function stretchesInTurn(
  turn: Turn,
  dose: Dose,
  level: Level,
  floor: Floor,
): readonly (readonly [WorkSide, Seconds])[] {
  const { slot, drill } = turn;
  const [first = 0, second] = workStretches(dose, slot.sides, level, floor, slot.extra);
  if (second === undefined) return [[firstSide(turn), first]];
  const took = { left: first, right: second };
  return sideOrder(slot.extra, drill.sideWord).map((side) => [side, took[side]] as const);
}
