import type { Seconds } from '../units.ts';
import type { Circuit, Line } from './circuit.ts';

/** What a copy of a circuit is to be. */
export interface CopyWish {
  readonly title: string;
  /** Seconds there are; 0 where not said. */
  readonly available: Seconds;
  /** Whether it is for the same people: then who does what else, and how many come, is taken along. */
  readonly samePeople: boolean;
}

/** A circuit once more, under a title and a time of its own. When it was held and its short versions stay behind. */
export function copied(circuit: Circuit, { title, available, samePeople }: CopyWish): Circuit {
  const copy = { ...circuit, title, available, clock: null, versions: [] };
  if (samePeople) return copy;
  const forOthers = (line: Line): Line => (line.kind === 'slot' ? { ...line, tracks: [] } : line);
  return {
    ...copy,
    people: 0,
    somebodyNew: false,
    slowToFloor: false,
    namesOnly: false,
    blocks: circuit.blocks.map((block) => ({ ...block, lines: block.lines.map(forOthers) })),
  };
}
