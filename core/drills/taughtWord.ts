/** Letters of a word that a studio is taught. */
export const MOST_SAID = 80;

/** A word of a studio's own for a drill, or for a rung of it. */
export interface TaughtWord {
  /** As a coach says it. */
  readonly said: string;
  readonly drillId: string;
  /** The id of the rung that it means; empty for the drill as named. */
  readonly rung: string;
}
