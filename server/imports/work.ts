import type { ImportProblem } from '@prompt-spark/contract/import';
import type { LibraryDrill } from '@prompt-spark/contract/drill';
import type { Drill } from '@prompt-spark/core/drills/drill';
import type { NewPerson } from '../store/addPeople.ts';

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

/** What comes of a task. */
export type ReadOf<Kind extends ReadTask['kind']> = ReadFile<Kind extends 'people' ? NewPerson : Drill>;
