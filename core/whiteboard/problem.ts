/** Why a whiteboard line could not be read. Lines and columns count from 1. */
export interface Problem {
  readonly line: number;
  readonly column: number;
  /** The line as it was written, without the space around it. */
  readonly text: string;
  /** What was expected at that column, in plain words. */
  readonly expected: string;
  /** For an unknown drill, the nearest names. */
  readonly nearest: readonly string[];
}

/** Raised inside the reader at a column; always caught and turned into a Problem. */
export class Unreadable extends Error {
  constructor(
    readonly column: number,
    readonly expected: string,
    readonly nearest: readonly string[] = [],
  ) {
    super(expected);
  }
}
