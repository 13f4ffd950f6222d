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
    };

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
