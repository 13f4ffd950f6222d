import type { ImportProblem } from '@prompt-spark/contract/import';
import type { LibraryDrill } from '@prompt-spark/contract/drill';

/** A file to be read, with what is there already. */
export type ReadTask =
  | {
      readonly kind: 'people';
      readonly csv: string;
      /** Names of the people who are there, in small letters. */
      readonly names: readonly string[];
      /** The groups that the coach coaches: name in small letters, id. */
      readonly groups: readonly (readonly [name: string, id: string])[];
    }
  | {
      readonly kind: 'drills';
      readonly csv: string;
      /** The studio's own drills; those that ship are known. */
      readonly own: readonly LibraryDrill[];
    }
  | ({ readonly kind: 'runs'; readonly csv: string } & LogKnown);

/** What is known of a studio where its log is read: names in small letters with their ids. */
export interface LogKnown {
  readonly circuits: readonly Named[];
  readonly groups: readonly Named[];
  readonly sites: readonly Named[];
  readonly coaches: readonly Named[];
  /** Who takes the file in: theirs is a run of which no coach is said. */
  readonly coachId: string;
  /** The runs that are in the log, each by its `runKey`. */
  readonly kept: readonly string[];
}

export type Named = readonly [name: string, id: string];

/** What tells one run from another: its circuit, its coach, and the minute it began at on the wall of its place. */
export const runKey = (circuitId: string, coachId: string, began: string): string => `${circuitId} ${coachId} ${began}`;

/** What a file holds that is not there yet; one problem and nothing of it is taken in. */
export interface ReadFile<Fresh> {
  readonly fresh: readonly Fresh[];
  readonly same: number;
  readonly problems: readonly ImportProblem[];
}

/**
 * The same as it comes from the thread: in batches, each a list as JSON. A text is handed over at once, where thousands of
 * objects would hold everybody up.
 */
export interface PackedFile {
  readonly batches: readonly string[];
  readonly count: number;
  readonly same: number;
  readonly problems: readonly ImportProblem[];
}
