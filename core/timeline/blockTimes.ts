import type { Block, Circuit } from '../circuit/circuit.ts';
import { floorOf } from '../occasion/floor.ts';
import { withItsPeople, type Occasion } from '../occasion/occasion.ts';
import type { Level, Seconds } from '../units.ts';
import { walkBlock, type Arrival } from './walk.ts';

/** What a block takes where it stands. */
export interface BlockTime {
  readonly block: Block;
  /** How people come to it, and to the block after it. */
  readonly from: Arrival;
  readonly to: Arrival;
  readonly seconds: Seconds;
  /** The rest that it ends with: nobody takes it at the very end. */
  readonly lastRest: Seconds;
}

/**
 * What each block of a circuit takes with every range taken at a level, without laying it out.
 *
 * @param known block times of the same circuit before a change, on the same occasion and floor, at the same level: a block
 * that is the same and that people come to in the same way is not gone through again
 */
export function blockTimes(
  circuit: Circuit,
  usual: Occasion,
  level: Level,
  known: readonly BlockTime[] = [],
): readonly BlockTime[] {
  const occasion = withItsPeople(circuit, usual);
  const walk = { occasion, floor: floorOf(circuit, occasion), noGaps: circuit.noGaps, level };
  const before = new Map(known.map((time) => [time.block, time]));
  let from: Arrival = { stance: occasion.stance, begun: false };
  return circuit.blocks.map((block) => {
    const earlier = before.get(block);
    const time = earlier && isSameArrival(earlier.from, from) ? earlier : gone(block, from);
    from = time.to;
    return time;
  });

  function gone(block: Block, arrival: Arrival): BlockTime {
    let seconds: Seconds = 0;
    let lastRest: Seconds = 0;
    const to = walkBlock(block, arrival, walk, (_turn, { kind, length }) => {
      seconds += length;
      lastRest = kind === 'rest' ? lastRest + length : 0;
    });
    return { block, from: arrival, to, seconds, lastRest };
  }
}

/** Seconds from the first piece of the first block to the last that is no rest. */
export function lengthOf(times: readonly BlockTime[]): Seconds {
  const last = times.findLastIndex(({ seconds, lastRest }) => seconds > lastRest);
  return times
    .slice(0, last + 1)
    .reduce((sum, { seconds, lastRest }, at) => sum + seconds - (at === last ? lastRest : 0), 0);
}

const isSameArrival = (one: Arrival, other: Arrival): boolean =>
  one.begun === other.begun && one.stance.posture === other.stance.posture && one.stance.kit === other.stance.kit;
