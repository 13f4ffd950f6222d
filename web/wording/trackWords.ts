import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { TrackDrill } from '@prompt-spark/core/circuit/circuit';
import { instructed, instructionName } from '@prompt-spark/core/swaps/swap';
import { say } from './say.ts';

/** What a track is called on a screen. */
export const TRACK_WORDS = {
  gentler: say.trackWords.gentler,
  other: say.trackWords.or,
  stronger: say.trackWords.instead,
  everybody: say.trackWords.everybody,
} as const;

/** What a track does, in a few words: the rung alone where it is of the same drill. */
export function trackWords(track: TrackDrill, drillId: string, library: DrillLibrary): string {
  const found = instructed(library, track);
  if (!found) return track.drillId;
  return found.drill.id === drillId && found.rung.rung !== 0
    ? found.rung.name
    : instructionName(found.drill, found.rung);
}
