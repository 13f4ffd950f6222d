import type { Circuit } from '../circuit/circuit.ts';
import { wavesOf, type Floor } from '../dose/distance.ts';
import type { Occasion } from './occasion.ts';

/** How many people do a circuit: as many as it says, else as are expected; 0 where nobody knows. */
export function headcount({ people }: Pick<Circuit, 'people'>, { expected }: Pick<Occasion, 'expected'>): number {
  return people || expected;
}

/** The floor a circuit is done on: the lanes it asks for, else the site's, for the people who do it. */
export function floorOf(
  circuit: Pick<Circuit, 'people' | 'lanes'>,
  occasion: Pick<Occasion, 'site' | 'expected'>,
): Floor {
  const { lanes, laneMetres, lapMetres } = occasion.site;
  return { laneMetres, lapMetres, waves: wavesOf(headcount(circuit, occasion), circuit.lanes || lanes) };
}
