/** Why a whiteboard line could not be read. Lines and columns count from 1. */
export interface Problem {
  readonly line: number;
  readonly column: number;
  /** The line as it was written, without the space around it. */
  readonly text: string;
  /** What was expected at that column, in plain words. */
  readonly expected: string;
  /** Whether the line names a drill that nobody knows; else it is known what it is, and something in it is wrong. */
  readonly unknown: boolean;
  /** For an unknown drill, the nearest names. */
  readonly nearest: readonly string[];
}

/** Raised inside the reader at a column; always caught and turned into a Problem. */
export class Unreadable extends Error {
  constructor(
    readonly column: number,
    readonly expected: string,
    /** Looked for only where the line is not understood in another way either: a long library takes a while to go through. */
    readonly nearest: () => readonly string[] = () => [],
    readonly unknown = false,
  ) {
    super(expected);
  }
}
