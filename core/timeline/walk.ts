import { slotsOf, type Block } from '../circuit/circuit.ts';
import type { Floor } from '../dose/distance.ts';
import { drillIn } from '../drills/onRung.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { stanceAfter, type Stance } from '../occasion/stance.ts';
import { countAt, type Level, type Seconds } from '../units.ts';
import { busySeconds, paddedTo, piecesOf, roundRestPiece, type Piece, type Turn } from './pieces.ts';

/** How people come to a block. */
export interface Arrival {
  readonly stance: Stance;
  /** Something was done before it. */
  readonly begun: boolean;
}

/** What the blocks of a circuit are gone through with. */
export interface Walk {
  readonly occasion: Occasion;
  readonly floor: Floor;
  /** The whole circuit has no gaps. */
  readonly noGaps: boolean;
  readonly level: Level;
}

/**
 * Goes through a block as people do, and shows every piece that takes time, in order.
 *
 * @returns how people come to the block after it
 */
export function walkBlock(block: Block, from: Arrival, walk: Walk, show: (turn: Turn, piece: Piece) => void): Arrival {
  const { occasion, level, floor } = walk;
  const turns = turnsOf(block, from, walk);
  const longest = block.stations ? longestOf(turns, from.stance, walk) : 0;
  let { stance } = from;
  turns.forEach((turn, index) => {
    const pieces = paddedTo(longest, piecesOf(turn, stance, occasion, level, floor));
    for (const piece of pieces) if (piece.length > 0) show(turn, piece);
    const roundEnds = turn.round < turn.rounds && turns[index + 1]?.round !== turn.round;
    if (roundEnds && block.roundRest > 0) show(turn, roundRestPiece(block.roundRest, occasion));
    stance = stanceAfter(turn.drill);
  });
  return { stance, begun: from.begun || turns.length > 0 };
}

/** Seconds of the longest turn at a station, at which all change. */
function longestOf(turns: readonly Turn[], stance: Stance, { occasion, level, floor }: Walk): Seconds {
  return Math.max(0, ...turns.map((turn) => busySeconds(piecesOf(turn, stance, occasion, level, floor))));
}

function turnsOf(block: Block, { begun }: Arrival, { occasion, level, noGaps }: Walk): readonly Turn[] {
  const rounds = countAt(block.rounds, level);
  const known = slotsOf(block).flatMap((slot) => {
    const drill = drillIn(slot, occasion.library);
    return drill ? [{ slot, drill }] : [];
  });
  return Array.from({ length: rounds }, (_, index) => index + 1).flatMap((round) =>
    known.map(({ slot, drill }, at) => {
      const nonstop = noGaps || block.noGaps;
      const opens = round === 1 && at === 0;
      const straight = at > 0 && slot.runsOn ? 'straight in' : 'ready';
      const entry = (opens ? noGaps && begun : nonstop) ? 'no gap' : straight;
      return { block, slot, drill, round, rounds, nonstop, entry };
    }),
  );
}
