import type { Block, Circuit } from '../circuit/circuit.ts';
import { floorOf } from '../occasion/floor.ts';
import { withItsPeople, type Occasion } from '../occasion/occasion.ts';
import { isSameStance } from '../occasion/stance.ts';
import type { Level, Seconds } from '../units.ts';
import type { Arrival, BlockTime } from './timeline.ts';
import { entrySeconds } from './pieces.ts';
import { walkBlock, type Passage, type Walk } from './walk.ts';

/** Tells what each of some blocks takes, one after the other. */
export type BlockTimer = (blocks: readonly Block[]) => readonly BlockTime[];

/**
 * Times the blocks of a circuit with every range taken at a level, without laying them out, also after they are changed.
 * What it has gone through it remembers: a block that is the same and that people come to in the same way, and a slot.
 *
 * @param known block times of the circuit on the same occasion, at the same level
 */
export function blockTimer(
  circuit: Circuit,
  usual: Occasion,
  level: Level,
  known: readonly BlockTime[] = [],
): BlockTimer {
  const walk = walkOf(circuit, withItsPeople(circuit, usual), level);
  const before = new Map(known.map((time) => [time.block, time]));
  for (const { bodies } of known) for (const body of bodies) walk.bodies.set(body.slot, body);
  return (blocks) => {
    let from = atTheStart(walk);
    return blocks.map((block) => {
      const earlier = before.get(block);
      const time = earlier && isSameArrival(earlier.from, from) ? earlier : timeBlock(block, from, walk);
      if (!earlier) before.set(block, time);
      from = time.to;
      return time;
    });
  };
}

/** A walk through a circuit of which nothing is known yet. */
export function walkOf(circuit: Circuit, occasion: Occasion, level: Level): Walk {
  return { occasion, floor: floorOf(circuit, occasion), noGaps: circuit.noGaps, level, bodies: new Map() };
}

/** How people come to the first block. */
export const atTheStart = ({ occasion: { stance } }: Walk): Arrival => ({ stance, begun: false });

/** What a block takes, gone through as people do; every turn is shown, in order. */
export function timeBlock(block: Block, from: Arrival, walk: Walk, show?: (passage: Passage) => void): BlockTime {
  let seconds: Seconds = 0;
  let lastRest: Seconds = 0;
  const { bodies, to } = walkBlock(block, from, walk, (passage) => {
    const { turn, stance, body, wait, roundRest } = passage;
    const busy = entrySeconds(turn, stance, walk.occasion) + body.seconds - body.lastRest;
    if (busy > 0) lastRest = 0;
    const rest = body.lastRest + wait + roundRest;
    lastRest += rest;
    seconds += busy + rest;
    show?.(passage);
  });
  return { block, bodies, from, to, seconds, lastRest };
}

/** Seconds from the first piece of the first block to the last that is no rest. */
export function lengthOf(times: readonly BlockTime[]): Seconds {
  const last = times.findLastIndex(({ seconds, lastRest }) => seconds > lastRest);
  return times
    .slice(0, last + 1)
    .reduce((sum, { seconds, lastRest }, at) => sum + seconds - (at === last ? lastRest : 0), 0);
}

const isSameArrival = (one: Arrival, other: Arrival): boolean =>
  one.begun === other.begun && isSameStance(one.stance, other.stance);
