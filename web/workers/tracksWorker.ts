import { tracksFor, type Circuit, type Drill, type SlotTracks } from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/limits/person';
import type { SwapSetting } from '@prompt-spark/core/limits/swap';
import { expose } from 'comlink';

/** What swaps are looked for in, as it travels: the library is told by itself. */
export type PlainSwapSetting = Omit<SwapSetting, 'library'>;

let library = libraryOf([]);

const tracking = {
  know(drills: readonly Drill[]): void {
    library = libraryOf(drills);
  },
  tracks(circuit: Circuit, people: readonly Person[], setting: PlainSwapSetting): readonly SlotTracks[] {
    return tracksFor(circuit, people, { ...setting, library });
  },
};

/** What tracks are worked out with beside the page. */
export type Tracking = typeof tracking;

expose(tracking);
