import { slotsOf, type Block, type Slot } from '../circuit/circuit.ts';
import type { Floor } from '../dose/distance.ts';
import { drillIn } from '../drills/onRung.ts';
import type { Occasion } from '../occasion/occasion.ts';
import { stanceAfter, type Stance } from '../occasion/stance.ts';
import { countAt, type Level, type Seconds } from '../units.ts';
import type { Arrival, Body } from './timeline.ts';
import { restSeconds } from './change.ts';
import { bodyOf, type Turn } from './pieces.ts';

/** What the blocks of a circuit are gone through with. */
export interface Walk {
  readonly occasion: Occasion;
  readonly floor: Floor;
  /** The whole circuit has no gaps. */
  readonly noGaps: boolean;
  readonly level: Level;
  /** What is known of slots already, which the walk adds to: a slot that comes again is not worked out again. */
  readonly bodies: Map<Slot, Body>;
}

/** A turn as people go through it. */
export interface Passage {
  readonly turn: Turn;
  /** How they come to it. */
  readonly stance: Stance;
  readonly body: Body;
  /** How long they wait for the other stations before its rest, and rest after it because a round is over. */
  readonly wait: Seconds;
  readonly roundRest: Seconds;
}

/**
 * Goes through a block as people do, and shows every turn, in order.
 *
 * @returns the bodies of its turns, and how people come to the block after it
 */
export function walkBlock(
  block: Block,
  from: Arrival,
  walk: Walk,
  show: (passage: Passage) => void,
): { readonly bodies: readonly Body[]; readonly to: Arrival } {
  const turns = turnsOf(block, from, walk);
  const bodies = turns.map((turn) => knownBody(turn, walk));
  const longest = block.stations ? Math.max(0, ...bodies.map(({ busy }) => busy)) : 0;
  const betweenRounds = restSeconds(block.roundRest, null, walk.occasion);
  let { stance } = from;
  bodies.forEach((body, index) => {
    const turn = turns[index];
    if (!turn) return;
    const roundEnds = turn.round < turn.rounds && turns[index + 1]?.round !== turn.round;
    const wait = Math.max(0, longest - body.busy);
    show({ turn, stance, body, wait, roundRest: roundEnds ? betweenRounds : 0 });
    stance = stanceAfter(turn.drill);
  });
  return { bodies, to: { stance, begun: from.begun || turns.length > 0 } };
}

function knownBody(turn: Turn, { occasion, level, floor, bodies }: Walk): Body {
  const known = bodies.get(turn.slot);
  if (known?.nonstop === turn.nonstop) return known;
  const body = bodyOf(turn, occasion, level, floor);
  bodies.set(turn.slot, body);
  return body;
}

function turnsOf(block: Block, { begun }: Arrival, { occasion, level, noGaps }: Walk): readonly Turn[] {
  const rounds = countAt(block.rounds, level);
  const nonstop = noGaps || block.noGaps;
  const turns: Turn[] = [];
  for (let round = 1; round <= rounds; round += 1) {
    let isFirst = true;
    for (const slot of slotsOf(block)) {
      const drill = drillIn(slot, occasion.library);
      if (!drill) continue;
      const opens = round === 1 && isFirst;
      const straight = !isFirst && slot.runsOn ? 'straight in' : 'ready';
      const entry = (opens ? noGaps && begun : nonstop) ? 'no gap' : straight;
      turns.push({ block, slot, drill, round, rounds, nonstop, entry });
      isFirst = false;
    }
  }
  return turns;
}
