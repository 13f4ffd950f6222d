import type { Circuit, Drill, DrillLibrary, SlotTracks } from '@prompt-spark/core';
import { tracksFor } from '@prompt-spark/core';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/limits/person';
import type { SwapSetting } from '@prompt-spark/core/limits/swap';

/** A question to the worker. The drills go along only when they are others than the last time. */
export interface TracksQuestion {
  readonly number: number;
  readonly circuit: Circuit;
  readonly people: readonly Person[];
  readonly setting: Omit<SwapSetting, 'library'>;
  readonly drills: readonly Drill[] | null;
}

/** Its answer, by the number of the question. */
export interface TracksAnswer {
  readonly number: number;
  readonly tracks: readonly SlotTracks[];
}

let library: DrillLibrary = libraryOf([]);

self.onmessage = ({ data }: MessageEvent<TracksQuestion>) => {
  const { number, circuit, people, setting, drills } = data;
  if (drills) library = libraryOf(drills);
  const tracks = tracksFor(circuit, people, { ...setting, library });
  self.postMessage({ number, tracks } satisfies TracksAnswer);
};
