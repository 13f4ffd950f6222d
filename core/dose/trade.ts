import type { Seconds } from '../units.ts';

/** Seconds for one repetition where neither the coach nor the drill says. Common practice, no source. */
export const USUAL_REP_SECONDS: Seconds = 3;
/** Seconds to move into a held position. Common practice, no source. */
export const USUAL_HOLD_MOVE_SECONDS: Seconds = 2;
/** Rest between sets of one slot. Common practice, no source. */
export const USUAL_SET_REST_SECONDS: Seconds = 10;
