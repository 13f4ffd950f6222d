/** What two partial plans must have alike, or one better than the other, to be compared. */
export interface Standing {
  /** How people stand after the last kept slot, by number. */
  readonly last: number;
  /** How they stand after the first kept slot of the block that is open, where rounds lead back to it; −1 for none. */
  readonly first: number;
  /** Half seconds of rest after the last kept slot, which count only if something follows. */
  readonly tail: number;
  /** Targets served, of those that can still be served later, as bits. */
  readonly targets: number;
  /** Essential parts kept, of those still to come, as bits. */
  readonly parts: number;
  /** Half seconds of raising, as far as they still matter. */
  readonly raise: number;
  /** Whether anything is kept. */
  readonly some: boolean;
}

/** Partial plans of one standing that are worth keeping: none longer and worth no more than another. Shortest first. */
export interface Group extends Standing {
  readonly times: Int32Array;
  readonly values: Float64Array;
  readonly labels: Int32Array;
}

/** A decision that leaves the label as it is. */
export const NOTHING = -1;
