import type { Seconds } from '../units.ts';
import type { KitHandling } from '../drills/kit.ts';

/** The seconds that changes, talk and side switches take. Every one is a setting a coach can change. */
export interface TradeTimes {
  /** Another posture of the same rank. */
  readonly sameRank: Seconds;
  /** Postures one, two and three ranks apart. */
  readonly ranksApart: readonly [Seconds, Seconds, Seconds];
  readonly takeUp: Readonly<Record<KitHandling, Seconds>>;
  readonly putDown: Readonly<Record<KitHandling, Seconds>>;
  /** A name and a nod, for a drill that everybody knows. */
  readonly talkKnown: Seconds;
  /** A demonstration, for a drill that is new to somebody present. */
  readonly talkNew: Seconds;
  /** The name alone, where a circuit says no more. */
  readonly talkNames: Seconds;
  readonly talkLaterRound: Seconds;
  /** Change of side at ranks up and half. */
  readonly switchUp: Seconds;
  /** Change of side at ranks hands and down. */
  readonly switchDown: Seconds;
  /** Multiplies posture changes where somebody needs longer to get down or up. */
  readonly slowToFloor: number;
}

/** The usual times. Common practice, no source. */
export const USUAL_TIMES: TradeTimes = {
  sameRank: 3,
  ranksApart: [4, 6, 8],
  takeUp: { carried: 5, worn: 8, placed: 0 },
  putDown: { carried: 2, worn: 3, placed: 0 },
  talkKnown: 3,
  talkNew: 10,
  talkNames: 2,
  talkLaterRound: 2,
  switchUp: 3,
  switchDown: 5,
  slowToFloor: 1.5,
};
