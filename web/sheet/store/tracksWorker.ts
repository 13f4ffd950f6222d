import { tracksFor, type SlotTracks } from '@prompt-spark/core/swaps/tracksFor';
import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { Drill } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/people/person';
import { occasionOf, type Occasion } from '@prompt-spark/core/occasion/occasion';
import { expose } from 'comlink';

/** The occasion as it travels: the library is told by itself. */
export type PlainOccasion = Omit<Occasion, 'library'>;

let library = libraryOf([]);

const tracking = {
  know(drills: readonly Drill[]): void {
    library = libraryOf(drills);
  },
  tracks(
    circuit: Circuit,
    people: readonly Person[],
    occasion: PlainOccasion,
    circuitId: string,
  ): readonly SlotTracks[] {
    return tracksFor(circuit, people, occasionOf({ ...occasion, library }), circuitId);
  },
};

/** What tracks are worked out with beside the page. */
export type Tracking = typeof tracking;

expose(tracking);
